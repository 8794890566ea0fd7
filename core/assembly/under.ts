import type { StepState } from '../log/state.ts'
import { traitsOf } from '../moves/registry.ts'
import { isWeighty, type MassTold } from './catalogue.ts'

/** What of a step tells of the machine. */
export type Undone = Pick<StepState, 'id' | 'zone' | 'moves'>
/** What is asked of a part here: the move with which it came off, and its mass. */
interface Weighed {
  move: string | null
  mass: MassTold
}

/** Which parts may hide what each step was done to; see `Assembly.under`. O(steps · parts of a zone). */
export function underOf(steps: readonly Undone[], parts: readonly Weighed[]): Map<string, readonly string[]> {
  const weighty = new Set(parts.filter(p => isWeighty(p.mass)).flatMap(p => p.move ?? []))
  const off = new Map<string, readonly string[]>()
  const found = new Map<string, readonly string[]>()
  for (const { id, zone, moves } of steps) {
    if (!zone) continue
    const over = off.get(zone) ?? []
    if (over.length) found.set(id, over)
    const here = moves.filter(m => weighty.has(m.id) && !traitsOf(m).opens?.length).map(() => id)
    if (here.length) off.set(zone, [...over, ...here])
  }
  return found
}
