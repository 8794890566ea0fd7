import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { describe as inWords } from '../moves/move.ts'
import { bookFrom, off, screws, told } from '../test/told-machine.ts'
import { madeTruth, toldAnew } from '../test/told-anew.ts'
import { beside, type Beside } from './beside.ts'
import type { Book } from './book.ts'

const outside = (drive: string) => [
  screws('outside', 'top panel', 2, drive, 2),
  off('outside', 'top panel', 1, ['top']),
]
const eight = bookFrom([
  told('eight', 'front-loader', [
    ...outside('T20'),
    screws('top', 'front counterweight', 3, 'T40', 4),
    off('top', 'front counterweight', 3),
    screws('base', 'drain pump', 2, 'T20', 2),
    off('base', 'drain pump', 3),
    off('tub', 'drive belt', 2),
  ]),
])
// Of the same maker, a bigger drum: another driver, a bolt more, a second pump, no belt, the pump before the weight.
const nine = bookFrom([
  told('nine', 'front-loader', [
    ...outside('PH2'),
    screws('base', 'drain pump', 2, 'T20', 2),
    off('base', 'drain pump', 3),
    off('base', 'circulation pump', 3),
    screws('top', 'front counterweight', 4, 'T40', 5),
    off('top', 'front counterweight', 3),
  ]),
])
const rows = beside(eight, 'front-loader', nine, 'front-loader')
const says = ({ here, there }: Beside) => inWords((here ?? there)!.move)
const row = (words: string, kind: string) =>
  rows.find(r => says(r).toLowerCase().includes(words) && (r.here ?? r.there)!.move.kind === kind)!

describe('a sister model beside a model', () => {
  it('has what both have on one row, and what only one has on a row of its own', () => {
    expect(rows.filter(r => !r.there).map(says)).toEqual(['Take off the drive belt.'])
    expect(rows.filter(r => !r.here).map(says)).toEqual(['Take off the circulation pump.'])
    expect(rows.filter(r => r.here && r.there)).toHaveLength(6)
  })
  it('says in which fields an act is another there', () => {
    expect(row('top panel', 'remove-fasteners').differs).toContainEqual({ field: 'size', here: 'T20', there: 'PH2' })
    expect(row('front counterweight', 'remove-fasteners').differs).toEqual([{ field: 'count', here: '3', there: '4' }])
    expect(row('drain pump', 'remove-fasteners').differs).toEqual([])
  })
  it('says what comes in another order there: as few acts as can be', () => {
    const moved = rows.filter(r => r.moved).map(says)
    expect(moved).toHaveLength(2)
    expect(new Set(moved.map(m => /pump|weight/.exec(m)?.[0])).size).toBe(1)
  })
  it('stands in the order of the one, with what only the other has after what it follows there', () => {
    expect(rows.flatMap(r => r.here?.id ?? [])).toEqual(eight.steps.flatMap(s => s.acts.map(a => a.id)))
    const at = rows.findIndex(r => !r.here)
    expect(says(rows[at - 1]!)).toBe('Take off the drain pump.')
  })
  it('has nothing to say of an empty book beside an empty one', () => {
    const none = bookFrom([])
    expect(beside(none, 'front-loader', none, 'front-loader')).toEqual([])
    expect(beside(none, 'front-loader', nine, 'front-loader').every(r => r.there && !r.here)).toBe(true)
  })
  it('loses no act of either and tells none twice, whatever the machines', () => {
    const acts = (b: Book) => b.steps.flatMap(s => s.acts.map(a => a.id)).sort()
    fc.assert(
      fc.property(fc.nat(1000), fc.nat(1000), fc.integer({ min: 1, max: 30 }), (one, other, size) => {
        const a = bookFrom([toldAnew(madeTruth(one, size), 0.2, 1).recording])
        const b = bookFrom([toldAnew(madeTruth(other, size), 0.2, 2).recording])
        const all = beside(a, 'front-loader', b, 'front-loader')
        expect(all.flatMap(r => r.here?.id ?? []).sort()).toEqual(acts(a))
        expect(all.flatMap(r => r.there?.id ?? []).sort()).toEqual(acts(b))
      }),
      { numRuns: 40 },
    )
  })
  it('finds nothing otherwise in a model beside itself', () => {
    const same = beside(nine, 'front-loader', nine, 'front-loader')
    expect(same.every(r => r.here?.id === r.there?.id && !r.moved && !r.differs.length)).toBe(true)
  })
})
