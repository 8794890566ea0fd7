import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { serialScale, shownIn, simulatedScale, type Shown } from './scale.ts'
import { hasSerial } from './instrument.ts'

describe('a line of a scale', () => {
  it.each([
    ['ST,GS,+  12.34 g', { grams: 12.34, still: true }],
    ['US,GS,+  12.4 g', { grams: 12.4, still: false }],
    ['  0,012 kg', { grams: 12, still: true }],
    ['-0.3g', { grams: -0.3, still: true }],
    ['hello', null],
  ])('%j', (line, shown) => expect(shownIn(line)).toEqual(shown))
})

describe('the simulated scale', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())
  it('comes to rest near what lies on it, and ends when it is left', async () => {
    const seen: Shown[] = []
    const leave = await simulatedScale(() => 12.4).read(
      s => seen.push(s),
      () => undefined,
    )
    vi.advanceTimersByTime(1500)
    expect(seen.at(-1)!.still).toBe(true)
    expect(Math.abs(seen.at(-1)!.grams - 12.4)).toBeLessThan(0.2)
    leave()
    const n = seen.length
    vi.advanceTimersByTime(1000)
    expect(seen).toHaveLength(n)
  })
})

describe('a scale on a cable', () => {
  afterEach(() => void vi.unstubAllGlobals())
  it('is read line by line, whatever pieces they come in; and says when it goes away', async () => {
    let push!: ReadableStreamDefaultController<Uint8Array>
    const readable = new ReadableStream<Uint8Array>({ start: c => void (push = c) })
    const port = { open: vi.fn(() => Promise.resolve()), close: vi.fn(() => Promise.resolve()), readable }
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.resolve(port) } })
    expect(hasSerial()).toBe(true)
    const seen: number[] = []
    const wrong = vi.fn()
    await serialScale.read(s => seen.push(s.grams), wrong)
    const say = (text: string) => push.enqueue(new TextEncoder().encode(text))
    say('ST,GS,+ 1')
    say('2.5 g\r\nST,GS,+ 13.0 g\r\nnoise\r\n')
    await vi.waitFor(() => expect(seen).toEqual([12.5, 13]))
    push.error(new Error('unplugged'))
    await vi.waitFor(() => expect(wrong).toHaveBeenCalledWith(expect.stringContaining('plug it in again')))
  })
})
