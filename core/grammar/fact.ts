import type { Passing } from '../items/route.ts'
import type { Posture } from '../machine/postures.ts'

/** What a field of a move can be set to by one word of the line. */
export type Value = string | number | boolean

/**
 * What a stretch of the line says, before it is known which move it belongs to.
 * `act` is a verb of a kind of move; `away` is the verb that fits everything that comes off. `noun` is a thing that hints at its kind.
 */
export type Fact =
  | { as: 'end' | 'comma' | 'colon' | 'next' | 'and' | 'filler' | 'word' | 'same' | 'same-cell' }
  | { as: 'quoted'; value: string }
  | { as: 'count' | 'number' | 'mm'; n: number }
  /** `x 18`: a length, or a count where it stands apart and is small. */
  | { as: 'times'; n: number; apart: boolean }
  | { as: 'act'; act: string; sets?: Record<string, Value> }
  | { as: 'noun'; noun: Noun; sets?: Record<string, Value>; passing?: Passing }
  | { as: 'set'; sets: Record<string, Value> }
  /** Fields by their exact names, as `format` writes them: nothing is inferred from them. */
  | { as: 'exact'; field: string; value: string }
  | { as: 'look'; look: string }
  | { as: 'label'; label: string }
  | { as: 'colour'; colours: string[] }
  | { as: 'passing'; by: Passing }
  | { as: 'posture'; posture: Posture }
  /** What follows tells a field: `note`, `clear of`, `carry over`. */
  | { as: 'lead'; field: string }

/** A class of things, by which a kind of move is known: `fastener`, `hose`. */
export type Noun = string

/** A fact and where in the line it stands: characters `start` to `end`, counted as JavaScript counts. */
export interface Said {
  start: number
  end: number
  fact: Fact
}
