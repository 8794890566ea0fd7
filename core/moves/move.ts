import type { Caution } from '../text/cautions.ts'
import type { Check } from './checks.ts'
import type { DebtChange } from './move-kind.ts'
import { foundNote, needsNew } from '../items/condition.ts'
import { kindOf, type Move } from './registry.ts'

/** The debts that a move changes: opened on the way down, settled on the way back. */
export function apply(move: Move): DebtChange[] {
  const sign = move.way === 'down' ? 1 : -1
  return kindOf(move)
    .opens(move)
    .map(change => ({
      ...change,
      count: sign * change.count,
      ...(needsNew(move.condition) && {
        renew: true as const,
        label: `${change.label}, found ${move.condition}: ${change.count === 1 ? 'a new one is' : 'new ones are'} owed`,
      }),
    }))
}

/** The move that undoes this one. `invert(invert(move))` equals the move. */
export const invert = (move: Move): Move => kindOf(move).invert(move)

/** The move as one short imperative sentence, in the wording of its way. */
export const describe = (move: Move): string => kindOf(move)[move.way](move)

/** What the hand must know besides, on the way back; none on the way down. */
export const notes = (move: Move): string[] =>
  move.way === 'back' ? [...foundNote(move.condition), ...kindOf(move).notes(move)] : []

/** What the move acts on, as a noun phrase. */
export const subject = (move: Move): string => kindOf(move).subject(move)

export const toolsFor = (move: Move): string[] => kindOf(move).tools(move)
export const cautionsFor = (move: Move): Caution[] => kindOf(move).cautions(move)
/** The checks of refitting; none on the way down. */
export const checksFor = (move: Move): Check[] => (move.way === 'back' ? (kindOf(move).checks?.(move) ?? []) : [])
/** The glyph of a move. */
export const glyphOf = (move: Move) => kindOf(move).item
