import type { JobState } from '../log/state.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Assembly } from './assembly.ts'

/**
 * Which parts may cover what each step was done to, by their steps, the outermost first: what was reached in a zone after a part that is
 * more than light had come off there. Where a part opens zones they tell what it covers. A guess about the way in, never a rule of the return.
 */
export function coveredBy(state: JobState, { parts }: Assembly): Map<string, readonly string[]> {
  const weighty = new Set(parts.filter(p => p.mass !== 'light').map(p => p.move))
  const off = new Map<string, readonly string[]>()
  const found = new Map<string, readonly string[]>()
  for (const id of state.order) {
    const { zone, moves } = state.steps.get(id)!
    if (!zone) continue
    const over = off.get(zone) ?? []
    if (over.length) found.set(id, over)
    const here = moves.filter(m => weighty.has(m.id) && !traitsOf(m).opens?.length).map(() => id)
    off.set(zone, [...over, ...here])
  }
  return found
}
