import type { Glyph } from '../items/kinds.ts'
import type { Passing } from '../items/route.ts'
import type { Mark, Step } from '../log/step.ts'
import { begin, tell, untap, type Captured, type Point } from './capture.ts'
import type { Around } from '../moves/around.ts'
import { alongPoints, pointsOf } from '../moves/registry.ts'

const withMark = (step: Step, mark: Mark): Step => ({
  ...step,
  marks: step.marks.map(m => (m.id === mark.id ? mark : m)),
})

/** A mark, or one point of its path, goes to another place of the photo; what it counts stays. */
export function moveMark({ step, move }: Captured, id: string, point: Point, index = 0): Captured {
  const mark = step.marks.find(m => m.id === id)
  if (!mark?.path[index]) return { step, move }
  return {
    step: withMark(step, { ...mark, path: mark.path.map((p, i) => (i === index ? point : p)) }),
    move: mark.move ?? move,
  }
}

/**
 * A mark was of another kind: it leaves its move, which counts one less, and becomes the first of a new move of that glyph,
 * or one more of the last such move of the step. `id` is that of the new move.
 */
export function retypeMark(captured: Captured, id: string, glyph: Glyph, fresh: string, around: Around): Captured {
  const mark = captured.step.marks.find(m => m.id === id)
  if (!mark || mark.glyph === glyph) return captured
  const left = untap(captured, id)
  const fellow = left.step.moves.findLast(
    m => 'count' in m && left.step.marks.some(k => k.move === m.id && k.glyph === glyph),
  )
  const home = fellow ? { step: left.step, move: fellow.id } : begin(left, glyph, fresh, around)
  const move = home.step.moves.find(m => m.id === home.move)!
  const marks = [...home.step.marks, { ...mark, glyph, move: move.id }]
  const own = marks.filter(m => m.move === move.id).length
  const along = pointsOf(move)
    ? alongPoints(
        move,
        mark.path.map(() => ({ by: 'retainer' })),
      )
    : 'count' in move
      ? { ...move, count: Math.max(move.count ?? 1, own) }
      : move
  return tell({ step: { ...home.step, marks }, move: move.id }, along)
}

/** One point of a line is taken away, with its waypoint; the last one takes the line with it. */
export function dropPoint(captured: Captured, id: string, index: number): Captured {
  const mark = captured.step.marks.find(m => m.id === id)
  const move = captured.step.moves.find(m => m.id === mark?.move)
  const points = pointsOf(move)
  if (!mark || !move || !points || mark.path.length < 2) return untap(captured, id)
  const without = <T>(all: readonly T[]) => all.filter((_, i) => i !== index)
  const step = withMark(captured.step, { ...mark, path: without(mark.path) })
  return tell({ step, move: move.id }, alongPoints(move, without(points)))
}

/** How the line in hand passes one of its points. */
export function passBy(captured: Captured, index: number, by: Passing): Captured {
  const move = captured.step.moves.find(m => m.id === captured.move)
  const points = pointsOf(move)
  if (!move || !points) return captured
  return tell(
    captured,
    alongPoints(
      move,
      points.map((w, i) => (i === index ? { ...w, by } : w)),
    ),
  )
}
