import { catalogue, type KnownPart } from './catalogue.ts'
import { kept, once } from './kept.ts'
import { alike, isPosition, termsOf } from './terms.ts'
import type { Family } from '../machine/families.ts'

/** One name of a part, as words. */
interface Naming {
  part: KnownPart
  terms: readonly string[]
  joined: string
  weight: number
}

/** The names of the catalogue, and what their words say. */
const lexicon = once(() => {
  /** In which parts a word occurs: the fewer, the more it says. */
  const spread = new Map<string, Set<string>>()
  const spelt = catalogue().flatMap(part => [part.name, ...part.also].map(name => ({ part, terms: termsOf(name) })))
  for (const { part, terms } of spelt)
    for (const term of terms) spread.set(term, (spread.get(term) ?? new Set()).add(part.name))
  /** What a word says: its information in bits, over the parts of the catalogue; one that no part has says as much as any. */
  const weightOf = (term: string): number => Math.log2(1 + catalogue().length / (spread.get(term)?.size ?? 1))
  const namings = spelt.map(({ part, terms }): Naming => ({
    part,
    terms,
    joined: terms.join(''),
    weight: terms.reduce((sum, t) => sum + weightOf(t), 0),
  }))
  return { namings, weightOf, vocabulary: [...spread.keys()] }
})

/** The words of the catalogue that a word can be, with how alike they are. */
const wordsLike = kept(
  4000,
  (term): ReadonlyMap<string, number> =>
    new Map(
      lexicon().vocabulary.flatMap((word): [string, number][] => {
        const likeness = alike(term, word)
        return likeness > 0 ? [[word, likeness]] : []
      }),
    ),
)

/** What is known of where a name was said. */
export interface Said {
  family: Family
  zone?: string | undefined
  /** Usual names of parts that are known of this machine already, what was told last at the end. */
  atHand?: ReadonlySet<string> | undefined
}
/** A part that a name can mean. */
interface Meaning {
  part: KnownPart
  /** From 0 to 1: how well the name fits. */
  score: number
}

/** What being short for a thing at hand adds to how well a name fits. */
const shortFor = 0.25

/** What a name can mean, the best first: one meaning a part. O(names of the catalogue). */
function meanings(name: string, { family, zone, atHand }: Said): Meaning[] {
  const said = termsOf(name)
  if (said.length === 0) return []
  const { namings, weightOf } = lexicon()
  const joined = said.join('')
  const spotAlone = said.every(isPosition)
  const like = said.map(wordsLike)
  // Short for something at hand, it means that, and of several what was told last: `rear panel 4x, panel off`.
  const short = new Map([...(atHand ?? [])].map((own, i) => [own, shortFor + i * 1e-4] as const))
  const isShort = (terms: readonly string[]) =>
    said.length < terms.length && said.at(-1) === terms.at(-1) && said.every(t => terms.includes(t))
  // A word that no part has is heavy: it says that something else is meant.
  const saidWeights = said.map((t, i) => weightOf(best(like[i]!) ?? t))
  const found = new Map<string, Meaning>()
  for (const naming of namings) {
    if (naming.part.zone[family] === undefined || (spotAlone && naming.joined !== joined)) continue
    let [meant, covered] = [0, 0]
    const used = new Set<number>()
    for (const term of naming.terms) {
      let [at, most] = [-1, 0]
      for (const [i, words] of like.entries()) {
        const likeness = used.has(i) ? 0 : (words.get(term) ?? 0)
        if (likeness > most) [at, most] = [i, likeness]
      }
      if (at < 0) continue
      used.add(at)
      meant += most * weightOf(term)
      covered += most * saidWeights[at]!
    }
    // A word that says only where on the thing takes little away from a name that it is not part of.
    const total = saidWeights.reduce((sum, w, i) => sum + (!used.has(i) && isPosition(said[i]!) ? 0.3 * w : w), 0)
    const [recall, precision] = [meant / naming.weight, covered / total]
    const whole = alike(joined, naming.joined)
    const fit = Math.max(recall + precision === 0 ? 0 : (2 * recall * precision) / (recall + precision), whole)
    if (fit === 0) continue
    const inOne = naming.terms.length > 1 && ` ${said.join(' ')} `.includes(` ${naming.terms.join(' ')} `)
    const score = Math.min(
      1,
      fit +
        (inOne ? 0.04 : 0) +
        (zone !== undefined && naming.part.zone[family] === zone ? 0.02 : 0) +
        (atHand?.has(naming.part.name) ? (isShort(naming.terms) ? short.get(naming.part.name)! : 0.03) : 0),
    )
    const known = found.get(naming.part.name)
    if (!known || score > known.score) found.set(naming.part.name, { part: naming.part, score })
  }
  return [...found.values()].sort((a, b) => b.score - a.score)
}
function best(words: ReadonlyMap<string, number>): string | undefined {
  let [word, most]: [string | undefined, number] = [undefined, 0]
  for (const [w, likeness] of words) if (likeness > most) [word, most] = [w, likeness]
  return word
}

/** What a name was taken for, and how surely; a name that fits nothing is a part of its own. */
export interface Resolved {
  part: KnownPart | null
  certainty: 'sure' | 'likely' | 'new'
  /** The next best, where it is near. */
  other?: KnownPart
}
/** From this score on a name is taken for a part, and from this on surely, if the next best is so far behind. */
const taken = 0.62
const surely = 0.8
const apart = 0.06

/** The usual names that a name can mean, the best first, so many of them at most. */
export const readingsOf = (name: string, said: Said, most = 5): string[] =>
  meanings(name, said)
    .filter(m => m.score > 0.3)
    .slice(0, most)
    .map(m => m.part.name)

/** What a name means at its place. */
export function resolvePart(name: string, said: Said): Resolved {
  const [first, second] = meanings(name, said)
  if (!first || first.score < taken) return { part: null, certainty: 'new' }
  const close = second && first.score - second.score < apart
  return {
    part: first.part,
    certainty: first.score >= surely && !close ? 'sure' : 'likely',
    ...(close && { other: second.part }),
  }
}
