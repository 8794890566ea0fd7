import { describe, expect, it } from 'vitest'
import { pictureOf } from './picture.ts'
import { quantities } from './quantities.ts'
import type { Readings } from './quantity.ts'

const typed = (dimension: 'resistance' | 'length', value: number, step: number) => ({ dimension, value, step })
const within = (p: NonNullable<ReturnType<typeof pictureOf>>) => {
  for (const { x, y } of p.seen) {
    expect(x).toBeGreaterThanOrEqual(0)
    expect(x).toBeLessThanOrEqual(p.width)
    expect(y).toBeGreaterThanOrEqual(0)
    expect(y).toBeLessThanOrEqual(p.height)
  }
}

describe('pictures of readings', () => {
  const sensor = { r25: 4700, beta: 3950, percent: 5, celsius: 25 }
  it('a sensor is drawn on its curve where its verdict is good, and off it where it is bad', () => {
    for (const ohms of [4700, 8000]) {
      const read: Readings = { across: typed('resistance', ohms, 10) }
      const p = pictureOf('sensor', sensor, read)!
      within(p)
      const [seen] = p.seen
      // The line of the curve at 25 °C: its sixth point of steps of five.
      const at = p.line.split(/[ML]/)[6]!.split(',').map(Number)
      expect(seen!.x).toBeCloseTo(at[0]!, 1)
      const off = Math.abs(seen!.y - at[1]!)
      if (quantities.sensor.judge(sensor, read).says === 'good') expect(off).toBeLessThan(2)
      else expect(off).toBeGreaterThan(8)
    }
  })
  it('without its sheet a sensor has no curve', () =>
    expect(pictureOf('sensor', {}, { across: typed('resistance', 4700, 10) })).toBeNull())
  it('brushes: the wear of so far meets the limit after the years that are left', () => {
    const p = pictureOf('brushes', { limit: 10, fresh: 40, years: 6 }, { one: typed('length', 22, 0.5) })!
    within(p)
    // (22 - 10) / ((40 - 22) / 6) = 4 years
    expect(p.words).toContain('about 4.0 years left')
  })
  it('the finger test: a fall between what a finger makes lies in the fan', () => {
    const p = pictureOf(
      'finger',
      { celsius: 20 },
      {
        cold: typed('resistance', 5900, 10),
        'warmed for a minute': typed('resistance', 4100, 10),
      },
    )!
    within(p)
    const [, least, most] = p.band.match(/L[\d.]+ ([\d.]+)V([\d.]+)/)!.map(Number)
    expect(p.seen[1]!.y).toBeGreaterThan(least!)
    expect(p.seen[1]!.y).toBeLessThan(most!)
  })
  it('what needs no picture has none', () => expect(pictureOf('coil', {}, {})).toBeNull())
})
