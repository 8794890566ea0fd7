import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { diameterOf, estimated, learnt } from './mass.ts'
import { weigh, type Lot } from './weigh.ts'

describe('the mass of a fastener', () => {
  it('is worked out near what tables of standard parts say of common ones', () => {
    // About: hexagon screws M6 × 20 and M8 × 30, a pan head tapping screw 4.2 × 13, a nut M6.
    const near = (grams: number, real: number) => expect(Math.abs(grams / real - 1)).toBeLessThan(0.35)
    near(estimated({ thread: 'M6', length: 20, head: 'hex' })!.grams, 7.1)
    near(estimated({ thread: '4.2', length: 13, head: 'pan' })!.grams, 1.6)
    near(estimated({ thread: 'M8', length: 30, head: 'hex' })!.grams, 18)
    near(estimated({ thread: 'M6', head: 'nut' })!.grams, 2.5)
  })
  it('is not known where thread or length is not', () => {
    expect(estimated({ size: 'T20' })).toBeNull()
    expect(estimated({ length: 12 })).toBeNull()
    expect(estimated({ size: 'T20', length: 12 })!.grams).toBeGreaterThan(1)
  })
  it('reads threads of both sides of the ocean', () => {
    expect([diameterOf('M6'), diameterOf('4.2'), diameterOf('1/4'), diameterOf('M8x1.25')]).toEqual([6, 4.2, 6.35, 8])
    expect(diameterOf('#8')).toBeCloseTo(4.17, 2)
    expect(diameterOf('wood')).toBeUndefined()
  })
})

/** A tray of so many lots whose pieces were weighed in, by a scale with an error in grams. */
function tray(seed: number, cells: number, scale: number) {
  const d = dice(seed)
  const lots: (Lot & { real: number })[] = Array.from({ length: cells }, (_, i) => {
    const real = 0.8 + d.int(0, 2400) / 100
    const count = d.int(1, 8)
    const noise = ((d.int(0, 200) - 100) / 100) * scale
    return { id: `lot ${i}`, count, real, piece: learnt(count * real + noise, count, scale) }
  })
  return { d, lots }
}

describe('what a tray holds, by its mass', () => {
  it('says that it is as it should be, and names the one piece that is missing', () => {
    const lots: Lot[] = [
      { id: 'long', count: 4, piece: { grams: 12, error: 0.05 } },
      { id: 'short', count: 6, piece: { grams: 3, error: 0.02 } },
    ]
    expect(weigh(lots, 66.02, 0.1)).toMatchObject({ verdict: 'as it should be' })
    const short = weigh(lots, 63.1, 0.1)
    expect(short.verdict).toBe('one tells')
    expect(short.combinations[0]!.pieces).toEqual([{ lot: 'short', by: -1 }])
    expect(weigh(lots, 78, 0.1).combinations[0]!.pieces).toEqual([{ lot: 'long', by: 1 }])
  })
  it('finds two that were swapped: one too many of the one, one missing of the other', () => {
    const lots: Lot[] = [
      { id: 'long', count: 4, piece: { grams: 12.3, error: 0.02 } },
      { id: 'short', count: 6, piece: { grams: 3.1, error: 0.02 } },
    ]
    const found = weigh(lots, 4 * 12.3 + 6 * 3.1 - 12.3 + 3.1, 0.1).combinations[0]!
    expect(new Map(found.pieces.map(p => [p.lot, p.by]))).toEqual(
      new Map([
        ['long', -1],
        ['short', 1],
      ]),
    )
  })
  it('cannot tell two lots of one mass apart, and says so; nothing fits what no four pieces explain', () => {
    const alike: Lot[] = ['a', 'b'].map(id => ({ id, count: 3, piece: { grams: 5, error: 0.02 } }))
    const told = weigh(alike, 25, 0.1)
    expect(told.verdict).toBe('cannot tell')
    expect(
      told.combinations
        .slice(0, 2)
        .map(c => c.pieces[0]!.lot)
        .sort(),
    ).toEqual(['a', 'b'])
    expect(weigh(alike, 2, 0.1).verdict).toBe('nothing fits')
  })
  it('over 1,000 trays: the true combination comes first in 90 of 100 where the scale can tell, and is never far where it cannot', () => {
    let [tellable, first, claimed, wrong] = [0, 0, 0, 0]
    for (let seed = 1; seed <= 1000; seed++) {
      const { d, lots } = tray(seed, d6(seed), 0.05)
      const lot = lots[d.int(0, lots.length - 1)]!
      const gone = Math.min(lot.count, d.hit(0.8) ? 1 : 2)
      const real = lots.reduce((sum, l) => sum + l.count * l.real, 0) - gone * lot.real
      const expected = lots.reduce((sum, l) => sum + l.count * l.real, 0)
      const { verdict, combinations } = weigh(lots, real + ((d.int(0, 200) - 100) / 100) * 0.05, 0.05, 4, expected)
      const isTrue = (c: (typeof combinations)[number]) =>
        c.pieces.length === 1 && c.pieces[0]!.lot === lot.id && c.pieces[0]!.by === -gone
      // The scale can tell where no other lot comes as near with as few pieces.
      const near = lots.filter(l => l !== lot && Math.abs(gone * lot.real - gone * l.real) < 0.35).length
      if (near === 0) {
        tellable += 1
        if (combinations[0] && isTrue(combinations[0])) first += 1
      }
      if (verdict === 'one tells') {
        claimed += 1
        if (!isTrue(combinations[0]!)) wrong += 1
      }
    }
    expect(tellable).toBeGreaterThan(300)
    expect(first / tellable).toBeGreaterThanOrEqual(0.9)
    expect(wrong / claimed).toBeLessThan(0.1)
  })
  it('agrees with trying all combinations', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ grams: fc.integer({ min: 10, max: 300 }), count: fc.integer({ min: 0, max: 3 }) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.integer({ min: -600, max: 600 }),
        (raw, shift) => {
          const lots: Lot[] = raw.map((l, i) => ({
            id: String(i),
            count: l.count,
            piece: { grams: l.grams / 10, error: 0.01 },
          }))
          const should = lots.reduce((s, l) => s + l.count * l.piece.grams, 0)
          const found = weigh(lots, should + shift / 10, 0.1, 3)
          const all: number[][] = [[]]
          for (const l of lots)
            all.push(
              ...all.splice(0).flatMap(c => [-3, -2, -1, 0, 1, 2, 3].filter(n => -n <= l.count).map(n => [...c, n])),
            )
          const fits = all.filter(c => {
            const used = c.reduce((s, n) => s + Math.abs(n), 0)
            const mass = c.reduce((s, n, i) => s + n * lots[i]!.piece.grams, 0)
            const sigma = Math.sqrt(found.error ** 2 + c.reduce((s, n) => s + (n * 0.01) ** 2, 0))
            return used <= 3 && Math.abs(shift / 10 - mass) <= 3 * sigma - 1e-9
          })
          const keyOf = (by: readonly number[]) => by.join()
          const keys = found.combinations.map(c => keyOf(lots.map(l => c.pieces.find(p => p.lot === l.id)?.by ?? 0)))
          if (keys.length < 12) for (const c of fits) expect(keys).toContain(keyOf(c))
          if (fits.length > 0) expect(found.verdict).not.toBe('nothing fits')
          else expect(found.combinations.every(c => Math.abs(c.off) <= 3 * (found.error + 0.2))).toBe(true)
        },
      ),
      { numRuns: 200 },
    )
  })
})
/** Between 6 and 20 cells. */
const d6 = (seed: number): number => 6 + (seed % 15)
