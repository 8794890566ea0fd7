import type { Debt, JobState } from '../log/state.ts'
import { thingOf } from '../moves/move.ts'
import { byCell } from '../tray/cells.ts'
import type { Phrase } from '../words/phrase.ts'
import type { OpenDebt } from './open-debts.ts'

/** What lies in each cell now, by cell code, cells in order. */
export function trayOf(debts: readonly OpenDebt[]): [cell: string, debts: OpenDebt[]][] {
  const cells = new Map<string, OpenDebt[]>()
  for (const debt of debts) if (debt.cell) cells.set(debt.cell, [...(cells.get(debt.cell) ?? []), debt])
  return [...cells].sort(([a], [b]) => byCell(a, b))
}

/** What is owed, as the thing alone, without how many and where. */
export function thingOwed(state: JobState, debt: Debt): Phrase {
  const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.id)
  return move ? thingOf(move) : debt.label
}
