import { owedCount, type Debt, type JobState, type StepState } from '../log/state.ts'
import type { Move } from '../moves/registry.ts'

/** Something that is not as the closed machine needs it: what is owed, and the act that left it so. */
export interface OpenWork {
  debt: Debt
  move: Move
  step: StepState
}

/** All that stands open at a machine now, in the order in which it was opened. O(owed). */
export function openWork(state: JobState): OpenWork[] {
  const found = state.owing.toArray().flatMap((id): OpenWork[] => {
    const debt = state.debts.get(id)
    const step = debt && state.steps.get(debt.step)
    const move = step?.moves.find(m => m.id === debt!.move)
    return debt && step && move && owedCount(debt) > 0 ? [{ debt, move, step }] : []
  })
  return found.sort((a, b) => (a.step.rank < b.step.rank ? -1 : a.step.rank > b.step.rank ? 1 : 0))
}
