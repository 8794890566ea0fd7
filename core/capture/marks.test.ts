import { describe, expect, it } from 'vitest'
import type { Photo } from '../log/step.ts'
import type { Glyph } from '../items/kinds.ts'
import { draw, tap, type Captured } from './capture.ts'
import { dropPoint, moveMark, passBy, retypeMark } from './marks.ts'
import { closeUpsOf, dropPhoto, replacePhoto, withPhoto } from './photos.ts'
import { corners, snap } from './snap.ts'

let n = 0
const id = () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`
const around = { posture: 'upright' as const, isolated: [], cell: 'A1' }
const [wide, close] = ['a'.repeat(64), 'b'.repeat(64)] as [string, string]
const photo = (hash: string): Photo => ({ hash, width: 1600, height: 1000, takenAt: '2026-01-05T08:00:00.000Z' })
const empty = (): Captured => ({ step: { id: id(), photos: [photo(wide)], marks: [], moves: [] }, move: null })
const taps = (glyph: Glyph, times: number, from = empty()) =>
  Array.from({ length: times }).reduce<Captured>(
    (c, _, i) => tap(c, glyph, wide, { x: 0.1 * i, y: 0.5 }, [id(), id()], around),
    from,
  )

describe('a mark', () => {
  it('moves, and counts what it counted', () => {
    const c = taps('fastener', 2)
    const moved = moveMark(c, c.step.marks[1]!.id, { x: 0.9, y: 0.9 })
    expect(moved.step.marks[1]!.path).toEqual([{ x: 0.9, y: 0.9 }])
    expect(moved.step.moves).toEqual(c.step.moves)
    expect(moveMark(c, id(), { x: 0, y: 0 }).step).toEqual(c.step)
  })
  it('becomes another kind, and its group counts one less', () => {
    const c = taps('fastener', 3)
    const told = retypeMark(c, c.step.marks[0]!.id, 'clip', id(), around)
    expect(told.step.moves).toMatchObject([
      { kind: 'remove-fasteners', count: 2 },
      { kind: 'release-clips', count: 1 },
    ])
    const again = retypeMark(told, told.step.marks.find(m => m.glyph === 'fastener')!.id, 'clip', id(), around)
    expect(again.step.moves).toMatchObject([{ count: 1 }, { kind: 'release-clips', count: 2 }])
    expect(again.step.marks).toHaveLength(3)
  })
  it('that was the only one of its move takes it along', () => {
    const c = taps('part', 1)
    expect(retypeMark(c, c.step.marks[0]!.id, 'connector', id(), around).step.moves).toMatchObject([{ kind: 'unplug' }])
  })
})

describe('a line', () => {
  const line = draw(
    empty(),
    wide,
    [
      { x: 0, y: 0 },
      { x: 0.5, y: 0.1 },
      { x: 1, y: 0.4 },
    ],
    id,
    around,
  )
  it('is drawn past points', () => {
    expect(line.step.marks).toMatchObject([{ glyph: 'line', path: { length: 3 } }])
    expect(line.step.moves).toMatchObject([{ kind: 'unroute', route: { waypoints: { length: 3 } } }])
  })
  it('says how it passes each, and loses one by itself', () => {
    const told = passBy(line, 1, 'under')
    expect(told.step.moves).toMatchObject([{ route: { waypoints: [{}, { by: 'under' }, {}] } }])
    const less = dropPoint(told, told.step.marks[0]!.id, 0)
    expect(less.step.moves).toMatchObject([{ route: { waypoints: [{ by: 'under' }, { by: 'retainer' }] } }])
    expect(less.step.marks[0]!.path).toHaveLength(2)
    const none = dropPoint(dropPoint(less, less.step.marks[0]!.id, 0), less.step.marks[0]!.id, 0)
    expect(none.step.moves).toEqual([])
  })
})

describe('snapping and strokes', () => {
  const shown = { width: 1000, height: 500 }
  it('takes the point of an earlier mark within its radius', () => {
    const { marks } = taps('fastener', 2).step
    expect(snap({ x: 0.11, y: 0.51 }, marks, shown)).toEqual({ x: 0.1, y: 0.5 })
    expect(snap({ x: 0.15, y: 0.6 }, marks, shown)).toEqual({ x: 0.15, y: 0.6 })
  })
  it('keeps the corners of a stroke and drops what lies between', () => {
    const leg = (from: number, to: number, at: (t: number) => { x: number; y: number }) =>
      Array.from({ length: 20 }, (_, i) => at(from + ((to - from) * i) / 19))
    const stroke = [...leg(0, 0.5, t => ({ x: t, y: 0.2 })), ...leg(0.2, 0.9, t => ({ x: 0.5, y: t }))]
    const [a, b, c, ...rest] = corners(stroke, shown).map(p => [p.x, Math.round(p.y * 100)])
    expect([a, b, c, rest]).toEqual([[0, 20], [0.5, 20], [0.5, 90], []])
    expect(corners(stroke.slice(0, 2), shown)).toHaveLength(2)
  })
})

describe('photos of a step', () => {
  it('are replaced by clearer ones without losing marks', () => {
    const c = replacePhoto(taps('fastener', 2), wide, photo(close))
    expect(c.step.photos.map(p => p.hash)).toEqual([close])
    expect(c.step.marks.every(m => m.photo === close)).toBe(true)
  })
  it('can be close-ups of a region', () => {
    const region = { photo: wide, x: 0.2, y: 0.2, width: 0.3, height: 0.3 }
    const c = withPhoto(empty(), { ...photo(close), closeUpOf: region })
    expect(closeUpsOf(c.step, wide)).toHaveLength(1)
    expect(dropPhoto(c, wide).step.photos).toHaveLength(2)
    expect(dropPhoto(c, close).step.photos).toHaveLength(1)
    expect(closeUpsOf(replacePhoto(c, wide, photo('c'.repeat(64))).step, 'c'.repeat(64))).toHaveLength(1)
  })
})
