import type { Plan } from '@dialytica/core/access'
import { traitsOf } from '@dialytica/core/moves'

/** A place on the way down: after so many minutes, so many things are off. */
export interface Stair {
  at: number
  depth: number
}
/** A plan as a way down in minutes, with where the machine is turned. What the tools take is spread over the acts. */
export function stairsOf({ acts, minutes }: Plan): { points: Stair[]; turns: Stair[] } {
  const plain = acts.reduce((sum, a) => sum + a.minutes + (a.turn?.minutes ?? 0), 0)
  const stretch = plain > 0 ? minutes / plain : 1
  const points: Stair[] = [{ at: 0, depth: 0 }]
  const turns: Stair[] = []
  let [at, depth] = [0, 0]
  for (const a of acts) {
    if (a.turn) {
      turns.push({ at: at + (a.turn.minutes * stretch) / 2, depth })
      at += a.turn.minutes * stretch
    }
    at += a.minutes * stretch
    if (!('act' in a.source) || traitsOf(a.source.act.move).part) depth += 1
    points.push({ at, depth })
  }
  return { points, turns }
}
