import type { Instance } from './instance.ts'
import { add, has, join, noSteps, type StepSet } from './step-set.ts'

/** What the arcs of an instance imply. */
export interface Reach {
  /** For each step, what stands directly before it by an arc. */
  needs: StepSet[]
  /** For each step, how many steps of the mirror before it can only come after it. */
  forced: number[]
  /**
   * Stretches `[from, to]` of the mirror of which the last step must come before the first: somewhere within each a preference is broken.
   * None contains another; in the order of their ends.
   */
  stretches: (readonly [number, number])[]
}

/** Closes the arcs transitively, in the order of their dependence (Kahn 1962), words of 32 steps at a time. */
export function reachOf(on: Instance): Reach {
  const needs = Array.from({ length: on.n }, () => noSteps(on.n))
  const out: number[][] = Array.from({ length: on.n }, () => [])
  const open = new Array<number>(on.n).fill(0)
  for (const [a, b] of on.arcs) {
    if (has(needs[b]!, a)) continue
    add(needs[b]!, a)
    out[a]!.push(b)
    open[b]! += 1
  }
  const before = needs.map(set => set.slice())
  const free = open.flatMap((n, s) => (n === 0 ? [s] : []))
  for (let s = free.pop(); s !== undefined; s = free.pop())
    for (const t of out[s]!) {
      join(before[t]!, before[s]!)
      if ((open[t]! -= 1) === 0) free.push(t)
    }
  const forced = new Array<number>(on.n).fill(0)
  // For each first step the nearest last one; then only stretches that contain no other.
  const nearest: [number, number][] = []
  for (let first = 0; first < on.n; first++) {
    let end = -1
    for (let last = first + 1; last < on.n; last++)
      if (has(before[first]!, last)) {
        forced[last]! += 1
        if (end < 0) end = last
      }
    if (end >= 0) nearest.push([first, end])
  }
  const stretches: (readonly [number, number])[] = []
  for (const stretch of nearest.toReversed())
    if (stretches.length === 0 || stretch[1] < stretches.at(-1)![1]) stretches.push(stretch)
  return { needs, forced, stretches: stretches.reverse() }
}
