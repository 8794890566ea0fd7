import { waypointName } from '@dialytica/core/items'
import type { Step } from '@dialytica/core/log'
import { pointsOf, type Move } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import type { ShownMark } from './shown-mark.ts'

/** What a line must keep on its way: its slack, and what it stays clear of. */
const roomOf = (move: Move | undefined): string | undefined =>
  move && 'route' in move
    ? [
        move.route.slack && `slack ${move.route.slack}`,
        move.route.keepClear?.length && `clear of ${move.route.keepClear.join(', ')}`,
      ]
        .filter(Boolean)
        .join('; ') || undefined
    : undefined
/** How a line passes each of its points, where that was told. */
const passes = (move: Move | undefined) =>
  pointsOf(move)?.map(w => (w.of || w.by !== 'retainer' ? text(waypointName(w)) : ''))

/** The marks of a step on the way down, numbered per cell; `inHand` is the move that the next tap counts for, `held` the mark taken up. */
export function stepMarks(step: Step, inHand?: string, held?: { id: string; point: number } | null): ShownMark[] {
  const inCell = new Map<string, number>()
  return step.marks.map(mark => {
    const move = step.moves.find(m => m.id === mark.move)
    const n = (inCell.get(mark.move ?? '') ?? 0) + 1
    inCell.set(mark.move ?? '', n)
    return {
      ...mark,
      label: move?.cell ? `${move.cell}·${n}` : move && 'connector' in move ? move.connector.label : roomOf(move),
      points: passes(move),
      now: inHand !== undefined && mark.move === inHand,
      chosen: held?.id === mark.id,
      point: held?.point,
    }
  })
}
