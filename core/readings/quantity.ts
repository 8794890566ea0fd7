import type { Phrase } from '../words/phrase.ts'
import type { Caution } from '../words/cautions.ts'
import type { Dimension, Typed } from './typed.ts'
import type { Verdict } from './verdict.ts'

/** A figure that a plate, a sheet or the shop gives, in its unit; `usual` stands where nobody says otherwise. */
export interface Given {
  name: string
  label: Phrase
  unit: string
  least: number
  most: number
  usual?: number
}
/** What was given, by its name. */
export type Givens = Readonly<Record<string, number>>
/** What was read in each state. */
export type Readings = Readonly<Record<string, Typed>>

/** Something that technicians measure: what it must be told, in which states it is read, and what the readings say. */
export interface Quantity {
  title: Phrase
  dimension: Dimension
  /** The states in which it is read, in their order. */
  states: readonly string[]
  given: readonly Given[]
  cautions: readonly Caution[]
  /** What must be so before it is read, or the circuit answers for the part. */
  first: Phrase
  /** What the readings say; a state that was not read is not in them, nor a figure that nobody gave. */
  judge(given: Givens, read: Readings): Verdict
}
