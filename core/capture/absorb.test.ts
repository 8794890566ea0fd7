import { describe, expect, it } from 'vitest'
import { parseLine } from '../quick-line/parse.ts'
import { absorb } from './absorb.ts'
import { tap, type Captured } from './capture.ts'
import type { Glyph } from '../items/kinds.ts'

const around = { posture: 'upright' as const, isolated: [], cell: 'A1' }
let n = 0
const id = () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`
const empty = (): Captured => ({ step: { id: id(), photos: [], marks: [], moves: [] }, move: null })
const tapped = (from: Captured, glyph: Glyph, times: number) =>
  Array.from({ length: times }).reduce<Captured>(
    (c, _, i) => tap(c, glyph, 'a'.repeat(64), { x: i / 10, y: 0.5 }, [id(), id()], around),
    from,
  )
const line = (captured: Captured, text: string) =>
  absorb(
    captured,
    parseLine(text, {
      family: 'front-loader',
      around,
      id,
      inHand: captured.step.moves.find(m => m.id === captured.move),
    }),
    around,
  ).step

describe('a line taken into the step in hand', () => {
  it('tells of the holes that were tapped', () => {
    const step = line(tapped(empty(), 'fastener', 4), '4x T20x18 pump bracket')
    expect(step.moves).toMatchObject([
      { count: 4, fastener: { size: 'T20', length: 18 }, place: 'pump bracket', cell: 'A1' },
    ])
    expect(step.marks.every(m => m.move === step.moves[0]!.id)).toBe(true)
  })
  it('needs no count where the photo counts, and no act where one is in hand', () => {
    expect(line(tapped(empty(), 'fastener', 3), 'T20x18').moves).toMatchObject([
      { count: 3, fastener: { size: 'T20' } },
    ])
    expect(line(tapped(empty(), 'fastener', 3), 'stainless').moves).toMatchObject([
      { count: 3, fastener: { look: 'stainless' } },
    ])
  })
  it('gives each act its own move, tapped ones first', () => {
    const both = tapped(tapped(empty(), 'fastener', 2), 'connector', 1)
    const step = line(both, '2x T20; plug white 3w; off rear panel')
    expect(step.moves).toMatchObject([
      { kind: 'remove-fasteners', count: 2, fastener: { size: 'T20' } },
      { kind: 'unplug', connector: { housing: 'white', ways: 3 } },
      { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear', 'base'] } },
    ])
  })
  it('starts another group where what is said contradicts what is known', () => {
    const known = line(tapped(empty(), 'fastener', 2), 'T20')
    const step = line({ step: known, move: known.moves[0]!.id }, '3x T25')
    expect(step.moves).toMatchObject([
      { count: 2, fastener: { size: 'T20' } },
      { count: 3, fastener: { size: 'T25' } },
    ])
    expect(line(tapped(empty(), 'fastener', 4), '2x T20').moves).toHaveLength(2)
  })
  it('tells a tapped thing as what it is: slackened, parked', () => {
    expect(line(tapped(empty(), 'fastener', 2), 'slacken 2x 13 mm nut').moves).toMatchObject([
      { kind: 'slacken', count: 2 },
    ])
    expect(line(tapped(empty(), 'part', 1), 'park console back').moves).toMatchObject([
      { kind: 'park-part', part: { name: 'console', lies: 'back' } },
    ])
  })
  it('names the points that were tapped along a line', () => {
    const step = line(tapped(empty(), 'line', 2), 'loom: over rail > clip')
    expect(step.moves).toMatchObject([
      { route: { type: 'harness', waypoints: [{ by: 'over', of: 'rail' }, { by: 'retainer' }] } },
    ])
    expect(step.marks).toHaveLength(1)
  })
  it('keeps the zone and the words that belong to no act', () => {
    expect(line(empty(), 'rear: 2x T20')).toMatchObject({ zone: 'rear', moves: [{ count: 2 }] })
    expect(line(empty(), 'awkward to reach')).toMatchObject({ title: 'awkward to reach', moves: [] })
  })
})
