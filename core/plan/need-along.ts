/** What the steps of the mirror need, one after the other: a tool or a posture; the empty text where a step needs none. */
export interface NeedAlong {
  /** How often the need changes from what is in hand along the part `[from, to]` of the mirror, and from there to what is needed in the end. */
  changesIn(inHand: string, from: number, to: number, end?: string): number
  /** The same along two parts that are threaded into each other as well as can be; `one` lies before `other`. */
  changesInBoth(inHand: string, one: Part, other: Part): number
}
type Part = readonly [from: number, to: number]

/**
 * Runs of equal needs are taken as one. Two parts threaded at best need as many runs as their shortest common supersequence has (Maier
 * 1978); its tables are made once for each pair of ends. O(1) a question after that.
 */
export function needAlong(of: readonly string[]): NeedAlong {
  const n = of.length
  const runs: string[] = []
  /** For each step that needs something its run; for each place the next such step at or after it and the last at or before it. */
  const run = new Int32Array(n)
  const next = new Int32Array(n)
  const last = new Int32Array(n)
  for (let s = 0; s < n; s++) {
    if (of[s] !== '' && of[s] !== runs.at(-1)) runs.push(of[s]!)
    run[s] = runs.length - 1
    last[s] = of[s] === '' ? (last[s - 1] ?? -1) : s
  }
  for (let s = n - 1; s >= 0; s--) next[s] = of[s] === '' ? (next[s + 1] ?? n) : s
  /** The first and the last run of a part; null where nothing is needed in it. */
  const runsOf = ([from, to]: Part): Part | null => (next[from]! > to ? null : [run[next[from]!]!, run[last[to]!]!])
  const tables = new Map<number, Int16Array>()
  /** Shortest common supersequences of the runs from `a` to `endA` and from `b` to `endB`, for all `a` and `b`. */
  function table(endA: number, endB: number): Int16Array {
    const key = endA * (runs.length + 1) + endB
    const known = tables.get(key)
    if (known) return known
    const [rows, columns] = [endA + 2, endB + 2]
    const least = new Int16Array(rows * columns)
    for (let a = endA + 1; a >= 0; a--)
      for (let b = endB + 1; b >= 0; b--) {
        const at = a * columns + b
        if (a > endA) least[at] = endB + 1 - b
        else if (b > endB) least[at] = endA + 1 - a
        else if (runs[a] === runs[b]) least[at] = 1 + least[at + columns + 1]!
        else least[at] = 1 + Math.min(least[at + columns]!, least[at + 1]!)
      }
    tables.set(key, least)
    return least
  }
  const goesOn = (inHand: string, run: number) => inHand === '' || inHand === runs[run]
  return {
    changesIn(inHand, from, to, end = '') {
      const part = runsOf([from, to])
      if (!part) return inHand !== '' && end !== '' && inHand !== end ? 1 : 0
      return part[1] - part[0] + (goesOn(inHand, part[0]) ? 0 : 1) + (end === '' || runs[part[1]] === end ? 0 : 1)
    },
    changesInBoth(inHand, one, other) {
      const [a, b] = [runsOf(one), runsOf(other)]
      if (!a || !b) return 0
      const least = table(a[1], b[1])[a[0] * (b[1] + 2) + b[0]]!
      return least - (goesOn(inHand, a[0]) || goesOn(inHand, b[0]) ? 1 : 0)
    },
  }
}
