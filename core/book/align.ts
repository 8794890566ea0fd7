import type { Signature } from './signature.ts'
import { speaksFor } from './signature.ts'

/** Less than this says nothing: two acts are one only where more speaks for it. */
const least = 0.6
/** How much it speaks against two acts being one that they lie so far apart in the order, at most. */
const farthest = 2.2
/** Two that are known for certain are one wherever they lie. */
const near = 12

/** What speaks for each act of a recording being each of the acts that are known: rows of the recording, columns of what is known. */
function table(acts: readonly Signature[], known: readonly (readonly Signature[])[]): Float64Array[] {
  return acts.map(a =>
    Float64Array.from(known, all => all.reduce((most, k) => Math.max(most, speaksFor(a, k)), -Infinity)),
  )
}

/** The best global alignment of two orders: pairs of places that rise on both sides (Needleman and Wunsch 1970), a gap costing nothing. */
function inOrder(speaks: readonly Float64Array[], columns: number): [number, number][] {
  const rows = speaks.length
  const best = Array.from({ length: rows + 1 }, () => new Float64Array(columns + 1))
  for (let i = 1; i <= rows; i++)
    for (let j = 1; j <= columns; j++)
      best[i]![j] = Math.max(best[i - 1]![j]!, best[i]![j - 1]!, best[i - 1]![j - 1]! + speaks[i - 1]![j - 1]! - least)
  const pairs: [number, number][] = []
  for (let [i, j] = [rows, columns]; i > 0 && j > 0;)
    if (best[i]![j] === best[i - 1]![j]) i--
    else if (best[i]![j] === best[i]![j - 1]) j--
    else pairs.push([--i, --j])
  return pairs.reverse()
}

/** Where in what is known each place of a recording should lie, between the pairs that are in order. */
function expected(pairs: readonly [number, number][], rows: number, columns: number): Float64Array {
  const at = new Float64Array(rows)
  const all = [[-1, -1], ...pairs, [rows, columns]] as const
  for (let k = 1; k < all.length; k++) {
    const [[i, j], [p, q]] = [all[k - 1]!, all[k]!]
    for (let r = Math.max(0, i); r < p; r++) at[r] = j + ((r - i) / (p - i)) * (q - j)
  }
  return at
}

/** An act of a recording that is one of the known acts; two acts may be one that was done in two goes, and one act may be two that were told as one. */
export type Pair = readonly [act: number, known: number]

/**
 * Which act of a recording is which of the acts that are known, by what they are and by their order; acts that were told in another order are found as
 * well, and a group told in two goes or two told as one. O(acts × known).
 */
export function align(acts: readonly Signature[], known: readonly (readonly Signature[])[]): Pair[] {
  const speaks = table(acts, known)
  const at = expected(inOrder(speaks, known.length), acts.length, known.length)
  const candidates: { i: number; j: number; by: number }[] = []
  for (const [i, row] of speaks.entries())
    for (let j = 0; j < known.length; j++) {
      const away = Math.min(1, Math.abs(at[i]! - j) / near)
      const by = row[j]! - least - farthest * away
      if (by > 0) candidates.push({ i, j, by })
    }
  candidates.sort((a, b) => b.by - a.by)
  const ofAct = new Map<number, number>()
  const ofKnown = new Map<number, number>()
  for (const { i, j } of candidates)
    if (!ofAct.has(i) && !ofKnown.has(j)) {
      ofAct.set(i, j)
      ofKnown.set(j, i)
    }
  const pairs: Pair[] = [...ofAct].sort((a, b) => a[0] - b[0])
  const countOf = (j: number) => Math.max(...known[j]!.map(k => k.count))
  for (const { i, j } of candidates) {
    const [other, whole] = [ofKnown.get(j), ofAct.get(i)]
    // The rest of a group that was told in two goes.
    if (!ofAct.has(i) && other !== undefined && acts[i]!.count + acts[other]!.count <= countOf(j)) {
      ofAct.set(i, j)
      pairs.push([i, j])
    }
    // Two that were told as one.
    if (!ofKnown.has(j) && whole !== undefined && countOf(j) + countOf(whole) <= acts[i]!.count) {
      ofKnown.set(j, i)
      pairs.push([i, j])
    }
  }
  return pairs
}
