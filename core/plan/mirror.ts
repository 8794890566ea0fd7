import { owedCount, settledCount, type Debt, type JobState, type StepState } from '../log/state.ts'
import { apply, invert } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { piecesOf } from './pieces.ts'
import type { PlannedTurn } from './turn.ts'

/** One move of the way back and the debts that it settles. */
export interface ReturnMove {
  move: Move
  debts: Debt[]
}

/** One step of the way back: the inverse of one step of the descent, or of a piece of one that goes back at a moment of its own. */
export interface ReturnStep {
  /** The step, or the piece with its own moves alone: see `piecesOf`. */
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

/** The step of the descent of which this is the way back, or a piece of it. */
export const recordedStep = ({ step, debts }: Pick<ReturnStep, 'step' | 'debts'>): string => debts[0]?.step ?? step.id

/** Says something on the way back although nothing is owed: a mark to align to, an act to repeat. */
const speaks = (move: Move) => move.kind === 'draw-mark' || (move.kind === 'attend' && move.again === true)

/** One step of the way back; `null` when the step leaves nothing to do. */
function returnOf(state: JobState, step: StepState, number: number): ReturnStep | null {
  const moves = step.moves
    .toReversed()
    .map(move => ({ move: invert(move), debts: apply(move).flatMap(c => state.debts.get(c.debt) ?? []) }))
    .filter(({ move, debts }) => debts.length > 0 || speaks(move))
  if (moves.length === 0) return null
  const debts = moves.flatMap(m => m.debts)
  // Of a step in pieces each is back when something of itself is.
  const isBack = step === state.steps.get(step.id) || debts.some(d => settledCount(d) > 0)
  return {
    step: isBack ? step : { ...step, backFrom: undefined, backTo: undefined },
    number,
    moves,
    debts,
    owes: debts.reduce((sum, d) => sum + owedCount(d), 0),
  }
}

/** The return as the plain mirror of the descent: last step first, every debt exactly once. */
export const mirror = (state: JobState): ReturnStep[] =>
  state.order
    .toArray()
    .flatMap((id, i) => piecesOf(state.steps.get(id)!).flatMap(piece => returnOf(state, piece, i + 1) ?? []))
    .reverse()
