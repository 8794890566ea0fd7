import type { Arc, ArcReason } from './arc.ts'
import { contradiction } from './contradiction.ts'

/** How much an arc weighs where not all can hold: what is only thought weighs least, what somebody said weighs more, safety is never given up. */
const weight: Record<ArcReason, number> = {
  mirror: 0,
  wall: 1,
  bench: 2,
  'passes through': 3,
  covers: 3,
  holds: 4,
  'rides on': 4,
  posture: 5,
  hides: 6,
  said: 7,
  isolation: Number.POSITIVE_INFINITY,
}
/** What is only usual weighs less than what was named; that water comes on late is usual, that it comes on over nothing open is a law. */
const weightOf = (arc: Arc) =>
  arc.reason === 'isolation' && arc.likely ? 6.5 : weight[arc.reason] - (arc.likely ? 2.5 : 0)

/** Arcs that do not contradict each other, what was given up for that, and the first contradiction that was found. */
export interface Kept {
  arcs: Arc[]
  given: Arc[]
  contradiction: Arc[] | null
}

/**
 * The arcs without those that cannot hold beside the others: along each contradiction, the shortest first, the weakest arc is given up,
 * the last of several. An arc of safety is never given up; those alone never contradict each other.
 */
export function giveUp(all: readonly Arc[]): Kept {
  let arcs = [...all]
  const given: Arc[] = []
  const first = contradiction(arcs)
  for (let cycle = first; cycle; cycle = contradiction(arcs)) {
    const weakest = cycle.reduce((a, b) => (weightOf(b) <= weightOf(a) ? b : a))
    given.push(weakest)
    arcs = arcs.filter(a => a !== weakest)
  }
  return { arcs, given, contradiction: first }
}
