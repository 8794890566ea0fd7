import { apply } from '../moves/move.ts'
import { noneSettled, owedCount, settledCount, type Debt, type JobState } from './state.ts'
import type { Step } from './step.ts'

/** The debts that a step opens, unsettled. */
export const debtsOf = (step: Step): Debt[] =>
  step.moves.flatMap(move =>
    apply(move).map(({ debt, item, state, count, label, renew }) => ({
      id: debt,
      step: step.id,
      move: move.id,
      item,
      state,
      label,
      count,
      cell: move.cell,
      zone: step.zone,
      ...(renew && { renew }),
      settled: noneSettled,
      atOnce: 0,
      marks: [],
    })),
  )

/** Puts a debt in place of what stood under its id, and keeps the totals true. `undefined` takes it away. */
export function setDebt(state: JobState, id: string, next: Debt | undefined): JobState {
  const before = state.debts.get(id)
  const owed = { ...state.owed }
  if (before) owed[before.item] -= owedCount(before)
  if (next) owed[next.item] += owedCount(next)
  return {
    ...state,
    owed,
    debts: next ? state.debts.set(id, next) : state.debts.remove(id),
    owing: next && owedCount(next) > 0 ? state.owing.add(id) : state.owing.remove(id),
  }
}

/** The debts of a step as they stand. */
const standingDebts = (state: JobState, step: Step): Debt[] => debtsOf(step).flatMap(d => state.debts.get(d.id) ?? [])

/** True when something of the step is already settled. */
export const isTouched = (state: JobState, step: Step): boolean =>
  standingDebts(state, step).some(d => settledCount(d) > 0)
