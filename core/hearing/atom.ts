import type { Passing } from '../items/route.ts'
import type { Posture } from '../machine/postures.ts'

/** What a stretch of the line can be in its clause. */
export type Tag =
  | 'sep'
  | 'num'
  | 'count'
  | 'size'
  | 'mm'
  | 'inch'
  | 'thread'
  | 'times'
  | 'ways'
  | 'turns'
  | 'litres'
  | 'clock'
  | 'torque'
  | 'measure'
  | 'cell'
  | 'same-cell'
  | 'label'
  | 'exact'
  | 'quoted'
  | 'verb'
  | 'away'
  | 'aux'
  | 'neg'
  | 'modal'
  | 'later'
  | 'done'
  | 'reason'
  | 'conj'
  | 'warn'
  | 'state'
  | 'question'
  | 'still'
  | 'old'
  | 'new'
  | 'pron'
  | 'det'
  | 'prep'
  | 'pass'
  | 'pos'
  | 'filler'
  | 'quality'
  | 'look'
  | 'colour'
  | 'thing'
  | 'part'
  | 'posture'
  | 'lead'
  | 'same'
  | 'word'

/** What a word sets of the move that it is said of. */
export type Value = string | number | boolean

/** A verb as it stands in the line. */
export interface Verb {
  lemma: string
  /** Kinds of move that it can mean; `away` fits everything that comes off, `remark` none. */
  kinds: readonly string[]
  form: 'base' | 's' | 'ed' | 'ing'
}

/** A stretch of the line that means one thing: characters `start` to `end`, and what it can mean. */
export interface Atom {
  start: number
  end: number
  /** In lower case, spelt as the trade spells it, in full. */
  words: string
  tag: Tag
  /** Figures: how many, how large. */
  n?: number
  /** A figure in the plural: `twenties`, `13s`. */
  plural?: true
  /** Fields that it tells by itself. */
  sets?: Readonly<Record<string, Value>>
  verb?: Verb
  /** The class of a thing. */
  noun?: string | undefined
  by?: Passing
  posture?: Posture
  colour?: string
  /** The sign that stands between clauses. */
  sign?: string
  field?: string
  /** How far from what was typed: 0 as it stands, more where it was spelt otherwise. */
  off?: number
  /** It was taken back by what follows it. */
  struck?: true
}
