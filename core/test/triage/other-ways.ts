import { noEvidence, sharesOf, type Evidence } from '../../triage/belief.ts'
import type { Field } from '../../triage/field.ts'
import type { Cause } from '../../triage/model.ts'
import type { Way } from '../../triage/walk.ts'

/** The look that tells a cause best and was not taken yet. */
function bestLook(field: Field, cause: Cause, { checked }: Evidence) {
  const taken = new Set(checked.map(c => c.check))
  return field.checks
    .filter(k => k.tells[cause.id] !== undefined && !taken.has(k.id))
    .sort((a, b) => b.tells[cause.id]! - a.tells[cause.id]!)[0]
}

/** One cause after the other in an order: looked at by the check that tells it best, put right where that is not as it should be. */
const oneByOne =
  (order: (field: Field, evidence: Evidence) => readonly Cause[]): Way =>
  (field, evidence) => {
    const last = evidence.checked.at(-1)
    const causes = order(field, evidence).filter(c => !evidence.ruledOut.includes(c.id))
    if (last && !last.good) {
      const told = field.checks.find(k => k.id === last.check)!.tells
      // The cause for which it was looked at: the first in the order that this check tells best of all that were not taken before it.
      const before = { ...evidence, checked: evidence.checked.slice(0, -1) }
      const for_ = causes.find(c => told[c.id] !== undefined && bestLook(field, c, before)?.id === last.check)
      if (for_) return { does: 'put right', cause: for_ }
    }
    for (const cause of causes) {
      const check = bestLook(field, cause, evidence)
      if (check) return { does: 'check', check }
    }
    return null
  }

const byShare = (field: Field, evidence: Evidence): Cause[] => {
  const shares = sharesOf(field, evidence)
  return field.causes
    .map((cause, i) => ({ cause, share: shares[i]! }))
    .sort((a, b) => b.share - a.share)
    .map(s => s.cause)
}
const explaining = (field: Field, { told }: Evidence): Cause[] =>
  field.causes.filter(c => told.some(f => c.shows[f] !== undefined))

/** Other ways of going about it, each with the same table in its head. */
export const otherWays = {
  /** The likeliest for what was told first, down the list: as a table on paper is used. */
  'most likely first': oneByOne((field, { told }) => byShare(field, { ...noEvidence, told })),
  /** The same, and the list is made anew after each look: our belief without our order. */
  'most likely first, list made anew': oneByOne(byShare),
  'dearest first': oneByOne((field, evidence) => explaining(field, evidence).toSorted((a, b) => b.price - a.price)),
  /** In the order of the table: along the way of the water. */
  'fixed order': oneByOne(explaining),
  /** The likeliest is put right without a look. */
  'swap the likeliest': (field, evidence) => {
    const cause = byShare(field, evidence).find(c => !evidence.ruledOut.includes(c.id))
    return cause ? { does: 'put right', cause } : null
  },
} as const satisfies Record<string, Way>
