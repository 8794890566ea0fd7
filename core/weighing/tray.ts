import { fastenerName } from '../items/fastener.ts'
import { entriesOf } from '../log/entry.ts'
import { owedCount, type JobState } from '../log/state.ts'
import type { Phrase } from '../words/phrase.ts'
import { learnt, pieceMass, type Mass } from './mass.ts'
import type { Lot } from './weigh.ts'

/** The error of a pocket scale, one standard error in grams: it shows tenths, and the hand sets it down unevenly. */
export const scaleError = 0.1

/** A group of fasteners as the scale knows it: how many lie in the tray now, and what one weighs. */
export interface TrayLot {
  debt: string
  cell: string | undefined
  /** One of it, by name. */
  name: Phrase
  count: number
  /** None where neither thread nor length is known, and it was never weighed. */
  piece: Mass | null
}

/** The fasteners of a job, those that are back on too: one of them may lie in the tray still. O(moves). */
export function trayLots(state: JobState): TrayLot[] {
  const weighed = new Map(
    entriesOf(state, 'reading-taken').flatMap(({ body: { debt, pieces, value, unit } }) =>
      debt && pieces && unit === 'g' && value! > 0 ? [[debt, learnt(value!, pieces, scaleError)] as const] : [],
    ),
  )
  return state.order.toArray().flatMap(id =>
    state.steps.get(id)!.moves.flatMap((move): TrayLot[] => {
      const debt = state.debts.get(move.id)
      if (!debt || !('fastener' in move) || debt.item !== 'fastener' || debt.state !== 'out') return []
      const piece = weighed.get(debt.id) ?? pieceMass(move)
      return [{ debt: debt.id, cell: debt.cell, name: fastenerName(move.fastener), count: owedCount(debt), piece }]
    }),
  )
}
/** The lots of a tray that the scale can tell, for `weigh`. */
export const lotsOf = (lots: readonly TrayLot[]): Lot[] =>
  lots.flatMap(({ debt, count, piece }) => (piece ? [{ id: debt, count, piece }] : []))
