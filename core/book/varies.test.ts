import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { chanceOf, splitOf, type Found } from './varies.ts'

/** By trying every order there is. */
function tried(ones: number, others: number, off: number): number {
  let [hit, all] = [0, 0]
  const n = ones + others
  for (let bits = 0; bits < 1 << n; bits++) {
    const row = Array.from({ length: n }, (_, i) => (bits >> i) & 1)
    if (row.filter(Boolean).length !== ones) continue
    all += 1
    const best = Math.min(
      ...Array.from({ length: n + 1 }, (_, at) => {
        const left = row.slice(0, at).filter(Boolean).length
        return Math.min(at - left + (ones - left), left + (n - at - (ones - left)))
      }),
    )
    if (best <= off) hit += 1
  }
  return hit / all
}
const machines = (seed: number, n: number, value: (serial: number, made: number) => string): Found[] => {
  const d = dice(seed)
  return Array.from({ length: n }, (_, i) => {
    const serial = d.int(1000, 9000)
    const made = 2012 + Math.floor((serial - 1000) / 800)
    return { job: String(i), serial: `22-${serial}`, made, value: value(serial, made) }
  })
}

describe('what varies, and by what', () => {
  it.each([
    [3, 3, 0],
    [4, 2, 0],
    [5, 4, 1],
    [6, 5, 2],
    [1, 7, 0],
  ])('chance parts %i and %i with %i off as often as every order tried says', (ones, others, off) => {
    expect(chanceOf(ones, others, off)).toBeCloseTo(tried(ones, others, off), 10)
  })
  it('a change of the series is found, with the serial from which on it is so, one misread plate aside', () => {
    const found = machines(3, 14, serial => (serial < 5000 ? '3' : '4'))
    const split = splitOf(found)!
    expect(split).toMatchObject({ before: '3', after: '4', off: 0 })
    const misread = found.map((f, i) => (i === 2 ? { ...f, value: f.value === '3' ? '4' : '3' } : f))
    expect(splitOf(misread)).toMatchObject({ before: '3', after: '4', off: 1 })
  })
  it('serials are set in order as numbers', () => {
    const found = ['9', '10', '11', '98', '99', '100', '101', '112'].map((serial, i) => ({
      job: serial,
      serial,
      made: undefined,
      value: i < 5 ? 'a' : 'b',
    }))
    expect(splitOf(found)).toMatchObject({ by: 'serial', from: '100', before: 'a', after: 'b' })
  })
  it('nothing is said of few machines, of one value, or of years that are all the same', () => {
    expect(splitOf(machines(1, 4, s => (s < 5000 ? '3' : '4')))).toBeNull()
    expect(splitOf(machines(1, 12, () => '3'))).toBeNull()
  })
  it('over 600 shops: found where it is so in 90 of 100, and said of what chance did in 7 of 100 at most', () => {
    let [found, said] = [0, 0]
    for (let seed = 0; seed < 300; seed++) {
      const d = dice(seed + 5000)
      const from = d.int(3500, 6500)
      if (splitOf(machines(seed, 14, s => (s < from ? '3' : '4')))) found += 1
      if (splitOf(machines(seed, 14, () => d.pick(['3', '3', '4'])))) said += 1
    }
    expect(found / 300).toBeGreaterThan(0.9)
    expect(said / 300).toBeLessThan(0.07)
  })
})
