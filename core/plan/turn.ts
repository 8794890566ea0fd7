import { effortOf, type Posture } from '../machine/postures.ts'
import { note, type Note } from '../words/note.ts'
import { say } from '../words/phrase.ts'

/** A turn of the machine on the way back: put in by the plan where the next step needs another posture. Where it leads to how the machine stands, that is only looked at. */
export interface PlannedTurn {
  from: Posture
  to: Posture
  /** Steps of the return that are done as the machine stands before it. */
  before: readonly string[]
  /** What is not light and is in place before it: the step that brings it there (none where it never came off), and what holds it. */
  secures: readonly { part: string; seat: string | null; by: readonly string[] }[]
}

/** What a turn takes: people and time. */
export function turnNotes({ from, to }: Pick<PlannedTurn, 'from' | 'to'>): Note[] {
  if (from === to) return []
  const { people, minutes } = effortOf(from, to)
  return [note(people > 1 ? say`Two people, about ${minutes} min` : say`One person, about ${minutes} min`)]
}
