import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { survivesTo, washers, yearsLeft } from './life.ts'
import { conditions, worthOf, type Condition, type Inputs } from './worth.ts'

const usual: Inputs = {
  parts: 60,
  minutes: 60,
  rate: 60,
  right: 0.9,
  another: 0.1,
  anotherCosts: 100,
  age: 6,
  condition: 'usual',
  fresh: 600,
  days: 0,
  dayCosts: 0,
}
const inputs: fc.Arbitrary<Inputs> = fc.record({
  parts: fc.integer({ min: 0, max: 400 }),
  minutes: fc.integer({ min: 5, max: 400 }),
  rate: fc.integer({ min: 10, max: 150 }),
  right: fc.double({ min: 0.1, max: 1, noNaN: true }),
  another: fc.double({ min: 0, max: 0.8, noNaN: true }),
  anotherCosts: fc.integer({ min: 0, max: 300 }),
  age: fc.integer({ min: 0, max: 25 }),
  condition: fc.constantFrom(...(Object.keys(conditions) as Condition[])),
  fresh: fc.integer({ min: 100, max: 2500 }),
  days: fc.integer({ min: 0, max: 30 }),
  dayCosts: fc.integer({ min: 0, max: 10 }),
})

describe('years that a machine serves on', () => {
  it('of a new one are the mean of the curve: scale times gamma of 1 + 1/shape', () => {
    // Gamma(1 + 1/2.2) = 0.8856 (Abramowitz and Stegun, table 6.1)
    expect(yearsLeft(0, washers)).toBeCloseTo(13.8 * 0.8856, 1)
  })
  it('half are given up by about twelve years, 63 % by the scale', () => {
    expect(survivesTo(13.8, washers)).toBeCloseTo(Math.exp(-1), 9)
    expect(survivesTo(11.68, washers)).toBeCloseTo(0.5, 2)
  })
  it('fall with age and never below nought', () => {
    for (let age = 0; age < 30; age++) {
      expect(yearsLeft(age + 1, washers)).toBeLessThan(yearsLeft(age, washers))
      expect(yearsLeft(age, washers)).toBeGreaterThan(0)
    }
  })
})

describe('worth it', () => {
  it('by hand: a pump for 60 and an hour at 60 in a machine of six years', () => {
    const { repair, replace, says } = worthOf(usual)
    // (60 + 60) × (2 - 0.9) + 0.1 × 100 = 142
    expect(repair.cost.mid).toBeCloseTo(142, 6)
    expect(repair.years).toBeCloseTo(yearsLeft(6, washers) * 0.95, 6)
    expect(replace.aYear.mid).toBeCloseTo(600 / yearsLeft(0, washers), 6)
    expect(says).toBe('repair')
  })
  it('a spider and bearings in a rusty machine of fourteen years are not', () => {
    expect(worthOf({ ...usual, parts: 260, minutes: 240, age: 14, condition: 'rusty' }).says).toBe('replace')
  })
  it('at the break-even both cost the same a year; dearer parts never make the repair better, a dearer new one never worse', () =>
    fc.assert(
      fc.property(inputs, i => {
        const w = worthOf(i)
        expect(w.breakEven / w.repair.years).toBeCloseTo(w.replace.aYear.mid, 6)
        expect(w.repair.cost.mid <= w.breakEven).toBe(w.repair.aYear.mid <= w.replace.aYear.mid + 1e-9)
        expect(worthOf({ ...i, parts: i.parts + 50 }).repair.aYear.mid).toBeGreaterThan(w.repair.aYear.mid)
        expect(worthOf({ ...i, fresh: i.fresh + 50 }).breakEven).toBeGreaterThan(w.breakEven)
        expect(worthOf({ ...i, right: Math.min(1, i.right + 0.05) }).repair.aYear.mid).toBeLessThanOrEqual(
          w.repair.aYear.mid,
        )
        expect(w.repair.aYear.low).toBeLessThanOrEqual(w.repair.aYear.mid)
        expect(w.repair.aYear.mid).toBeLessThanOrEqual(w.repair.aYear.high)
      }),
    ))
  it('what turns the answer does turn it: on both sides of it the other way is cheaper', () =>
    fc.assert(
      fc.property(inputs, i => {
        for (const { input, at } of worthOf(i).turns) {
          const gap = (value: number) => {
            const w = worthOf({ ...i, [input]: value })
            return w.repair.aYear.mid - w.replace.aYear.mid
          }
          expect(Math.abs(gap(at))).toBeLessThan(Math.max(0.05, 1e-3 * Math.abs(gap(at * 2 + 1))))
        }
      }),
    ))
})
