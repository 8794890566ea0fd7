import type { Family } from '../machine/families.ts'
import { catalogue, type KnownPart } from './catalogue.ts'
import { kept, once } from './kept.ts'
import { resolvePart } from './resolve.ts'
import { alike, isPosition, termsOf } from './terms.ts'

/** A name as it was said, and what it was taken for. */
export interface Named {
  text: string
  terms: readonly string[]
  /** The part of the catalogue, where the name fits one. */
  known: KnownPart | null
  /** Words that tell it from others of its kind: `left`, `2`. */
  tells: readonly string[]
}

const keptNames = kept(4000, key => {
  const [family, zone, text, is] = JSON.parse(key) as [Family, string | null, string, string | null]
  const terms = termsOf(text)
  const part =
    is === null
      ? resolvePart(text, { family, zone: zone ?? undefined }).part
      : (catalogue().find(p => p.name === is) ?? null)
  const own = new Set(part ? [part.name, ...part.also].flatMap(termsOf) : [])
  const tells = terms.filter(t => !own.has(t) && (isPosition(t) || /\d/.test(t)))
  return { text, terms, known: part, tells }
})
/** A name and its meaning; `is` where it is known what it was taken for. */
export const named = (text: string, family: Family, zone?: string, is?: string): Named =>
  keptNames(JSON.stringify([family, zone ?? null, text, is ?? null]))

/** What a part of a move is called, and what it was taken for when it was recorded. */
export const partNamed = (
  { name, is }: { name: string; is?: string | undefined },
  family: Family,
  zone?: string,
): Named => named(name, family, zone, is)

/** True when two names say the same word by word, slips of the hand aside. */
const sameWords = (a: Named, b: Named): boolean =>
  a.terms.length > 0 &&
  a.terms.length === b.terms.length &&
  a.terms.every(t => b.terms.includes(t) || b.terms.some(u => alike(t, u) > 0.85))

/** True when nothing that one of them says beside tells it from the other. */
const noneTellsApart = (a: Named, b: Named): boolean =>
  a.tells.length === 0 || b.tells.length === 0 || a.tells.some(t => b.tells.includes(t))

/** True when two names mean one thing: the same words, or the same part of the catalogue and nothing that tells them apart. */
export const sameThing = (a: Named, b: Named): boolean =>
  sameWords(a, b) || (a.known !== null && a.known === b.known && noneTellsApart(a, b))

/** True when a name is that of a thing with more said of it: `pump mounting` of `pump`. Weaker than being its name. */
export const speaksOf = (longer: Named, of: Named): boolean =>
  of.terms.length > 0 && of.terms.length < longer.terms.length && of.terms.every(t => longer.terms.includes(t))

/** True when a name is short for another: `counterweight` for `upper counterweight`. It means it where nothing else can be meant. */
export const isShortFor = (shorter: Named, of: Named): boolean =>
  shorter.terms.length > 0 &&
  shorter.terms.length < of.terms.length &&
  shorter.terms.at(-1) === of.terms.at(-1) &&
  shorter.terms.every(t => of.terms.includes(t))

/** Names of the catalogue that are one thing although they join two: `tub and drum`. */
const joinedNames = once(
  () => new Set(catalogue().flatMap(p => [p.name, ...p.also].filter(name => name.includes(' and ')))),
)
const isOneThing = (piece: string): boolean => joinedNames().has(piece.toLowerCase().replace(/^the /, ''))
/** The pieces of a place that name a thing each: `pump and hose holder, left` names two. */
export const thingsIn = (place: string): string[] =>
  place
    .split(/,|\/|&|\+/)
    .flatMap(piece => (isOneThing(piece.trim()) ? [piece] : piece.split(/\band\b/)))
    .map(piece => piece.trim())
    .filter(piece => piece !== '' && !termsOf(piece).every(isPosition))
/** The things that a place names. */
export const thingsAt = (place: string, family: Family, zone?: string): Named[] =>
  thingsIn(place).map(piece => named(piece, family, zone))

/** What a move says of where it is: as it was taken when it was recorded, and as it was said. */
interface Placed {
  holds?: readonly string[] | undefined
  place?: string | undefined
}
/** What a move is at, by name: as it was taken when it was recorded, else as its place reads. */
export const thingsOf = ({ holds, place }: Placed, family: Family, zone?: string): Named[] =>
  holds ? holds.map(h => named(h, family, zone)) : place ? thingsAt(place, family, zone) : []
/** The known parts that a move is at, by their usual names. */
export const knownAt = (move: Placed, family: Family, zone?: string): string[] => [
  ...new Set(thingsOf(move, family, zone).flatMap(t => t.known?.name ?? [])),
]
