import type * as yup from 'yup'
import { conditions } from '../items/condition.ts'
import type { DebtState, ItemKind } from '../items/kinds.ts'
import { cell, line, literal, oneOf, shape, uuid } from '../schema.ts'
import type { Caution } from '../text/cautions.ts'
import type { Check } from './checks.ts'

/** One change that a move makes to what is owed: `count` is positive when it opens, negative when it settles. */
export interface DebtChange {
  /** Id of the debt: the id of its move, with `/1`, `/2` … for what the move owes besides. */
  debt: string
  item: ItemKind
  state: DebtState
  count: number
  /** What is owed, as a noun phrase: `four T20 × 18`. */
  label: string
  /** True when it was found in such a state that a new one is owed. */
  renew?: true
}

/**
 * One kind of move: how it is written down, which debts it opens, what undoes it, and how it is said.
 * A kind is one file; the registry in `registry.ts` lists them.
 */
export interface MoveKind<M> {
  kind: string
  /** Glyph of the kind, and the kind of the debt that it opens. */
  item: ItemKind | 'mark'
  schema: yup.Schema<M>
  /** The debts that the move opens on the way down; empty when it owes nothing. */
  opens(move: M): DebtChange[]
  /** The move that undoes this one; its own inverse is the move again. */
  invert(move: M): M
  /** What is acted on, as a noun phrase. */
  subject(move: M): string
  /** The act on the way down, as one short imperative sentence. */
  down(move: M): string
  /** The act on the way back, as one short imperative sentence. */
  back(move: M): string
  /** What else the hand must know on the way back. */
  notes(move: M): string[]
  tools(move: M): string[]
  cautions(move: M): Caution[]
  /** What the hand does after refitting to be sure that it is home; none where it is left out. */
  checks?(move: M): Check[]
}

/** The direction of a move: down, as recorded, or back, as its inverse. */
export const ways = ['down', 'back'] as const

/** The schema of a kind: its own fields beside what every move has. */
export const moveShape = <const K extends string, S extends yup.ObjectShape>(kind: K, fields: S) =>
  shape({
    id: uuid().required(),
    kind: literal(kind),
    way: oneOf(ways).required(),
    /** Where on the machine, in the trade's words: `pump bracket`. */
    place: line(),
    /** The cell of the tray in which it lies. */
    cell: cell(),
    note: line(),
    /** The condition in which it was found. */
    condition: oneOf(conditions),
    ...fields,
  })

/** The other way; with it alone most kinds are inverted. */
export const turned = <M extends { way: 'down' | 'back' }>(move: M): M => ({
  ...move,
  way: move.way === 'down' ? 'back' : 'down',
})

/** One debt of the move itself. */
export const owes = (
  move: { id: string },
  item: ItemKind,
  state: DebtState,
  count: number,
  label: string,
): DebtChange => ({
  debt: move.id,
  item,
  state,
  count,
  label,
})

/** `: pump bracket` where a place is known. */
export const at = (move: { place?: string | undefined }): string => (move.place ? `, ${move.place}` : '')
/** `Pump bracket: ` where a place is known. */
export const on = (move: { place?: string | undefined }): string => (move.place ? `${move.place}: ` : '')
/** `. Cell B3` where a cell is known. */
export const into = (move: { cell?: string | undefined }): string => (move.cell ? `. Cell ${move.cell}` : '')
