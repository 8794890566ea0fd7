import type { StepState } from '../log/state.ts'
import type { ReturnStep } from './mirror.ts'

/** A mark that was drawn before a part came off. */
export interface DrawnMark {
  step: StepState
  /** The id of the move that drew it: what on the photo of the step carries it is the mark. */
  move: string
  /** In words: "the line across shaft and pulley". */
  mark: string
}

/** So many steps before the part came off its marks were drawn. */
const near = 4

/**
 * The marks to which the part of a return step is aligned: those that were drawn at its zone in the step itself or in
 * one of the four before it; none when no part goes on.
 */
export const alignTo = (plan: readonly ReturnStep[], r: ReturnStep): DrawnMark[] =>
  r.moves.some(m => 'part' in m.move)
    ? plan
        .filter(p => p.number <= r.number && r.number - p.number <= near && p.step.zone === r.step.zone)
        .flatMap(p =>
          p.moves.flatMap(({ move }) =>
            move.kind === 'draw-mark' ? [{ step: p.step, move: move.id, mark: move.mark }] : [],
          ),
        )
    : []
