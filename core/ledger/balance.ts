import { itemKinds, type ItemKind } from '../items/kinds.ts'
import { owedCount, type JobState } from '../log/state.ts'

/** What became of everything of one kind. `taken = refitted + replaced + scrapped + missing + owed`, always. */
export interface BalanceRow {
  item: ItemKind
  taken: number
  refitted: number
  replaced: number
  scrapped: number
  missing: number
  owed: number
}

/** The balance of a job by kind of item, kinds that never occurred left out. */
export function balance(state: JobState): BalanceRow[] {
  const rows = Object.fromEntries(
    itemKinds.map(item => [item, { item, taken: 0, refitted: 0, replaced: 0, scrapped: 0, missing: 0, owed: 0 }]),
  ) as Record<ItemKind, BalanceRow>
  for (const debt of state.debts.values()) {
    const row = rows[debt.item]
    row.taken += debt.count
    row.refitted += debt.settled.refitted
    row.replaced += debt.settled.replaced
    row.scrapped += debt.settled.scrapped
    row.missing += debt.settled.missing
    row.owed += owedCount(debt)
  }
  return Object.values(rows).filter(row => row.taken > 0)
}
