import { settledCount, type Debt, type JobState } from '../log/state.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** One reason for which a hole is more or less likely to be the one: words, and the factor on its likelihood. */
export interface Evidence {
  says: Phrase
  factor: number
}

/** Minutes that each step of the return took: from the step done before it, a long pause left out. */
export function stepMinutes(plan: readonly ReturnStep[]): Map<string, number> {
  const done = plan.filter(r => r.step.backTo !== undefined).sort((a, b) => (a.step.backTo! < b.step.backTo! ? -1 : 1))
  const took = new Map<string, number>()
  done.forEach((r, i) => {
    const from = Date.parse(done[i - 1]?.step.backTo ?? r.step.backFrom!)
    const minutes = (Date.parse(r.step.backTo!) - from) / 60_000
    if (minutes >= 0 && minutes <= 20) took.set(r.step.id, minutes)
  })
  return took
}

/** Minutes a piece at the pace of this job; the usual half a minute where that is not known. */
export function paceOf(plan: readonly ReturnStep[], took: ReadonlyMap<string, number>): number {
  const each = plan.flatMap(r => {
    const pieces = r.debts.reduce((n, d) => n + settledCount(d), 0)
    const minutes = took.get(r.step.id)
    return minutes !== undefined && pieces > 0 ? [minutes / pieces] : []
  })
  const sorted = each.sort((a, b) => a - b)
  return Math.min(3, Math.max(0.2, sorted[sorted.length >> 1] ?? 0.5))
}

/** How each piece of a debt was said to be back: one by one on its mark, counted, or several at once; and whether it was checked or photographed. */
export function evidenceOf(state: JobState, debt: Debt, minutes: number | undefined, pace: number): Evidence[] {
  const found: Evidence[] = []
  const settled = settledCount(debt)
  const atOnce = Math.min(debt.atOnce, settled)
  if (settled > 0 && atOnce > 0)
    found.push({
      says: atOnce === settled ? say`all said back at once` : say`${atOnce} said back at once`,
      factor: 1.6,
    })
  else if (debt.marks.length >= settled && settled > 0) found.push({ says: say`each tapped on its mark`, factor: 0.35 })
  else if (settled > 0) found.push({ says: say`counted one by one`, factor: 0.7 })
  if (state.entries.some(e => e.kind === 'check-done' && e.body.debt === debt.id && e.body.passed))
    found.push({ says: say`checked by hand`, factor: 0.4 })
  if ((state.steps.get(debt.step)?.later.length ?? 0) > 0)
    found.push({ says: say`photographed when it was back`, factor: 0.5 })
  if (minutes !== undefined && settled > 0) {
    const usual = pace * settled
    const hurry = usual / Math.max(minutes, usual / 8)
    if (hurry > 1.5) found.push({ says: say`done faster than usual`, factor: Math.min(2.5, hurry) })
  }
  return found
}
