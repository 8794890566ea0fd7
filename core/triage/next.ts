import { sharesOf, showsUnder, type Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Cause, Check, Finding } from './model.ts'
import { repairMinutes, toSet, type Stands } from './reach.ts'

/** What can be done: a question to who knows the machine, a check, or putting a cause right without a further look. */
export type Choice =
  { does: 'ask'; finding: Finding } | { does: 'check'; check: Check } | { does: 'put right'; cause: Cause }
/** Something that may come next. */
export type Act = (Exclude<Choice, { does: 'put right' }> | { does: 'put right'; cause: Cause; share: number }) & {
  /** Minutes from how the machine stands now. */
  minutes: number
  /** How likely it is so: yes to the question, the check not as it should be, this cause the one. */
  likely: number
  /** Bits of what is not known yet that it is expected to tell. */
  bits: number
  /** Bits for a minute: by this the order is. */
  rate: number
}

/** The name in the table of what an act is done with. */
export const actName = (act: Choice): string =>
  act.does === 'ask' ? act.finding.id : act.does === 'check' ? act.check.id : act.cause.id

/** What a school counts: the minutes of work for which an hour's worth of a part stands where it is put in for nothing. */
export const schools = { 'test first': 120, 'swap first': 10 } as const
/** The name of one. */
export type School = keyof typeof schools

/** Minutes of a question. */
export const asking = 0.5
/** The bits below which a question is not worth the interruption. */
const worthAsking = 0.3
/** Minutes to try the machine after something was put right. */
export const trying = 3
/** Below this share a cause is not put right unseen, and below these bits nothing is worth doing. */
const likelyEnough = 0.05
const nothing = 1e-3
/** Of a cause below this share nobody asks what it would show. */
const hardly = 2e-3
/** From this likelihood on, a check that is not as it should be shows its cause to the eye. */
export const shows = 0.5

const plogp = (p: number): number => (p > 0 ? p * Math.log2(p) : 0)

/** How likely something is that has a likelihood under each cause, and by how many bits the entropy of the shares is expected to fall when it is known. */
function told(shares: Float64Array, likely: (i: number) => number): { likely: number; bits: number } {
  let [p, now, then] = [0, 0, 0]
  for (let i = 0; i < shares.length; i++) {
    const so = shares[i]! * likely(i)
    p += so
    now -= plogp(shares[i]!)
    then -= plogp(so) + plogp(shares[i]! - so)
  }
  return { likely: p, bits: Math.max(0, now - then - plogp(p) - plogp(1 - p)) }
}

/** True where a check that tells this cause was not as it should be: it is no guess any more. */
export const isSeen = (field: Field, cause: Cause, checked: Evidence['checked']): boolean =>
  checked.some(c => !c.good && (field.checks.find(k => k.id === c.check)?.tells[cause.id] ?? 0) >= shows)

/**
 * What may come next, what tells most for a minute first. Each act is held by the fall of the entropy (Shannon 1948) that is expected of it
 * against its minutes: those of the look and of what must come off for it now. Putting a cause right is a check that never errs; it counts with
 * the minutes that are lost where it is not that, and with the part, at the price of the school.
 */
export function nextActs(field: Field, evidence: Evidence, stands: Stands, school: School): Act[] {
  const shares = sharesOf(field, evidence)
  const { told: so, not, checked, silent = [] } = evidence
  const known = new Set([...so, ...not, ...silent, ...checked.map(c => c.check)])
  const asks = field.findings.flatMap((finding): Act[] => {
    if (known.has(finding.id) || finding.never.some(f => so.includes(f))) return []
    const is = told(shares, i => showsUnder(field, i, finding.id))
    return is.bits < worthAsking ? [] : [{ does: 'ask', finding, minutes: asking, ...is, rate: is.bits / asking }]
  })
  const looks = field.checks.flatMap((check, k): Act[] => {
    if (known.has(check.id) || !field.tells[k]!.some(i => shares[i]! > hardly)) return []
    const minutes = check.minutes + toSet(field, k, stands)
    const is = told(shares, i => field.bad[k]![i]!)
    return [{ does: 'check', check, minutes, ...is, rate: is.bits / minutes }]
  })
  const rights = field.causes.flatMap((cause, i): Act[] => {
    const share = shares[i]!
    if (share < likelyEnough) return []
    const minutes = repairMinutes(field.family, cause, stands) + trying
    const is = told(shares, j => (j === i ? 1 : 0))
    const work = isSeen(field, cause, checked) ? (1 - share) * minutes : minutes
    const counts = Math.max(0.1, work + (1 - share) * schools[school] * cause.price)
    return [{ does: 'put right', cause, share, minutes, ...is, rate: is.bits / counts }]
  })
  return [...asks, ...looks, ...rights].filter(a => a.bits > nothing).sort((a, b) => b.rate - a.rate)
}
