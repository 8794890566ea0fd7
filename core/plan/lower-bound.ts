import { unit, type Instance } from './instance.ts'
import { needAlong } from './need-along.ts'
import type { Reach } from './reach.ts'
import { has, openFrom, settledBelow, type StepSet } from './step-set.ts'

/** What an order must still cost at least once some steps stand. */
export type LowerBound = (placed: StepSet, posture: string, tool: string) => number

/**
 * Never above the true cost. Preferences: stretches that are wholly open and share no pair of neighbours each break one more (the
 * greedy choice by their ends finds the most of them). Turns and tools: a part of the mirror in which none of those must be broken keeps
 * its order, or another preference is broken, which costs more; however such parts are threaded into each other, the need changes at
 * least as often as along each of them alone, and along each two of them threaded at best. Distance: the pairs that the arcs turn round.
 */
export function lowerBound(on: Instance, { forced, stretches }: Reach, inPairs = true): LowerBound {
  // A step that can be done in several postures asks for none of them.
  const posture = needAlong(on.posture.map((p, s) => (on.also?.[s]?.length ? '' : p)))
  const tool = needAlong(on.tool)
  /** The pairs turned round at or after each step. */
  const forcedFrom = new Float64Array(on.n + 1)
  for (let s = on.n - 1; s >= 0; s--) forcedFrom[s] = forcedFrom[s + 1]! + forced[s]!
  return (placed, posed, held) => {
    const tail = Math.min(on.n, openFrom(placed))
    let [broken, tools, distance] = [0, 0, 0]
    let turns = posed !== '' && on.home !== '' && posed !== on.home ? 1 : 0
    const kept: [from: number, to: number][] = []
    const keep = (from: number, to: number) => {
      turns = Math.max(turns, posture.changesIn(posed, from, to, on.home))
      tools = Math.max(tools, tool.changesIn(held, from, to))
      if (!inPairs) return
      for (const part of kept) tools = Math.max(tools, tool.changesInBoth(held, part, [from, to]))
      kept.push([from, to])
    }
    let at = 0
    for (let from = settledBelow(placed); from < on.n; from++) {
      if (has(placed, from)) continue
      let to = from
      while (to < tail && !has(placed, to)) to++
      if (to >= tail) to = on.n
      distance += forcedFrom[from]! - forcedFrom[to]!
      // Within the open run [from, to) the stretches that must be broken, and the parts between them.
      let begins = from
      while (at < stretches.length && stretches[at]![0] < from) at++
      for (; at < stretches.length && stretches[at]![1] < to; at++) {
        const [first, last] = stretches[at]!
        if (first < begins) continue
        keep(begins, first)
        broken += 1
        begins = last
      }
      keep(begins, to - 1)
      from = to
    }
    return broken * unit.broken + turns * unit.turns + tools * unit.tools + distance
  }
}
