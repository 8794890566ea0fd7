import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Mark, Photo, Step } from '../log/step.ts'
import type { Move } from '../moves/registry.ts'
import { mergeSteps } from './merge.ts'

const id = (kind: string, n: number) => `${kind.repeat(8)}-0000-4000-8000-${String(n).padStart(12, '0')}`
const photo = (n: number): Photo => ({
  hash: String(n).padStart(64, '0'),
  width: 9,
  height: 6,
  takenAt: '2026-01-05T08:00:00.000Z',
})
const move = (n: number, count = 1): Move => ({
  id: id('a', n),
  kind: 'remove-fasteners',
  way: 'down',
  fastener: {},
  count,
})
const mark = (n: number, of: number, on: number): Mark => ({
  id: id('b', n),
  photo: photo(on).hash,
  move: id('a', of),
  glyph: 'fastener',
  path: [{ x: n / 100, y: 0.5 }],
})
const step = (over: Partial<Step> = {}): Step => ({ id: id('c', 1), photos: [], marks: [], moves: [], ...over })

describe('a step in two hands', () => {
  it('takes a mark from one and a photo from the other', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)] })
    const mine = { ...base, marks: [mark(1, 1, 1)] }
    const theirs = { ...base, photos: [photo(1), photo(2)], zone: 'rear' }
    expect(mergeSteps(base, mine, theirs)).toEqual({ ...theirs, marks: mine.marks })
    expect(mergeSteps(base, theirs, mine)).toEqual({ ...theirs, marks: mine.marks })
  })
  it('counts what both tapped', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const with2 = { ...base, marks: [...base.marks, mark(2, 1, 1)], moves: [move(1, 2)] }
    const with3 = { ...base, marks: [...base.marks, mark(3, 1, 1)], moves: [move(1, 2)] }
    const both = mergeSteps(base, with2, with3)
    expect(both.marks).toHaveLength(3)
    expect(both.moves).toEqual([move(1, 3)])
  })
  it('counts nothing twice when it is merged again with what it is made of', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const sent = { ...base, marks: [...base.marks, mark(2, 1, 1)], moves: [move(1, 2)] }
    const mine = { ...sent, marks: [...sent.marks, mark(3, 1, 1)], moves: [move(1, 3)] }
    expect(mergeSteps(base, mine, sent)).toEqual(mine)
    expect(mergeSteps(base, sent, mine)).toEqual(mine)
    expect(mergeSteps(base, mine, mine)).toEqual(mine)
  })
  it('keeps the count that was said, whoever taps meanwhile, until more are tapped', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const says = { ...base, moves: [move(1, 4)] }
    const taps = (...ns: number[]) => ({
      ...base,
      marks: [...base.marks, ...ns.map(n => mark(n, 1, 1))],
      moves: [move(1, ns.length + 1)],
    })
    expect(mergeSteps(base, says, taps(2)).moves).toEqual([move(1, 4)])
    expect(mergeSteps(base, taps(2), says).moves).toEqual([move(1, 4)])
    expect(mergeSteps(base, taps(2, 3, 4, 5), says).moves).toEqual([move(1, 5)])
  })
  it('takes what both told of one group field by field', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const told = (m: object) => ({ ...base, moves: [{ ...move(1), ...m } as Move] })
    const drive = told({ fastener: { drive: 'torx', size: 'T20' }, cell: 'A1' })
    const length = { ...told({ fastener: { length: 16 }, count: 2 }), marks: [...base.marks, mark(2, 1, 1)] }
    const both = { ...move(1, 2), fastener: { drive: 'torx', size: 'T20', length: 16 }, cell: 'A1' }
    expect(mergeSteps(base, drive, length).moves).toEqual([both])
    expect(mergeSteps(base, length, drive).moves).toEqual([both])
    expect(mergeSteps(drive, told({ cell: 'B2' }), told({ fastener: { length: 16 }, cell: 'A1' })).moves).toEqual([
      { ...move(1), fastener: { length: 16 }, cell: 'B2' },
    ])
  })
  it('takes back what one tapped, and leaves what the other tapped of the same group', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const mine = step({ photos: [photo(1)] })
    const theirs = { ...base, marks: [...base.marks, mark(2, 1, 1)], moves: [move(1, 2)] }
    expect(mergeSteps(base, mine, theirs)).toEqual({ ...theirs, marks: [mark(2, 1, 1)], moves: [move(1, 1)] })
  })
  it('leaves out a mark whose move the other took away', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)] })
    const mine = { ...base, marks: [mark(1, 1, 1)] }
    expect(mergeSteps(base, mine, { ...base, moves: [] })).toMatchObject({ moves: [], marks: [] })
  })
  it('goes over to the next step with what was added since, when the other has gone on', () => {
    const base = step({ photos: [photo(1)], moves: [move(1)], marks: [mark(1, 1, 1)] })
    const mine = {
      ...base,
      photos: [...base.photos, photo(2)],
      moves: [...base.moves, move(2)],
      marks: [...base.marks, mark(2, 2, 2)],
    }
    const next = step({ id: id('c', 2), zone: 'top' })
    const both = mergeSteps(base, mine, next)
    expect(both).toEqual({ id: next.id, zone: 'top', photos: [photo(2)], moves: [move(2)], marks: [mark(2, 2, 2)] })
    expect(mergeSteps(base, base, next)).toEqual(next)
  })
  it('keeps whatever either hand added, whichever comes first, and changes nothing where one hand rests', () => {
    const numbers = fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { maxLength: 5 })
    const made = (ns: number[], shift: number) =>
      step({
        photos: ns.map(n => photo(n + shift)),
        moves: ns.map(n => move(n + shift)),
        marks: ns.map(n => mark(n + shift, n + shift, n + shift)),
      })
    const union = (a: Step, b: Step): Step => ({
      ...a,
      photos: [...a.photos, ...b.photos],
      moves: [...a.moves, ...b.moves],
      marks: [...a.marks, ...b.marks],
    })
    const names = (s: Step) =>
      [...s.photos.map(p => p.hash), ...s.moves.map(m => m.id), ...s.marks.map(m => m.id)].sort()
    fc.assert(
      fc.property(numbers, numbers, numbers, (b, m, t) => {
        const base = made(b, 0)
        const [mine, theirs] = [union(base, made(m, 10)), union(base, made(t, 20))]
        expect(names(mergeSteps(base, mine, theirs))).toEqual(names(union(mine, made(t, 20))))
        expect(names(mergeSteps(base, theirs, mine))).toEqual(names(mergeSteps(base, mine, theirs)))
        expect(mergeSteps(base, mine, base)).toEqual(mine)
        expect(mergeSteps(base, base, theirs)).toEqual(theirs)
      }),
    )
  })
})
