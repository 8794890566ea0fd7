import type { Atom } from './atom.ts'
import type { Cut } from './cuts.ts'
import { readingIndex, summary, type Summary } from './features.ts'
import { following, ofAnyAct, ofReading } from './shared.ts'

/** What was learnt: by feature, one weight for each reading; and the weights of features that are the same for every kind. */
export interface Weights {
  byKind: ReadonlyMap<string, Float32Array>
  shared: ReadonlyMap<string, number>
  /** From one reading to the next, and how a stretch goes on. */
  next: ReadonlyMap<string, number>
}

/** One stretch of the line and what it was read as: atoms `from` to `to`, not included. */
export interface Span {
  from: number
  to: number
  reading: string
  features: Summary
}
/** A reading of the whole line, with its score. */
export interface Derivation {
  spans: readonly Span[]
  score: number
}

/** So many stretches between cuts are read as one act at most. */
const longest = 6

const always = ['note', 'head'] as const

interface Hypothesis {
  score: number
  last: string | undefined
  span: Span | null
  back: Hypothesis | null
}

/** What is said between two cuts. */
export const summaryBetween = (atoms: readonly Atom[], cuts: readonly Cut[], i: number, j: number): Summary =>
  summary(
    atoms,
    cuts[i]!.at,
    cuts[j]!.at,
    cuts.slice(i + 1, j).map(c => c.type),
    cuts[i]!.type,
    cuts[j]!.type,
  )

const unfold = (h: Hypothesis): Span[] => {
  const spans: Span[] = []
  for (let at: Hypothesis | null = h; at; at = at.back) if (at.span) spans.unshift(at.span)
  return spans
}

const sumOf = (map: ReadonlyMap<string, number>, names: readonly string[]): number => {
  let sum = 0
  for (const name of names) sum += map.get(name) ?? 0
  return sum
}
/** What speaks for each of some readings of a stretch, whatever stands before it. */
function ownScores(weights: Weights, s: Summary, wanted: readonly string[]): number[] {
  const places = wanted.map(reading => readingIndex.get(reading)!)
  const sums = wanted.map(reading => sumOf(weights.shared, ofReading(s, reading)))
  for (const name of s.names) {
    const row = weights.byKind.get(name)
    if (row) for (let k = 0; k < places.length; k++) sums[k]! += row[places[k]!]!
  }
  const act = sumOf(weights.shared, ofAnyAct(s))
  return sums.map((sum, k) => (wanted[k] === 'note' || wanted[k] === 'head' ? sum : sum + act))
}

/**
 * The best readings of a line, the best first: every way to part it at its cuts and to name what each stretch is, by the sum of the weights
 * of what is said (a semi-Markov model; Sarawagi and Cohen 2004), searched with a beam of `width` at every cut.
 */
export function decode(
  atoms: readonly Atom[],
  cuts: readonly Cut[],
  weights: Weights,
  width: number,
  summarise: (i: number, j: number) => Summary = (i, j) => summaryBetween(atoms, cuts, i, j),
): Derivation[] {
  const at: Hypothesis[][] = cuts.map(() => [])
  at[0] = [{ score: 0, last: undefined, span: null, back: null }]
  for (let i = 0; i < cuts.length - 1; i++) {
    const from = at[i]!.sort((a, b) => b.score - a.score).slice(0, width)
    at[i] = from
    if (!from.length) continue
    for (let j = i + 1; j < Math.min(cuts.length, i + 1 + longest); j++) {
      // A semicolon parts acts, whatever they are.
      if (j > i + 1 && cuts[j - 1]!.type === ';') break
      const s = summarise(i, j)
      // What was told to be of a kind ends at the next sign.
      if (s.told && cuts.slice(i + 1, j).some(c => [',', '.', '/', '|', '+', 'then', 'and'].includes(c.type))) break
      const kinds = new Set<string>(s.told ? [s.told] : s.canHead ? [...always, ...s.kinds] : ['note', ...s.kinds])
      // What says neither a verb nor a thing may go on with the act before it.
      if (s.bare && !s.told) for (const { last } of from) if (last && last !== 'note') kinds.add(last)
      const wanted = [...kinds].filter(reading => s.told !== undefined || s.can(reading))
      const scores = ownScores(weights, s, wanted)
      for (const [k, reading] of wanted.entries()) {
        const score = scores[k]!
        const span = { from: cuts[i]!.at, to: cuts[j]!.at, reading, features: s }
        const after = new Map<string | undefined, number>()
        for (const back of from) {
          let follows = after.get(back.last)
          if (follows === undefined) {
            follows = sumOf(weights.next, following(s, reading, back.last))
            after.set(back.last, follows)
          }
          at[j]!.push({
            score: back.score + score + follows,
            last: reading === 'head' ? back.last : reading,
            span,
            back,
          })
        }
      }
    }
  }
  return at
    .at(-1)!
    .sort((a, b) => b.score - a.score)
    .slice(0, width)
    .map(h => ({ spans: unfold(h), score: h.score }))
}
