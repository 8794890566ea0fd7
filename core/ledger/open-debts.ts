import type { ItemKind } from '../items/kinds.ts'
import { owedCount, type Debt, type JobState } from '../log/state.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** A debt that is still owed, and the number of its step in the descent (1 is the first). */
export interface OpenDebt extends Debt {
  owes: number
  stepNumber: number
}

/** Everything still owed, in the order of the descent. Costs O(steps + open debts). */
export function openDebts(state: JobState): OpenDebt[] {
  const number = new Map(state.order.toArray().map((id, i) => [id, i + 1]))
  return state.owing
    .toArray()
    .flatMap(id => state.debts.get(id) ?? [])
    .map(debt => ({ ...debt, owes: owedCount(debt), stepNumber: number.get(debt.step) ?? 0 }))
    .sort((a, b) => a.stepNumber - b.stepNumber || (a.id < b.id ? -1 : 1))
}

/** Pieces owed in each zone. */
export function owedByZone(debts: readonly OpenDebt[]): Map<string, number> {
  const zones = new Map<string, number>()
  for (const d of debts) if (d.zone) zones.set(d.zone, (zones.get(d.zone) ?? 0) + d.owes)
  return zones
}

/** Pieces owed of all kinds. */
export const piecesOwed = (owed: Record<ItemKind, number>): number => Object.values(owed).reduce((a, b) => a + b, 0)

/** So many of a debt: `four T20 × 18` where that is all of it, else `2 of four T20 × 18`. */
export const someOf = (debt: Debt, count: number): Phrase =>
  count === debt.count ? debt.label : say`${count} of ${debt.label}`
/** What is still owed of a debt. */
export const stillOwed = (debt: Debt): Phrase => someOf(debt, owedCount(debt))
