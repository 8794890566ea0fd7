import type { Around } from './around.ts'
import { traitsOf, type Move } from './registry.ts'

/** What is known around the next move once one is done: what is isolated, and how the machine stands. */
export function afterMove(around: Around, move: Move): Around {
  const { isolates, turns } = traitsOf(move)
  if (isolates) return { ...around, isolated: [...around.isolated, isolates] }
  return turns ? { ...around, posture: turns.to } : around
}
