import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { alikeOf } from '../look-alikes/find.ts'
import { lotOf, lotsOf } from '../look-alikes/lot.ts'
import type { Family } from '../machine/families.ts'
import { kindOf, type Move } from '../moves/registry.ts'
import { proposeCell } from '../tray/propose.ts'

/** Cells that hold something now, or are named by the step in hand. */
export const takenCells = (state: JobState, inHand: Step): Set<string> =>
  new Set([
    ...[...state.owing].flatMap(id => state.debts.get(id)?.cell ?? []),
    ...inHand.moves.flatMap(m => m.cell ?? []),
  ])

/** The cell for what a move of the step in hand takes off: free, and apart from what looks like it. None where the tray is full. */
export function cellFor(state: JobState, family: Family, inHand: Step, move: Move | null): string | undefined {
  const lot = move && lotOf(move, inHand, 0, family)
  const alike = lot?.fastener ? alikeOf(family, lot, lotsOf(state, inHand)) : []
  const apart = alike.flatMap(({ a }) => a.cell ?? [])
  const taken = takenCells(state, inHand)
  if (move?.cell) taken.delete(move.cell)
  return proposeCell(state.tray, taken, apart)
}

/** The step in hand with a line taken into it: groups of the line that would share the cell that is `next` get cells of their own, unless they were told theirs. */
export function inCellsOfTheirOwn(state: JobState, inHand: Step, withLine: Step, next: string | undefined): Step {
  const told = new Set(inHand.moves.map(m => m.id))
  const taken = takenCells(state, inHand)
  const moves = withLine.moves.map(m => {
    if (told.has(m.id) || !kindOf(m).loose || m.cell !== next) return m
    const cell = proposeCell(state.tray, taken)
    if (!cell) return m
    taken.add(cell)
    return { ...m, cell }
  })
  return { ...withLine, moves }
}
