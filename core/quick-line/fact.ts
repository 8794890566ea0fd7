import type { Passing } from '../items/route.ts'
import type { Posture } from '../machine/postures.ts'
import type { MoveKindName } from '../moves/registry.ts'

/** What a field of a move can be set to by one word of the line. */
export type Value = string | number | boolean

/**
 * What a stretch of the line says, before it is known which move it belongs to.
 * `act` is a verb; `away` is the verb that fits everything that comes off. `noun` is a thing that hints at its kind of move.
 */
export type Fact =
  | { as: 'end' | 'comma' | 'colon' | 'next' | 'and' | 'filler' | 'word' | 'same' | 'same-cell' }
  | { as: 'quoted'; value: string }
  | { as: 'count' | 'number' | 'mm'; n: number }
  /** `x 18`: a length, or a count where it stands apart and is small. */
  | { as: 'times'; n: number; apart: boolean }
  | { as: 'act'; act: MoveKindName | 'away'; sets?: Record<string, Value> }
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

/** Things by the kind of move that they hint at. */
export type Noun =
  | 'fastener'
  | 'clip'
  | 'connector'
  | 'line'
  | 'hose'
  | 'belt'
  | 'consumable'
  | 'temporary'
  | 'isolation'
  | 'clamp'
  | 'tape'

/** A fact and where in the line it stands: characters `start` to `end`, counted as JavaScript counts. */
export interface Said {
  start: number
  end: number
  fact: Fact
}
