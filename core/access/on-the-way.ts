import { anatomy, shutOver, type Family } from '../machine/families.ts'
import type { Belief } from '../triage/belief.ts'
import { fieldOf } from '../triage/field.ts'
import type { Check } from '../triage/model.ts'
import { table } from '../triage/table/table.ts'
import type { Plan } from './plan.ts'

/** A check that a plan leads to, and how much of what is held it tells. */
export interface OnTheWay {
  check: Check
  tells: number
}
/** The checks of the triage for which nothing more has to come off where a plan leads, those first that tell of what is likeliest; without what tells of nothing that is held. */
export function checksOn(family: Family, { open }: Pick<Plan, 'open'>, held: readonly Belief[]): OnTheWay[] {
  const field = fieldOf(table, family)
  const covered = new Set(anatomy[family].covers.flatMap(c => c.opens))
  const share = new Map(held.map(b => [b.cause?.id, b.share]))
  return field.checks
    .flatMap((check, i): OnTheWay[] => {
      const at = field.checkAt[i]
      if (!at || !shutOver(family, at).every(z => !covered.has(z) || open.includes(z))) return []
      const tells = Object.entries(check.tells).reduce((sum, [cause, p]) => sum + p * (share.get(cause) ?? 0), 0)
      return tells > 0.01 ? [{ check, tells }] : []
    })
    .sort((a, b) => b.tells - a.tells)
}
