import type { Caution } from '../words/cautions.ts'
import { text } from '../words/language.ts'
import type { Note } from '../words/note.ts'
import { say, type Phrase } from '../words/phrase.ts'
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
        label:
          change.count === 1
            ? say`${change.label}, found ${{ say: move.condition! }}: a new one is owed`
            : say`${change.label}, found ${{ say: move.condition! }}: new ones are owed`,
      }),
    }))
}

/** The move that undoes this one. `invert(invert(move))` equals the move. */
export const invert = (move: Move): Move => kindOf(move).invert(move)

/** The move as one short imperative sentence, in the wording of its way. */
export const act = (move: Move): Phrase => kindOf(move)[move.way](move)
/** The same in words. */
export const describe = (move: Move): string => text(act(move))

/** What the hand must know besides, on the way back; none on the way down. */
export const notes = (move: Move): Note[] =>
  move.way === 'back' ? [...foundNote(move.condition), ...kindOf(move).notes(move)] : []

/** What the move acts on, as a noun phrase. */
export const subject = (move: Move): Phrase => kindOf(move).subject(move)

/** The thing alone, without how many and where. */
export const thingOf = (move: Move): Phrase => (kindOf(move).thing ?? kindOf(move).subject)(move)

/** The tools that a move takes. */
export const toolsFor = (move: Move): string[] => kindOf(move).tools(move)
/** What can hurt in a move. */
export const cautionsFor = (move: Move): Caution[] => kindOf(move).cautions(move)
/** The checks of refitting; none on the way down. */
export const checksFor = (move: Move): Check[] => (move.way === 'back' ? (kindOf(move).checks?.(move) ?? []) : [])
/** The glyph of a move. */
export const glyphOf = (move: Move) => kindOf(move).item
