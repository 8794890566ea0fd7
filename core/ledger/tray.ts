import type { OpenDebt } from './open-debts.ts'

/** What lies in each cell now, by cell code, cells in order. */
export function trayOf(debts: readonly OpenDebt[]): [cell: string, debts: OpenDebt[]][] {
  const cells = new Map<string, OpenDebt[]>()
  for (const debt of debts) if (debt.cell) cells.set(debt.cell, [...(cells.get(debt.cell) ?? []), debt])
  return [...cells].sort(([a], [b]) => byCell(a, b))
}

const byCell = (a: string, b: string) => a.charCodeAt(0) - b.charCodeAt(0) || Number(a.slice(1)) - Number(b.slice(1))

/** The first free cell of a tray of `rows` × `columns`; a cell that was used before is not offered again while others are free. */
export function nextCell(used: ReadonlySet<string>, rows = 5, columns = 4): string | undefined {
  for (let r = 0; r < rows; r++)
    for (let c = 1; c <= columns; c++) {
      const cell = String.fromCharCode(65 + r) + c
      if (!used.has(cell)) return cell
    }
  return undefined
}
