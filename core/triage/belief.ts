import type { Family } from '../machine/families.ts'
import type { Cause, Check, Table } from './model.ts'

/** How often something is wrong that the table does not know, against all that it knows. */
const unknown = 0.05
/** How often a finding shows without any cause that shows it. */
const chance = 0.02

/** What is known so far: findings that were told, findings that are not so, and what checks showed. */
export interface Evidence {
  told: readonly string[]
  not: readonly string[]
  checked: readonly { check: string; good: boolean }[]
}

/** A cause and how likely it is; null is what the table does not know. */
export interface Belief {
  cause: Cause | null
  share: number
}

/** How likely a check is not as it should be where a cause, or one that the table does not know, is wrong. */
export const badUnder = (check: Check, cause: Cause | null): number => (cause && check.tells[cause.id]) ?? check.strays

/**
 * How likely each cause is, the likeliest first: naive Bayes over the causes of a build and one more for what the table does not know
 * (Heckerman, Breese and Rommelse, Decision-Theoretic Troubleshooting, 1995, with one fault at a time). Shares add up to one.
 */
export function beliefs({ causes, checks }: Table, build: Family, evidence: Evidence): Belief[] {
  const byId = new Map(checks.map(c => [c.id, c]))
  const own = causes.filter(c => c.builds === 'both' || c.builds === build)
  const total = own.reduce((sum, c) => sum + c.weight, 0)
  const logOf = (cause: Cause | null): number => {
    let log = Math.log(cause ? (cause.weight / total) * (1 - unknown) : unknown)
    const shows = (f: string) => Math.max(chance, cause?.shows[f] ?? chance)
    for (const f of evidence.told) log += Math.log(shows(f))
    for (const f of evidence.not) log += Math.log(1 - shows(f))
    for (const { check, good } of evidence.checked) {
      const of = byId.get(check)
      if (!of) continue
      const bad = badUnder(of, cause)
      log += Math.log(good ? 1 - bad : bad)
    }
    return log
  }
  const logs = [...own, null].map(cause => ({ cause, log: logOf(cause) }))
  const most = Math.max(...logs.map(l => l.log))
  const sum = logs.reduce((all, l) => all + Math.exp(l.log - most), 0)
  return logs.map(({ cause, log }) => ({ cause, share: Math.exp(log - most) / sum })).sort((a, b) => b.share - a.share)
}
