import type * as yup from 'yup'
import { conditions } from '../items/condition.ts'
import type { DebtState, ItemKind } from '../items/kinds.ts'
import { cell, line, listOf, literal, oneOf, shape, uuid } from '../schema/atoms.ts'
import { limits } from '../schema/limits.ts'
import type { Caution } from '../words/cautions.ts'
import type { Note } from '../words/note.ts'
import { say, type Phrase } from '../words/phrase.ts'
import type { Grammar } from '../grammar/grammar.ts'
import type { Waypoint } from '../items/route.ts'
import type { Family } from '../machine/families.ts'
import type { Around } from './around.ts'
import type { Check } from './checks.ts'
import type { Field, Where } from './field.ts'
import type { Lack } from './lack.ts'
import type { Traits } from './traits.ts'

/** One change that a move makes to what is owed: `count` is positive when it opens, negative when it settles. */
export interface DebtChange {
  /** Id of the debt: the id of its move, with `/1`, `/2` … for what the move owes besides. */
  debt: string
  item: ItemKind
  state: DebtState
  count: number
  /** What is owed, as a noun phrase: `four T20 × 18`. */
  label: Phrase
  /** True when it was found in such a state that a new one is owed. */
  renew?: true
}

/** What a new move of a kind is made of, beside its id, its kind and its way. */
export type Fresh<M> = Omit<M, 'id' | 'way' | 'kind'>

/**
 * One kind of move: how it is written down, which debts it opens, what undoes it, how it is said and how it is heard.
 * A kind is one file; `kinds.ts` lists them, and everything else asks here.
 */
export interface MoveKind<M> {
  kind: string
  /** What the hand calls the act: `Take out`. */
  name: string
  /** Glyph of the kind, and the kind of the debt that it opens. */
  item: ItemKind | 'mark'
  schema: yup.Schema<M>
  /** The least that makes it complete where it is recorded. */
  fresh(around: Around): Fresh<M>
  /** What can be known of it, what matters most first. */
  fields(where: Where): readonly Field[]
  /** How it is said on the quick line. */
  grammar: Grammar
  /** What it does to the machine; nothing where it is left out. */
  traits?(move: M): Traits
  /** Where it goes along a line: its points, and the move with others. */
  along?: {
    points(move: M): readonly Waypoint[]
    with(move: M, points: readonly Waypoint[]): M
    /** The act on the way back, where each point is told of its own. */
    back(move: M): Phrase
  }
  /** True when its pieces lie loose in a cell of the tray. */
  loose?: true
  /** What it lacks that would help the return. */
  lacks?(move: M, family: Family): Lack[]
  /** The debts that the move opens on the way down; empty when it owes nothing. */
  opens(move: M): DebtChange[]
  /** The move that undoes this one; its own inverse is the move again. */
  invert(move: M): M
  /** What is acted on, as a noun phrase. */
  subject(move: M): Phrase
  /** The thing alone, without how many and where; the subject where it is left out. */
  thing?(move: M): Phrase
  /** The act on the way down, as one short imperative sentence. */
  down(move: M): Phrase
  /** The act on the way back, as one short imperative sentence. */
  back(move: M): Phrase
  /** What else the hand must know on the way back. */
  notes(move: M): Note[]
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
    /** The usual names of the things that its place was taken for; empty where it names none. */
    holds: listOf(line().required(), limits.moves),
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
  label: Phrase,
): DebtChange => ({
  debt: move.id,
  item,
  state,
  count,
  label,
})

/** `, pump bracket` where a place is known. */
export const at = (move: { place?: string | undefined }): Phrase => (move.place ? say`, ${move.place}` : '')
/** `Pump bracket: ` where a place is known. */
export const on = (move: { place?: string | undefined }): Phrase => (move.place ? say`${move.place}: ` : '')
/** `. Cell B3` where a cell is known. */
export const into = (move: { cell?: string | undefined }): Phrase => (move.cell ? say`. Cell ${move.cell}` : '')
