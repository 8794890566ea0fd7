import { describe, expect, it } from 'vitest'
import type { Step } from '../log/step.ts'
import { moveKinds } from '../moves/kinds.ts'
import { moveSchema, type MoveKindName } from '../moves/registry.ts'
import { check } from '../schema/check.ts'
import { begin, drop, tap, tell, untap, type Captured } from './capture.ts'
import type { Around } from '../moves/around.ts'
import { freshMove, glyphFor, toldAs, variantsOf } from '../moves/registry.ts'

const around: Around = { posture: 'upright', isolated: ['power'], cell: 'A1' }
const photo = 'a'.repeat(64)
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const empty: Captured = { step: { id: id(0), photos: [], marks: [], moves: [] } as Step, move: null }
/** Taps of a glyph one after the other, on a step in hand. */
const taps = (from: Captured, glyph: Parameters<typeof tap>[1], n: number, first = 1) =>
  Array.from({ length: n }, (_, i) => first + i).reduce(
    (c, i) => tap(c, glyph, photo, { x: i / 100, y: 0.5 }, [id(i * 2 + 100), id(i * 2 + 101)], around),
    from,
  )

describe('a fresh move', () => {
  it.each(Object.keys(moveKinds) as MoveKindName[])('%s is complete as it is, and found under its glyph', kind => {
    const move = freshMove(kind, id(1), around)
    expect(check(moveSchema, move)).toMatchObject({ ok: true })
    expect(variantsOf[glyphFor(kind)]).toContain(kind)
  })
  it('isolates what is not isolated yet', () => {
    expect(freshMove('isolate', id(1), around)).toMatchObject({ what: 'cold water' })
  })
})

describe('taps on the photo', () => {
  it('count fasteners of one group', () => {
    const { step } = taps(empty, 'fastener', 4)
    expect(step.moves).toMatchObject([{ kind: 'remove-fasteners', count: 4, cell: 'A1' }])
    expect(step.marks.map(m => m.move)).toEqual(Array(4).fill(step.moves[0]!.id))
  })
  it('do not count beyond what was said until more are tapped', () => {
    const one = taps(empty, 'fastener', 1)
    const said = tell(one, { ...one.step.moves[0]!, count: 6 } as never)
    expect(taps(said, 'fastener', 3, 2).step.moves).toMatchObject([{ count: 6 }])
    expect(taps(said, 'fastener', 7, 2).step.moves).toMatchObject([{ count: 8 }])
  })
  it('begin a plug each', () => {
    expect(taps(empty, 'connector', 2).step.moves).toHaveLength(2)
  })
  it('lead a line past one waypoint each, on one mark', () => {
    const { step } = taps(empty, 'line', 3)
    expect(step.moves).toMatchObject([{ kind: 'unroute', route: { waypoints: [{}, {}, {}] } }])
    expect(step.marks).toMatchObject([{ glyph: 'line', path: [{ x: 0.01 }, { x: 0.02 }, { x: 0.03 }] }])
  })
  it('mark a move that was begun by hand, before beginning another', () => {
    const begun = begin(empty, 'part', id(9), around)
    expect(taps(begun, 'part', 1).step.moves).toHaveLength(1)
    expect(taps(begun, 'part', 2).step.moves).toHaveLength(2)
  })
  it('go to another group after another kind', () => {
    const { step } = taps(taps(taps(empty, 'fastener', 2), 'clip', 1, 10), 'fastener', 1, 20)
    expect(step.moves.map(m => m.kind)).toEqual(['remove-fasteners', 'release-clips', 'remove-fasteners'])
  })
})

describe('taking back', () => {
  it('a mark counts one less, and the last one takes its move along', () => {
    const three = taps(empty, 'fastener', 3)
    const two = untap(three, three.step.marks[1]!.id)
    expect(two.step.moves).toMatchObject([{ count: 2 }])
    const none = two.step.marks.reduce((c, m) => untap(c, m.id), two)
    expect(none).toEqual(empty)
  })
  it('a move takes its marks along', () => {
    const both = taps(taps(empty, 'fastener', 2), 'connector', 1, 10)
    const left = drop(both, both.step.moves[0]!.id)
    expect(left.step.moves.map(m => m.kind)).toEqual(['unplug'])
    expect(left.step.marks).toHaveLength(1)
  })
})

describe('telling it otherwise', () => {
  it('keeps what both kinds know', () => {
    const two = taps(empty, 'fastener', 2)
    const named = { ...two.step.moves[0]!, place: 'damper', fastener: { size: '13 mm' } } as never
    const slack = toldAs(named, 'slacken', around)
    expect(slack).toMatchObject({ kind: 'slacken', place: 'damper', count: 2, fastener: { size: '13 mm' } })
    expect(check(moveSchema, slack).ok).toBe(true)
    expect(tell(two, slack).step.marks).toHaveLength(2)
  })
})
