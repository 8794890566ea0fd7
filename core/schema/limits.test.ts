import { describe, expect, it } from 'vitest'
import { eventSchema, type JobEvent } from '../log/event.ts'
import { fold } from '../log/fold.ts'
import { blank } from '../log/state.ts'
import type { Move } from '../moves/registry.ts'
import { check } from './check.ts'
import { limits } from './limits.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'

const screws = (n: number, count = 1): Move => ({
  id: id(n, 'm'),
  kind: 'remove-fasteners',
  way: 'down',
  fastener: {},
  count,
})
const photo = { hash: 'a'.repeat(64), width: 1, height: 1, takenAt: '2026-01-05T08:00:00.000Z' }
const step = (over: object): JobEvent =>
  event('step-recorded', { step: { id: id(1, 's'), photos: [], marks: [], moves: [], ...over } }, 1)
const times = <T>(n: number, make: (i: number) => T) => Array.from({ length: n }, (_, i) => make(i))
const mark = (i: number) => ({ id: id(i, 'k'), photo: photo.hash, glyph: 'mark', path: [{ x: 0.5, y: 0.5 }] })

/** At the limit it is taken, one above it is refused with words. */
describe('the limits', () => {
  it.each<[string, (n: number) => JobEvent, number]>([
    ['characters of a line', n => event('note-added', { text: 'x'.repeat(n) }, 1), limits.line],
    ['moves of a step', n => step({ moves: times(n, i => screws(i)) }), limits.moves],
    ['marks of a step', n => step({ marks: times(n, mark) }), limits.marks],
    ['photos of a step', n => step({ photos: times(n, () => photo) }), limits.photos],
    ['pieces of a group', n => step({ moves: [screws(1, n)] }), limits.count],
    [
      'waypoints of a line',
      n =>
        step({
          moves: [
            { id: id(1, 'm'), kind: 'unroute', way: 'down', route: { waypoints: times(n, () => ({ by: 'over' })) } },
          ],
        }),
      limits.waypoints,
    ],
  ])('%s', (_, make, most) => {
    expect(check(eventSchema, make(most))).toMatchObject({ ok: true })
    const over = check(eventSchema, make(most + 1))
    expect(over.ok).toBe(false)
    if (!over.ok) expect(over.problems[0]!.message).toMatch(new RegExp(String(most)))
  })

  it('events of a log', () => {
    const opened = fold(blank, opening())
    if (!opened.ok) throw new Error('not opened')
    const full = { ...opened.state, seen: opened.state.seen.concat(times(limits.log, i => id(i, 'z'))) }
    expect(fold(full, event('note-added', { text: 'one more' }, 1))).toMatchObject({ ok: false, refusal: { code: 13 } })
  })

  it('marks lie on the photo', () => {
    const off = check(eventSchema, step({ marks: [{ ...mark(1), path: [{ x: 1.2, y: 0 }] }] }))
    expect(off.ok).toBe(false)
  })
})
