import { bisectLeft } from 'd3-array'
import type { Family } from '../machine/families.ts'
import { align } from './align.ts'
import type { Book, BookAct } from './book.ts'
import { saidOfMachine } from './said-of-machine.ts'
import { signatureOf } from './signature.ts'

/** A row of two books laid side by side: an act that both have, or that one of them has. */
export interface Beside {
  here: BookAct | null
  there: BookAct | null
  /** What is told of the machine in both, and not the same. */
  differs: readonly { field: string; here: string; there: string }[]
  /** True where it comes at another place of the order there. */
  moved: boolean
}

/** Which places of a row of numbers rise: as many as can be (longest increasing subsequence, Schensted 1961). O(n log n). */
function rising(numbers: readonly number[]): Set<number> {
  const ends: number[] = []
  const before: number[] = []
  const places: number[] = []
  for (const [i, n] of numbers.entries()) {
    const at = bisectLeft(ends, n)
    ends[at] = n
    places[at] = i
    before[i] = at > 0 ? places[at - 1]! : -1
  }
  const kept = new Set<number>()
  for (let i = places[ends.length - 1] ?? -1; i >= 0; i = before[i]!) kept.add(i)
  return kept
}

const otherwise = (here: BookAct, there: BookAct): Beside['differs'] => {
  const said = new Map(saidOfMachine(there.move))
  return saidOfMachine(here.move).flatMap(([field, value]) => {
    const other = said.get(field)
    return other !== undefined && other !== value ? [{ field, here: value, there: other }] : []
  })
}

/**
 * The book of a sister model laid beside that of a model, in the order of the first; what only the sister has stands after what it follows there.
 * O(acts × acts).
 */
export function beside(here: Book, family: Family, there: Book, sister: Family): Beside[] {
  const [own, other] = [here, there].map(b => b.steps.flatMap(s => s.acts)) as [BookAct[], BookAct[]]
  const partner = new Map<number, number>()
  const taken = new Set<number>()
  const pairs = align(
    own.map(a => signatureOf(a, family)),
    other.map(a => [signatureOf(a, sister)]),
  )
  // One act of the one is one act of the other: what was told in two goes stays with the first of them.
  for (const [i, j] of pairs)
    if (!partner.has(i) && !taken.has(j)) {
      partner.set(i, j)
      taken.add(j)
    }
  const both = [...partner.keys()].sort((a, b) => a - b)
  const inOrder = rising(both.map(i => partner.get(i)!))
  const moved = new Set(both.filter((_, k) => !inOrder.has(k)))
  const follows = new Map<number, BookAct[]>()
  let last = -1
  for (const [j, act] of other.entries())
    if (taken.has(j)) last = j
    else follows.set(last, [...(follows.get(last) ?? []), act])
  const only = (j: number): Beside[] =>
    (follows.get(j) ?? []).map(act => ({ here: null, there: act, differs: [], moved: false }))
  return [
    ...only(-1),
    ...own.flatMap((act, i): Beside[] => {
      const j = partner.get(i)
      if (j === undefined) return [{ here: act, there: null, differs: [], moved: false }]
      const to = other[j]!
      return [{ here: act, there: to, differs: otherwise(act, to), moved: moved.has(i) }, ...only(j)]
    }),
  ]
}
