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

/** How likely a check is not as it should be where a cause, or one that the table does not know, is wrong. */
export const badUnder = (check: Check, cause: Cause | null): number => (cause && check.tells[cause.id]) ?? check.strays

const covered = (family: Family, zone: string) => (toOpen(family, zone, []).length ? zone : undefined)
/** The part that a check tells most of. */
const mostTold = (check: Check, causes: readonly Cause[]): string =>
  causes.reduce((best, c) => ((check.tells[c.id] ?? 0) > (check.tells[best.id] ?? 0) ? c : best)).part

/** The rows of a table for a build. */
export function fieldOf(table: Table, family: Family): Field {
  const own = <T extends { builds: string }>(rows: readonly T[]) =>
    rows.filter(r => r.builds === 'both' || r.builds === family)
  const [causes, checks] = [own(table.causes), own(table.checks)]
  const weight = causes.reduce((sum, c) => sum + c.weight, 0)
  const usual = (finding: string) => causes.reduce((sum, c) => sum + c.weight * (c.shows[finding] ?? 0), 0) / weight
  return {
    family,
    findings: table.findings.filter(f => causes.some(c => c.shows[f.id] !== undefined)),
    causes,
    checks,
    bad: checks.map(k => Float64Array.from([...causes, null], c => badUnder(k, c))),
    usual: new Map(table.findings.map(f => [f.id, usual(f.id)])),
    tells: checks.map(k => causes.flatMap((c, i) => (k.tells[c.id] === undefined ? [] : [i]))),
    checkAt: checks.map(k =>
      k.setting === 'panel off' && causes.length > 0
        ? covered(family, placeOf(family, k.at ?? mostTold(k, causes)))
        : undefined,
    ),
    causeAt: causes.map(c => placeOf(family, c.part)),
  }
}
