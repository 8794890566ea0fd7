import { noEvidence, sharesOf, type Evidence } from '../../triage/belief.ts'
import type { Field } from '../../triage/field.ts'
import type { Cause } from '../../triage/model.ts'
import type { Way } from '../../triage/walk.ts'
import { dearestFirst, explaining, oneByOne } from '../../triage/ways.ts'

const byShare = (field: Field, evidence: Evidence): Cause[] => {
  const shares = sharesOf(field, evidence)
  return field.causes
    .map((cause, i) => ({ cause, share: shares[i]! }))
    .sort((a, b) => b.share - a.share)
    .map(s => s.cause)
}
/** Other ways of going about it, each with the same table in its head. */
export const otherWays = {
  /** The likeliest for what was told first, down the list: as a table on paper is used. */
  'most likely first': oneByOne((field, { told }) => byShare(field, { ...noEvidence, told })),
  /** The same, and the list is made anew after each look: our belief without our order. */
  'most likely first, list made anew': oneByOne(byShare),
  'dearest first': dearestFirst,
  /** In the order of the table: along the way of the water. */
  'fixed order': oneByOne(explaining),
  /** The likeliest is put right without a look. */
  'swap the likeliest': (field, evidence) => {
    const cause = byShare(field, evidence).find(c => !evidence.ruledOut.includes(c.id))
    return cause ? { does: 'put right', cause } : null
  },
} as const satisfies Record<string, Way>
