import type { Glyph } from '../items/kinds.ts'
import type { Mark, Step } from '../log/step.ts'
import { glyphOf } from '../moves/move.ts'
import type { Around } from '../moves/around.ts'
import { alongPoints, freshMove, glyphFor, pointsOf, variantsOf, type Move } from '../moves/registry.ts'

/** A step in hand, and the move that the next tap counts for. */
export interface Captured {
  step: Step
  move: string | null
}
/** A place on a photo: shares of its width and height from the upper left corner, 0 to 1. */
export interface Point {
  x: number
  y: number
}

const withMove = (step: Step, move: Move): Step => ({
  ...step,
  moves: step.moves.some(m => m.id === move.id)
    ? step.moves.map(m => (m.id === move.id ? move : m))
    : [...step.moves, move],
})
const marksOf = (step: Step, move: string) => step.marks.filter(m => m.move === move)

/** A new move of a glyph in the step in hand, not yet marked on the photo. */
export function begin({ step }: Captured, glyph: Glyph, id: string, around: Around): Captured {
  const move = freshMove(variantsOf[glyph][0]!, id, around)
  return { step: withMove(step, move), move: id }
}

/** One more piece of a counted group: as many as were tapped, or as many as were said, whichever is more. */
const counted = (move: Move, marks: number): Move =>
  'count' in move ? { ...move, count: Math.max(move.count ?? 1, marks) } : move

/**
 * A tap on the photo. For what is counted it counts one more of the move in hand; for a line it adds a waypoint; for the
 * rest it marks the move in hand, or begins the next one. `ids` are two new ids, for a move and for a mark.
 */
export function tap(
  captured: Captured,
  glyph: Glyph,
  photo: string,
  point: Point,
  ids: readonly [string, string],
  around: Around,
): Captured {
  const { step, move: inHand } = captured
  const move = step.moves.find(m => m.id === inHand && glyphFor(m.kind) === glyph)
  const marks = move ? marksOf(step, move.id) : []
  if (move && pointsOf(move)) return alongLine(captured, move, glyph, photo, point, ids[1])
  if (!move || (!('count' in move) && marks.length > 0)) {
    const begun = begin(captured, glyph, ids[0], around)
    return tap(begun, glyph, photo, point, ids, around)
  }
  const mark: Mark = { id: ids[1], photo, move: move.id, glyph, path: [point] }
  const marked = { ...step, marks: [...step.marks, mark] }
  return { step: withMove(marked, counted(move, marks.length + 1)), move: move.id }
}

/** A stroke along a line: a tap at each of its corners. `ids` gives new ids. */
export function draw(
  captured: Captured,
  photo: string,
  path: readonly Point[],
  id: () => string,
  around: Around,
): Captured {
  return path.reduce((c, point) => tap(c, 'line', photo, point, [id(), id()], around), captured)
}

function alongLine({ step }: Captured, move: Move, glyph: Glyph, photo: string, point: Point, id: string): Captured {
  const mark = marksOf(step, move.id).find(m => m.photo === photo)
  const points = [...pointsOf(move)!, { by: 'retainer' as const }]
  const marks = mark
    ? step.marks.map(m => (m.id === mark.id ? { ...m, path: [...m.path, point] } : m))
    : [...step.marks, { id, photo, move: move.id, glyph, path: [point] }]
  return { step: withMove({ ...step, marks }, alongPoints(move, points)), move: move.id }
}

/** A mark is taken away; what it counted is counted no more, and a move of which nothing is left goes with it. */
export function untap({ step, move: inHand }: Captured, id: string): Captured {
  const mark = step.marks.find(m => m.id === id)
  const move = step.moves.find(m => m.id === mark?.move)
  if (!mark || !move) return { step, move: inHand }
  const before = marksOf(step, move.id).length
  const marks = step.marks.filter(m => m.id !== id)
  if (before === 1) return drop({ step: { ...step, marks }, move: inHand }, move.id)
  const less = 'count' in move && move.count === before ? { ...move, count: move.count - 1 } : move
  return { step: withMove({ ...step, marks }, less), move: move.id }
}

/** A move is taken out of the step in hand, with its marks. */
export function drop({ step, move: inHand }: Captured, id: string): Captured {
  const moves = step.moves.filter(m => m.id !== id)
  const marks = step.marks.filter(m => m.move !== id)
  return { step: { ...step, moves, marks }, move: inHand === id ? (moves.at(-1)?.id ?? null) : inHand }
}

/** A move is told anew; it keeps its id and its marks, which take its glyph. */
export function tell({ step }: Captured, move: Move): Captured {
  const glyph = glyphOf(move)
  const marks = step.marks.map(m => (m.move === move.id ? { ...m, glyph } : m))
  return { step: withMove({ ...step, marks }, move), move: move.id }
}
