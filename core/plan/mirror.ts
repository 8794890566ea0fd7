import { owedCount, type Debt, type JobState, type StepState } from '../log/state.ts'
import { apply, invert } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import type { PlannedTurn } from './turn.ts'

/** One move of the way back and the debts that it settles. */
export interface ReturnMove {
  move: Move
  debts: Debt[]
}

/** One step of the way back: the inverse of one step of the descent. */
export interface ReturnStep {
  step: StepState
  /** Its number in the descent; 1 is the first. */
  number: number
  /** The inverse moves, last one first. */
  moves: ReturnMove[]
  debts: Debt[]
  /** Pieces of it that are still owed; 1 for a turn that nobody recorded. */
  owes: number
  /** Where it is a turn of the machine that the plan put in. */
  turn?: PlannedTurn
}

/** Says something on the way back although nothing is owed: a mark to align to, an act to repeat. */
const speaks = (move: Move) => move.kind === 'draw-mark' || (move.kind === 'attend' && move.again === true)

/** One step of the way back; `null` when the step leaves nothing to do. */
function returnOf(state: JobState, id: string, number: number): ReturnStep | null {
  const step = state.steps.get(id)!
  const moves = step.moves
    .toReversed()
    .map(move => ({ move: invert(move), debts: apply(move).flatMap(c => state.debts.get(c.debt) ?? []) }))
    .filter(({ move, debts }) => debts.length > 0 || speaks(move))
  if (moves.length === 0) return null
  const debts = moves.flatMap(m => m.debts)
  return { step, number, moves, debts, owes: debts.reduce((sum, d) => sum + owedCount(d), 0) }
}

/** The return as the plain mirror of the descent: last step first, every debt exactly once. */
export const mirror = (state: JobState): ReturnStep[] =>
  state.order
    .toArray()
    .flatMap((id, i) => returnOf(state, id, i + 1) ?? [])
    .reverse()
