import type { Atom } from './atom.ts'
import { atomsOf } from './atoms.ts'
import { certaintyOf, doubtsOf } from './certainty.ts'
import { cutsOf } from './cuts.ts'
import { decode, type Derivation, type Weights } from './decode.ts'
import { actsOf, type Act } from './items.ts'
import { tellAs } from './tell/kinds.ts'
import { once } from '../assembly/kept.ts'
import type { Taught } from './taught.ts'
import { shipped, shippedCertainty, type Certainties } from './weights.ts'

/** An act that was heard, with how likely it is right as a whole, 0 to 1. */
export interface HeardAct extends Act {
  /** What speaks against it, as figures. */
  doubts: readonly number[]
  likelihood: number
  /** How likely its kind is right, whatever is said of it besides. */
  kindLikelihood: number
  /** The next likely kind of it, where it is near. */
  or?: string
}
/** What was heard of a line: its acts in the order said, and what is remark or heading. */
export interface Heard {
  text: string
  atoms: readonly Atom[]
  acts: HeardAct[]
  spans: Derivation['spans']
}

/** What a line is heard with: weights, how signs of doubt become a likelihood, and the words of the shop. */
export interface HeardWith {
  weights: Weights
  certainties: Certainties
  taught?: Taught | null
}
const shippedWith = once((): HeardWith => ({ weights: shipped(), certainties: shippedCertainty() }))

/** So many readings of a line are weighed against each other. */
const width = 5

/** From this share on another reading is near enough to be offered. */
const near = 0.04
/** Readings that are so far behind the best weigh nothing: e⁻⁵. */
const behind = 5

/** Tells each stretch once for each kind and heading, however many readings of the line it is in. */
function tellingOnce(): typeof tellAs {
  const known = new Map<readonly Atom[], Map<string, ReturnType<typeof tellAs>>>()
  return (kind, atoms, context) => {
    const of = known.get(atoms) ?? known.set(atoms, new Map()).get(atoms)!
    const key = `${kind} ${context.heading ?? ''}`
    return of.get(key) ?? of.set(key, tellAs(kind, atoms, context)).get(key)!
  }
}

/** The plausibility of another reading of a field of an act, 0 to 1. */
export const nearOf = ({ t }: Act, field: string): number =>
  Math.max(0, ...t.doubts.filter(d => d.field === field).map(d => d.near))

const keyOf = ({ kind, values }: Act): string => JSON.stringify([kind, values])

/** What ships, with the words of a shop. */
export const heardWith = (taught: Taught | null | undefined): HeardWith =>
  taught ? { ...shippedWith(), taught } : shippedWith()

/** Hears a line of any text. It never fails; what nobody understands is a remark. */
export function hear(text: string, by: HeardWith = shippedWith()): Heard {
  const { weights, certainties } = by
  const atoms = atomsOf(text, by.taught)
  const cuts = cutsOf(atoms)
  const weighed = atoms.length ? decode(atoms, cuts, weights, width) : []
  const found = weighed.filter((d, i) => i < 2 || weighed[0]!.score - d.score < behind)
  const [best] = found
  if (!best) return { text, atoms, acts: [], spans: [] }
  const top = best.score
  const margin = top - (found[1]?.score ?? top - 10)
  const tell = tellingOnce()
  const worth = found.map(d => Math.exp(d.score - top))
  const all = worth.reduce((a, b) => a + b, 0)
  const told = found.map(d => actsOf(atoms, d.spans, text, tell))
  const keys = told.map(acts => acts.map(keyOf))
  const acts = told[0]!.map((act, n): HeardAct => {
    const key = keys[0]![n]!
    const share = keys.reduce((sum, list, k) => sum + (list.includes(key) ? worth[k]! : 0), 0) / all
    const other = told
      .filter((_, k) => k > 0 && worth[k]! / all >= near)
      .flatMap(list => list.filter(a => a.span.from < act.span.to && a.span.to > act.span.from))
      .find(a => a.kind !== act.kind)
    const doubts = doubtsOf(act, {
      atoms,
      share,
      margin,
      weights,
      stretches: best.spans.length,
      remarks: best.spans.filter(x => x.reading === 'note').length,
    })
    return {
      ...act,
      doubts,
      likelihood: certaintyOf(doubts, certainties.whole),
      kindLikelihood: certaintyOf(doubts, certainties.kind),
      ...(other && { or: other.kind }),
    }
  })
  return { text, atoms, acts, spans: best.spans }
}
