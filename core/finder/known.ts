import type { InferType } from 'yup'
import { fastener, fastenerName, type Fastener } from '../items/fastener.ts'
import { itemKinds } from '../items/kinds.ts'
import type { Move } from '../moves/registry.ts'
import { glyphOf, subject } from '../moves/move.ts'
import { debtId, line, oneOf, shape } from '../schema/atoms.ts'
import { english } from '../words/english.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** What is known of a thing that is left over: any of its attributes; or the group that it looks like, picked by eye from the photos. */
export const known = shape({
  item: oneOf(itemKinds).required(),
  fastener: fastener.default(undefined).optional(),
  /** Words on it or about it: the label of a plug, the name of a part. */
  words: line(),
  /** The move whose things it looks like. */
  like: debtId(),
})
export type Known = InferType<typeof known>

/** The likelihood of the record where the thing has an attribute: equal, not recorded, and plainly another. */
const [unrecorded, other] = [0.4, 0.03]
const sizeOf = (text: string | undefined) => (text ?? '').toLowerCase().replace(/[^a-z0-9/.]/g, '')

/** How well a length read off the bench fits the recorded one, both in mm: a rule in a wet hand is a millimetre or two off. */
const fits = (a: number, b: number): number => {
  const off = Math.abs(a - b)
  return off <= 1 ? 1 : off <= 2 ? 0.6 : off <= 4 ? 0.2 : other
}

/** How well a fastener as held in the hand fits a recorded group: 1 where nothing speaks against it. */
export function matchFastener(seen: Fastener, recorded: Fastener): number {
  let match = 1
  const same = (equal: boolean, isRecorded: boolean) => (match *= !isRecorded ? unrecorded : equal ? 1 : other)
  if (seen.size ?? seen.drive)
    same(
      seen.size && recorded.size ? sizeOf(seen.size) === sizeOf(recorded.size) : seen.drive === recorded.drive,
      Boolean(seen.size ? recorded.size : recorded.drive),
    )
  if (seen.thread) same(sizeOf(seen.thread) === sizeOf(recorded.thread), Boolean(recorded.thread))
  if (seen.head) same(seen.head === recorded.head, Boolean(recorded.head))
  if (seen.hand) same(seen.hand === (recorded.hand ?? 'right'), true)
  if (seen.length !== undefined)
    match *= recorded.length === undefined ? unrecorded : fits(seen.length, recorded.length)
  if (seen.look) same(Boolean(recorded.look?.toLowerCase().includes(seen.look.toLowerCase())), Boolean(recorded.look))
  if (seen.washers !== undefined) same(seen.washers === recorded.washers, recorded.washers !== undefined)
  return match
}

/** How well a thing fits what a move took off; 0 where it is of another kind. `all` finds the move that it looks like. */
export function matchMove(thing: Known, move: Move, all: (id: string) => Move | undefined): number {
  if (glyphOf(move) !== thing.item || move.kind === 'slacken') return 0
  let match = 1
  if (thing.like) {
    const alike = all(thing.like)
    if (thing.like !== move.id)
      match *=
        alike && 'fastener' in alike && 'fastener' in move ? 0.7 * matchFastener(alike.fastener, move.fastener) : 0.1
  }
  if (thing.fastener && 'fastener' in move) match *= matchFastener(thing.fastener, move.fastener)
  if (thing.words) {
    // What a person types is in the language of the quick line, whatever is spoken on the screen.
    const about = english(subject(move)).toLowerCase()
    const words = thing.words.toLowerCase().split(/\s+/).filter(Boolean)
    match *= words.every(w => about.includes(w)) ? 1 : words.some(w => about.includes(w)) ? 0.4 : 0.08
  }
  return match
}

/** The thing in words: `T20 × 18`, `plug white`. */
export const knownName = (thing: Known, all: (id: string) => Move | undefined): Phrase => {
  const alike = thing.like ? all(thing.like) : undefined
  if (alike) return say`one like ${subject(alike)}`
  if (thing.fastener && Object.keys(thing.fastener).length) return fastenerName(thing.fastener)
  return thing.words ?? { say: thing.item }
}
