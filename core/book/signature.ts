import { partNamed, thingsOf, type Named } from '../assembly/named.ts'
import { kept } from '../assembly/kept.ts'
import { alike, termsOf } from '../assembly/terms.ts'
import type { Family } from '../machine/families.ts'
import { fieldsOf, read } from '../moves/fields-of.ts'
import { glyphFor, type Move } from '../moves/registry.ts'
import type { Glyph } from '../items/kinds.ts'
import type { Doing } from './doings.ts'

/** By what an act is known again in another recording: the kind of thing, where, of what, and what is known of it. */
export interface Signature {
  glyph: Glyph
  kind: Move['kind']
  zone: string | undefined
  things: readonly Named[]
  /** How many; 1 where nothing is said. */
  count: number
  /** What else is known, by the name of the field. */
  known: ReadonlyMap<string, string>
}

/** Fields that say how an act went on this machine, or what stands in the names already. */
const ofThisOne = new Set(
  'id way note condition cell count place holds name is lies people carryOver replacement'.split(' '),
)
/** Fields that name the thing itself: a label, what is shut off. They tell more than the rest. */
const naming = new Set('label what hose to mark'.split(' '))

/** How many a move takes; 1 where nothing is said. */
export const countOf = (move: Move): number => ('count' in move && typeof move.count === 'number' ? move.count : 1)

/** The signature of an act, worked out once for it. */
export function signatureOf(act: Pick<Doing, 'move' | 'zone'>, family: Family): Signature {
  const known = signatures.get(act) ?? readOff(act, family)
  signatures.set(act, known)
  return known
}
const signatures = new WeakMap<object, Signature>()
function readOff({ move, zone }: Pick<Doing, 'move' | 'zone'>, family: Family): Signature {
  const known = new Map<string, string>()
  for (const leaf of fieldsOf[move.kind]) {
    const value = ofThisOne.has(leaf.name) ? undefined : read(move, leaf)
    if (value !== undefined) known.set(leaf.name, JSON.stringify(value).toLowerCase())
  }
  const things = 'part' in move ? [partNamed(move.part, family, zone)] : thingsOf(move, family, zone)
  return { glyph: glyphFor(move.kind), kind: move.kind, zone, things, count: countOf(move), known }
}

/** How alike two names are, from 0 to 1: one thing of the catalogue, or the same words with slips of the hand. */
function sameness(a: Named, b: Named): number {
  if (a === b || a.text === b.text) return 1
  const known = samenesses.get(a) ?? new WeakMap<Named, number>()
  samenesses.set(a, known)
  const is = known.get(b) ?? workedOut(a, b)
  known.set(b, is)
  return is
}
const samenesses = new WeakMap<Named, WeakMap<Named, number>>()
function workedOut(a: Named, b: Named): number {
  const apart = a.tells.length > 0 && b.tells.length > 0 && !a.tells.some(t => b.tells.includes(t))
  if (a.known && a.known === b.known) return apart || saysMore(a, b) ? 0.2 : 0.95
  if (!a.terms.length || !b.terms.length) return 0
  const words = inCommon(a.terms, b.terms)
  // Two parts of the catalogue are two things, however alike their names.
  return a.known && b.known ? Math.min(0.4, words) : words * (apart ? 0.5 : 1)
}
/** The words of a name that are none of the part that it was taken for: `valve` of `valve loom`. */
const beyond = ({ terms, known }: Named): string[] => {
  const own = known ? [known.name, ...known.also].flatMap(termsOf) : []
  return terms.filter(t => !own.some(o => alike(o, t) > 0))
}
/** True where both names say more than the part, and not the same. */
function saysMore(a: Named, b: Named): boolean {
  const [p, q] = [beyond(a), beyond(b)]
  return p.length > 0 && q.length > 0 && !p.some(t => q.some(u => alike(t, u) > 0))
}
/** The share of words that two names have in common, slips of the hand aside (Dice 1945). */
function inCommon(a: readonly string[], b: readonly string[]): number {
  const [less, more] = a.length < b.length ? [a, b] : [b, a]
  let shared = 0
  for (const t of less) {
    let most = 0
    for (const u of more) most = Math.max(most, alike(t, u))
    shared += most
  }
  return (2 * shared) / (a.length + b.length)
}
const likeness = kept(20_000, pair => {
  const [a, b] = pair.split('\n').map(termsOf) as [string[], string[]]
  return a.length && b.length ? inCommon(a, b) : 0
})
/** The best match of one of the things of each; null where one of them names nothing. */
function samenessOf(a: readonly Named[], b: readonly Named[]): number | null {
  let most: number | null = null
  for (const x of a) for (const y of b) most = Math.max(most ?? 0, sameness(x, y))
  return most
}

/**
 * How much two acts speak for being the same one on two machines: above 0 for, below it against, 0 where nothing can be said; -Infinity where they
 * act on things of another kind. A sum of what agrees and what does not, as logarithms of a likelihood are summed (Fellegi and Sunter 1969); the
 * weights are set by hand.
 */
export function speaksFor(a: Signature, b: Signature): number {
  if (a.glyph !== b.glyph) return -Infinity
  let sum = a.kind === b.kind ? 0.5 : -0.5
  if (a.zone && b.zone) sum += a.zone === b.zone ? 0.8 : -1.2
  const same = samenessOf(a.things, b.things)
  if (same !== null) sum += 6 * (same - 0.65)
  for (const [name, value] of a.known) {
    const other = b.known.get(name)
    if (other === undefined) continue
    const weight = naming.has(name) ? 1.6 : 0.7
    sum += other === value ? weight : weight * (2 * likeness(`${value}\n${other}`) - 1)
  }
  return sum + (a.count === b.count ? 0.4 : -0.4)
}
