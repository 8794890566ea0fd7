import { ascending } from 'd3-array'
import type { Family } from '../machine/families.ts'
import { toOpen } from '../machine/to-open.ts'
import type { Cause, Check, Finding, Table } from './model.ts'
import { placeOf } from './table/places.ts'

/** The rows of the table that hold for a build, ready for sums. Where something is listed by cause, what the table does not know stands last. */
export interface Field {
  family: Family
  findings: readonly Finding[]
  causes: readonly Cause[]
  checks: readonly Check[]
  /** For each check how likely it is not as it should be, by cause. */
  bad: readonly Float64Array[]
  /** For each check the causes that it tells. */
  tells: readonly (readonly number[])[]
  /** How likely each finding shows with any cause: so it does under what the table does not know. */
  usual: ReadonlyMap<string, number>
  /** The zone that must be open for each check, and at which each cause is put right; none where nothing comes off. */
  checkAt: readonly (string | undefined)[]
  causeAt: readonly string[]
}

const covered = (family: Family, zone: string) => (toOpen(family, zone, []).length ? zone : undefined)

/** The rows of a table for a build. Most of a table is not said: only what is is gone through. */
export function fieldOf(table: Table, family: Family): Field {
  const own = <T extends { builds: string }>(rows: readonly T[]) =>
    rows.filter(r => r.builds === 'both' || r.builds === family)
  const [causes, checks] = [own(table.causes), own(table.checks)]
  const place = new Map(causes.map((c, i) => [c.id, i]))
  const tells = checks.map(k =>
    Object.keys(k.tells)
      .flatMap(id => place.get(id) ?? [])
      .sort(ascending),
  )
  const likely = (k: Check, i: number) => k.tells[causes[i]!.id]!
  const bad = checks.map((k, n) => {
    const by = new Float64Array(causes.length + 1).fill(k.strays)
    for (const i of tells[n]!) by[i] = likely(k, i)
    return by
  })
  /** The part that a check tells most of. */
  const mostTold = (k: Check, told: readonly number[]): string =>
    causes[told.reduce((best, i) => (likely(k, i) > (k.tells[causes[best]!.id] ?? 0) ? i : best), 0)]!.part
  const weight = causes.reduce((sum, c) => sum + c.weight, 0)
  const usual = new Map(table.findings.map(f => [f.id, 0]))
  const shown = new Set<string>()
  for (const c of causes)
    for (const [finding, p] of Object.entries(c.shows)) {
      shown.add(finding)
      usual.set(finding, (usual.get(finding) ?? 0) + c.weight * p)
    }
  for (const [finding, sum] of usual) usual.set(finding, sum / weight)
  return {
    family,
    findings: table.findings.filter(f => shown.has(f.id)),
    causes,
    checks,
    bad,
    usual,
    tells,
    checkAt: checks.map((k, n) =>
      k.setting === 'panel off' && causes.length > 0
        ? covered(family, placeOf(family, k.at ?? mostTold(k, tells[n]!)))
        : undefined,
    ),
    causeAt: causes.map(c => placeOf(family, c.part)),
  }
}
