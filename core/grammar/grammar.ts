import type { Passing } from '../items/route.ts'
import type { Noun, Value } from './fact.ts'
import type { Telling } from './telling.ts'
import type { Certainty } from './token.ts'

/** Words of the trade, in lower case, singular, with commas between; and what they tell besides. */
export type Words = string | readonly [words: string, tells: Readonly<Record<string, Value>>]
/** Words for things; as a point that a line passes they may say how it does. */
export type ThingWords = string | readonly [words: string, tells?: Readonly<Record<string, Value>>, passing?: Passing]

/** A figure of the line: `4`, `18 mm`, `x 18`; `apart` where it stands apart from what it multiplies. */
export interface Figure {
  as: 'count' | 'number' | 'mm' | 'times'
  n: number
  apart?: boolean
}
/** Fields that a word or a figure tells, and how surely. */
export interface Told {
  sets: Readonly<Record<string, unknown>>
  certainty: Certainty
}
/** A thing of another class that is heard beside the act: what it tells, or that it only says the act again. */
export interface Beside {
  noun: Noun
  /** Only where it says this of itself. */
  when?: Readonly<Record<string, Value>>
  tells: Told | 'act' | 'nothing'
}

/** How a kind of move is said on the quick line. */
export interface Grammar {
  /** How the act is written. */
  verb: string
  /** What is written for the thing where nothing shorter says it. */
  thing?: string
  /** Words that say the act. */
  acts: readonly Words[]
  /** Things by which the kind is known without a verb, by their class. */
  things?: Readonly<Record<Noun, readonly ThingWords[]>>
  /** Classes of things that are its own, and what each tells of it. */
  takes?: Readonly<Record<Noun, Readonly<Record<string, Value>>>>
  beside?: readonly Beside[]
  /** The field that the name of the thing goes into. */
  name?: string
  /** A part that the family knows as a cover opens its zones. */
  opensCovers?: true
  /** Its verb says what the hand does, not what comes off: these classes of things decide the kind instead. */
  yieldsTo?: readonly Noun[]
  /** Its verb is also said of other kinds, and counts as said there. */
  alsoSaid?: true
  /** What a figure means here, after counts; `told` is what is known already. */
  figure?: (figure: Figure, told: Readonly<Record<string, unknown>>) => Told | undefined
  /** What colours mean here; `beside` are the classes of things in the same stretch. */
  colours?: (
    colours: readonly string[],
    told: Readonly<Record<string, unknown>>,
    beside: ReadonlySet<Noun>,
  ) => Told | undefined
  /** What is told before all leads (`clear of`, `note`), after them, and after everything else that has a meaning. */
  first?: (t: Telling) => void
  then?: (t: Telling) => void
  last?: (t: Telling) => void
}
