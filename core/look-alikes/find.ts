import type { Family } from '../machine/families.ts'
import { distance } from '../tray/cells.ts'
import { compareConnectors } from './connectors.ts'
import { compareFasteners } from './fasteners.ts'
import type { Lot } from './lot.ts'
import { dangers, worst, type Danger, type Verdict } from './verdict.ts'

/** Two lots that a tired eye or a blind hand would swap, with the reasons. */
export interface LookAlike extends Verdict {
  a: Lot
  b: Lot
  danger: Danger
}

/** Two lots held side by side; `null` when they are told apart, or are the same. */
export function compare(family: Family, a: Lot, b: Lot): LookAlike | null {
  const verdict = a.fastener ? compareFasteners(a, b) : compareConnectors(family, a, b)
  return verdict && { ...verdict, a, b, danger: worst(verdict) }
}

const byDanger = (x: LookAlike, y: LookAlike) => dangers.indexOf(x.danger) - dangers.indexOf(y.danger)

/** The look-alikes of one lot among others, worst first. */
export const alikeOf = (family: Family, lot: Lot, others: readonly Lot[]): LookAlike[] =>
  others.flatMap(other => (other.id === lot.id ? [] : (compare(family, other, lot) ?? []))).sort(byDanger)

/** All pairs of lots that look alike, worst first. Costs O(n²) comparisons of constant cost. */
export const lookAlikes = (family: Family, lots: readonly Lot[]): LookAlike[] =>
  lots.flatMap((lot, i) => lots.slice(0, i).flatMap(other => compare(family, other, lot) ?? [])).sort(byDanger)

/** The look-alikes of a lot that lie in the cell it would go into, or in one beside it. */
export const besides = (pairs: readonly LookAlike[], lot: string, cell: string): LookAlike[] =>
  pairs.filter(p => {
    const other = p.a.id === lot ? p.b : p.b.id === lot ? p.a : null
    return other?.fastener && other.cell && distance(other.cell, cell) <= 1
  })
