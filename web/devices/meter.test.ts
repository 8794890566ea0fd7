import { readTyped } from '@dialytica/core/readings'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { displayed, readIn, simulatedMeter } from './meter.ts'

describe('a line of a meter', () => {
  it.each([
    ['+2.710E+1', '27.10 ohm'],
    ['4.70E+3', '4700 ohm'],
    ['+9.9E+37', 'OL'],
    ['27.1 ohm', '27.1 ohm'],
    ['O.L', 'OL'],
    ['ready', null],
  ])('%j', (line, said) => expect(readIn(line, 'ohm')).toBe(said))
})

describe('what a meter of 3½ digits shows', () => {
  it.each([
    [27.13, 'Ω', '27.1 Ω'],
    [4712, 'Ω', '4710 Ω'],
    [Infinity, 'Ω', 'OL'],
    [15.84, 'µF', '15.84 µF'],
    [24, 'mm', '24.00 mm'],
  ])('%d %s', (value, unit, shown) => expect(displayed(value, unit)).toBe(shown))
})

describe('the simulated meter', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())
  it('shows what it is held to with noise and leads, as it can be typed, but for a probe that slips', async () => {
    const seen: string[] = []
    const leave = await simulatedMeter(() => 27.1, 'Ω').read(
      s => seen.push(s),
      () => undefined,
    )
    vi.advanceTimersByTime(2500)
    leave()
    vi.advanceTimersByTime(1000)
    expect(seen).toHaveLength(10)
    expect(seen.filter(s => s === 'OL')).toHaveLength(2)
    for (const said of seen.filter(s => s !== 'OL')) {
      const read = readTyped(said, 'resistance')
      expect('value' in read && Math.abs(read.value - 27.3)).toBeLessThan(0.3)
    }
  })
})
