import { settledOf } from '../log/state.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import { happens, type NewEvent } from './act.ts'

/** Steps that are back come off again, each after what fastens it; what owes nothing that was settled is left out. */
export function takenOff(
  { arcs, steps }: Pick<ReturnPlan, 'arcs' | 'steps'>,
  off: readonly string[],
  reason: string,
): NewEvent[] {
  const all = off.flatMap(id => [...arcs.flatMap(a => (a.reason === 'holds' && a.first === id ? [a.then] : [])), id])
  return [...new Set(all)].flatMap(step => {
    const debts = (steps.find(r => r.step.id === step)?.debts ?? []).flatMap(settledOf)
    return debts.length ? [happens('step-reopened', { step, debts, reason })] : []
  })
}
