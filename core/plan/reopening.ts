import { settledOf } from '../log/state.ts'
import { recordedStep, type ReturnStep } from './mirror.ts'

/** What is given back when a step is opened again: the body of its event. */
export interface Reopened {
  step: string
  debts: ReturnType<typeof settledOf>
}

/**
 * What comes off again to get back to a step of the return: it and everything that was settled after it, the latest first. Empty where
 * nothing of the step is settled.
 */
export function reopening(plan: readonly ReturnStep[], step: string): Reopened[] {
  const back = plan.find(r => r.step.id === step)?.step.backTo
  if (!back) return []
  return plan
    .filter(r => r.step.backTo !== undefined && r.step.backTo >= back)
    .sort((a, b) => (a.step.backTo! < b.step.backTo! ? 1 : -1))
    .map(r => ({
      step: recordedStep(r),
      debts: r.debts.flatMap(settledOf),
    }))
    .filter(r => r.debts.length > 0)
}
