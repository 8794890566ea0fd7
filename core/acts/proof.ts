import { owedCount, type JobState } from '../log/state.ts'
import type { BodyOf } from '../log/event.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import type { LeadsBack } from '../proof/leads-back.ts'
import type { ProofEntry } from '../proof/proof.ts'
import { plugTold } from '../laws/mains.ts'
import { does, happens, says, together, type Act } from './act.ts'
import { turnTo } from './phases.ts'
import { takenOff } from './take-off.ts'

/** Something was tried: passed, failed with what was seen, or not done and why. */
export const prove = (state: JobState, told: BodyOf<'proof-done'>): Act =>
  together(turnTo(state, 'proof'), says('proof-done', told))

/** Water or power comes on: what isolated it is settled; where nothing is owed for it, or the plug is pulled again, that is told alone. */
export function switchOver(
  state: JobState,
  { steps }: Pick<ReturnPlan, 'steps'>,
  { what, on, steps: settles }: Pick<Extract<ProofEntry, { does: 'switch' }>, 'what' | 'on' | 'steps'>,
): Act {
  const owed = steps.filter(r => settles.includes(r.step.id)).flatMap(r => r.debts.filter(d => owedCount(d) > 0))
  const settled = owed.map(d => happens('debt-settled', { debt: d.id, how: 'refitted', count: owedCount(d) }))
  const told =
    what === 'power' && settled.length === 0
      ? [happens('proof-done', { trial: on ? plugTold.in : plugTold.out, result: 'passed' })]
      : []
  return together(turnTo(state, 'proof'), does(...settled, ...told))
}

/** A failed trial leads back: what is in the way of a suspect and the suspect itself come off again, with what fastens them, and the job goes back to its return. */
export const goBackTo = (
  plan: Pick<ReturnPlan, 'steps' | 'arcs'>,
  { opens, step }: LeadsBack['suspects'][number],
  reason: string,
): Act => does(happens('phase-changed', { phase: 'return' }), ...takenOff(plan, [...opens, step], reason))
