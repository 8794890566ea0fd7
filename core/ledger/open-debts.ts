import type { ItemKind } from '../items/kinds.ts'
import { owedCount, type Debt, type JobState } from '../log/state.ts'
import { thingOf } from '../moves/move.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** A debt that is still owed, and the number of its step in the descent (1 is the first). */
export interface OpenDebt extends Debt {
  owes: number
  stepNumber: number
  /** The thing alone, without how many and where. */
  thing: Phrase
}

/** Everything still owed, in the order of the descent. Costs O(steps + open debts). */
export function openDebts(state: JobState): OpenDebt[] {
  const number = new Map(state.order.toArray().map((id, i) => [id, i + 1]))
  return state.owing
    .toArray()
    .flatMap(id => state.debts.get(id) ?? [])
    .map(debt => {
      const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
      const thing = move && debt.id === move.id ? thingOf(move) : debt.label
      return { ...debt, owes: owedCount(debt), stepNumber: number.get(debt.step) ?? 0, thing }
    })
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

/** What is still owed of a debt, in words: `four T20 × 18`, or `2 of four T20 × 18` when some are back. */
export const stillOwed = (debt: Debt): Phrase =>
  owedCount(debt) === debt.count ? debt.label : say`${owedCount(debt)} of ${debt.label}`
