import type { JobState } from '../log/state.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Posture } from './postures.ts'

/** How the machine stands now, which zones are open, what is isolated: from the debts that are owed. */
export interface Stance {
  posture: Posture
  open: string[]
  isolated: string[]
}

/** How the machine stood when it was opened: before its first turn, or as the first step told it. */
export function homeOf(state: JobState): Posture {
  for (const id of state.order) {
    const { moves, posture } = state.steps.get(id)!
    const turn = moves.flatMap(m => traitsOf(m).turns ?? [])[0]
    if (turn) return turn.from
    if (posture) return posture as Posture
  }
  return 'upright'
}

/** How a machine stands after all that was recorded: its posture, the zones that are open, what is isolated. */
export function stance(state: JobState): Stance {
  let posture = homeOf(state)
  const open = new Set<string>()
  const isolated: string[] = []
  for (const id of state.order) {
    for (const move of state.steps.get(id)!.moves) {
      if (!state.owing.has(move.id)) continue
      const { turns, isolates, opens = [] } = traitsOf(move)
      if (turns) posture = turns.to
      if (isolates) isolated.push(isolates)
      for (const zone of opens) open.add(zone)
    }
  }
  return { posture, open: [...open], isolated }
}
