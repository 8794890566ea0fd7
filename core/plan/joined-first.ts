import type { Assembly } from '../assembly/assembly.ts'
import { traitsOf } from '../moves/registry.ts'
import type { JobState } from '../log/state.ts'
import type { ReturnStep } from './mirror.ts'
import { posturesOf } from './turns.ts'

/** Something that the facts leave open: whether these are joined to a part on the bench before it goes on, or fasten it where it sits. */
export interface JoinedFirst {
  /** The part, by the name that was said, and its move. */
  name: string
  part: string
  /** The steps that may be joined to it first, with the move that binds. */
  may: readonly { step: string; move: string }[]
}

/**
 * What is asked for once before a part goes on: fasteners that were undone while the machine stood otherwise than when the part came off.
 * Either they are reached again once it is on, or they are joined to it on the bench. Null where nothing is open, or it was told.
 */
export function joinedFirst(state: JobState, { parts, liaisons, asked }: Assembly, r: ReturnStep): JoinedFirst | null {
  const move = r.step.moves.find(m => traitsOf(m).part)
  const part = parts.find(p => p.move !== null && p.move === move?.id)
  if (!part?.move || r.owes === 0 || asked.has(part.move)) return null
  const postures = posturesOf(state)
  const here = postures.get(r.step.id)
  const may = liaisons
    .filter(l => l.part === part && l.kind === 'fastens' && l.source !== 'told' && state.owing.has(l.move))
    .filter(l => postures.get(l.step) !== here)
    .map(l => ({ step: l.step, move: l.move }))
  return may.length ? { name: part.name.text, part: part.move, may } : null
}
