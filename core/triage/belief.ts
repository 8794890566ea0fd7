import type { Field } from './field.ts'
import type { Cause } from './model.ts'
import { circuits, type CircuitName } from './table/circuits.ts'

/** How often something is wrong that the table does not know, against all that it knows. */
const unknown = 0.05
/** How often a finding is told without any cause that shows it. */
export const chance = 0.004

/** How likely a code names the circuit of a cause that is in it, and one that its cause is not in: its words mislead often enough. */
const namesOwn = 0.5
const namesOther = 0.06

/** What is known so far. */
export interface Evidence {
  /** Findings that are so, and findings that are not. */
  told: readonly string[]
  not: readonly string[]
  checked: readonly { check: string; good: boolean }[]
  /** Causes that were put right, and it was not that. */
  ruledOut: readonly string[]
  /** Findings of which nobody knows, and checks that could not tell: they are not proposed again. */
  silent?: readonly string[]
  /** The circuit that its code names on this model, as the shop knows it. */
  circuit?: CircuitName | undefined
}
/** Before anything is known. */
export const noEvidence: Evidence = { told: [], not: [], checked: [], ruledOut: [] }

/** A cause and how likely it is; null is what the table does not know. */
export interface Belief {
  cause: Cause | null
  share: number
}

/** How likely a finding shows under the cause of that number, or under what the table does not know: there as likely as with any cause. */
export const showsUnder = ({ causes, usual }: Field, i: number, finding: string): number =>
  Math.max(chance, (causes[i] ? causes[i].shows[finding] : usual.get(finding)) ?? chance)

/** Shares that add up to one; where none is left, all is what the table does not know. */
function normal(raw: Float64Array): Float64Array {
  const sum = raw.reduce((all, x) => all + x, 0)
  return raw.map((x, i) => (sum > 0 ? x / sum : i === raw.length - 1 ? 1 : 0))
}

/**
 * How likely each cause is, by cause, what the table does not know last: naive Bayes with one fault at a time (Heckerman, Breese and
 * Rommelse, Decision-Theoretic Troubleshooting, Communications of the ACM 38:3, 1995). Shares add up to one.
 */
export function sharesOf(field: Field, evidence: Evidence): Float64Array {
  const { causes, checks, bad } = field
  const at = new Map(checks.map((c, i) => [c.id, i]))
  const total = causes.reduce((sum, c) => sum + c.weight, 0)
  const logs = Float64Array.from([...causes, null], (cause, i) => {
    if (cause && evidence.ruledOut.includes(cause.id)) return -Infinity
    let log = Math.log(cause ? (cause.weight / total) * (1 - unknown) : unknown)
    for (const f of evidence.told) log += Math.log(showsUnder(field, i, f))
    for (const f of evidence.not) log += Math.log(1 - showsUnder(field, i, f))
    if (evidence.circuit) {
      const isIn = cause !== null && circuits[evidence.circuit].causes.includes(cause.id)
      log += Math.log(isIn ? namesOwn : namesOther)
    }
    for (const { check, good } of evidence.checked) {
      const k = at.get(check)
      if (k !== undefined) log += Math.log(good ? 1 - bad[k]![i]! : bad[k]![i]!)
    }
    return log
  })
  const most = Math.max(...logs)
  return normal(logs.map(log => Math.exp(log - most)))
}

/** How likely each cause is, the likeliest first. */
export const beliefs = (field: Field, evidence: Evidence): Belief[] =>
  [...sharesOf(field, evidence)]
    .map((share, i) => ({ cause: field.causes[i] ?? null, share }))
    .sort((a, b) => b.share - a.share)
