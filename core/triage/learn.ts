import { group, mean } from 'd3-array'
import type { Family } from '../machine/families.ts'
import { beliefs, chance, noEvidence, type Evidence } from './belief.ts'
import { fieldOf } from './field.ts'
import type { Cause, Table } from './model.ts'

/** What a closed job teaches: the cause that was confirmed, what was told unasked, and what was done before it was known, in its order. */
export interface Solved {
  cause: string
  family: Family
  model: string
  told: readonly string[]
  did: readonly Did[]
}
/** A check and what it showed, or a cause that was put right and was not it. */
export type Did = { check: string; good: boolean } | { notIt: string }

/** How many closed jobs the table's own word on how often a cause is stands for, and its word on how likely something shows. */
const jobsOfTable = 200
const casesOfFigure = 8
const casesOfNone = 30
/** From so many closed jobs of a model on, each of them counts so often. */
const enough = 5
const ofTheModel = 3

/** Of what shows a customer tells this share unasked. */
const toldShare = 0.7

/** The mean of a beta distribution that starts at `p` with a weight, after so many cases of which some were so. */
const smoothed = (p: number, so: number, of: number, weight = casesOfFigure): number =>
  (weight * p + so) / (weight + of)

/** How likely something shows, where so many of the customers told it. */
const shownBy = (p: number | undefined, told: number, of: number): number =>
  of === 0 && p !== undefined
    ? p
    : p === undefined
      ? smoothed(chance, told, of, casesOfNone)
      : Math.min(0.98, smoothed(p * toldShare, told, of) / toldShare)

/**
 * The table after the closed jobs of a shop, for a model: smoothed counts take the place of its own figures as jobs come in (a Dirichlet prior for
 * how often each cause is, a beta prior for each likelihood: Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 2 and 3). Causes, findings
 * and checks that the table does not have are left out.
 */
export function learnt(table: Table, solved: readonly Solved[], model?: string): Table {
  if (solved.length === 0) return table
  const total = table.causes.reduce((sum, c) => sum + c.weight, 0)
  const own = solved.filter(s => s.model === model)
  const known = new Set(table.findings.map(f => f.id))
  const byCause = group(solved, s => s.cause)
  const often = ({ id, weight }: Cause) =>
    (jobsOfTable * weight) / total +
    (byCause.get(id)?.length ?? 0) +
    (own.length >= enough ? (ofTheModel - 1) * own.filter(s => s.cause === id).length : 0)
  const shows = (c: Cause) => {
    const of = byCause.get(c.id) ?? []
    const named = new Set([...Object.keys(c.shows), ...(of.length > 1 ? of.flatMap(s => s.told) : [])])
    return Object.fromEntries(
      [...named]
        .filter(f => known.has(f))
        .map(f => [f, shownBy(c.shows[f], of.filter(s => s.told.includes(f)).length, of.length)]),
    )
  }
  const results = solved.flatMap(s => s.did.flatMap(d => ('check' in d ? [{ ...d, cause: s.cause }] : [])))
  const byCheck = group(results, r => r.check)
  return {
    findings: table.findings,
    causes: table.causes.map(c => ({ ...c, weight: often(c), shows: shows(c) })),
    checks: table.checks.map(check => {
      const of = byCheck.get(check.id) ?? []
      const after = (p: number, all: typeof of) => smoothed(p, all.filter(r => !r.good).length, all.length)
      const tells = Object.entries(check.tells).map(([id, p]) => [
        id,
        after(
          p,
          of.filter(r => r.cause === id),
        ),
      ])
      return {
        ...check,
        tells: Object.fromEntries(tells),
        strays: after(
          check.strays,
          of.filter(r => check.tells[r.cause] === undefined),
        ),
      }
    }),
  }
}

/** Of what was held at about one likelihood, how often it was so. */
export interface Held {
  /** The least likelihood of this group. */
  from: number
  times: number
  /** The mean of what was held, and the share of it that was so. */
  held: number
  so: number
}
const steps = [0, 0.1, 0.3, 0.5, 0.7, 0.9]

/**
 * What was held of the likeliest cause before each check and after the last, in the order of the jobs, each judged by what the shop had learnt from
 * those before it: how likely it was held, and how often it was so (a reliability diagram: Murphy and Winkler, Applied Statistics 26:1, 1977).
 */
export function calibration(table: Table, solved: readonly Solved[]): Held[] {
  const held = solved.flatMap((job, at) => {
    const field = fieldOf(learnt(table, solved.slice(0, at), job.model), job.family)
    return Array.from({ length: job.did.length + 1 }, (_, n) => {
      const done = job.did.slice(0, n)
      const evidence: Evidence = {
        ...noEvidence,
        told: job.told,
        checked: done.flatMap(d => ('check' in d ? [d] : [])),
        ruledOut: done.flatMap(d => ('notIt' in d ? [d.notIt] : [])),
      }
      const [top] = beliefs(field, evidence)
      return { share: top!.share, so: top!.cause?.id === job.cause }
    })
  })
  return steps.flatMap((from, i): Held[] => {
    const here = held.filter(h => h.share >= from && (steps[i + 1] === undefined || h.share < steps[i + 1]!))
    if (here.length === 0) return []
    return [{ from, times: here.length, held: mean(here, h => h.share)!, so: mean(here, h => Number(h.so))! }]
  })
}
