import { byCell } from '../tray/cells.ts'
import type { OpenDebt } from './open-debts.ts'

/** What lies in each cell now, by cell code, cells in order. */
export function trayOf(debts: readonly OpenDebt[]): [cell: string, debts: OpenDebt[]][] {
  const cells = new Map<string, OpenDebt[]>()
  for (const debt of debts) if (debt.cell) cells.set(debt.cell, [...(cells.get(debt.cell) ?? []), debt])
  return [...cells].sort(([a], [b]) => byCell(a, b))
}
