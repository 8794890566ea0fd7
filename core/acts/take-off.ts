import { settledOf } from '../log/state.ts'
import { recordedStep } from '../plan/mirror.ts'
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
    const r = steps.find(r => r.step.id === step)
    const debts = (r?.debts ?? []).flatMap(settledOf)
    return r && debts.length ? [happens('step-reopened', { step: recordedStep(r), debts, reason })] : []
  })
}
