import type { BodyOf } from '../log/event.ts'
import type { JobState } from '../log/state.ts'

/** What was missing or broken before we came, with the id of its entry: in the record, never owed. */
export const foundBefore = (state: JobState): ({ id: string } & BodyOf<'found-before'>)[] =>
  [...state.entries].flatMap(([id, { kind, body }]) =>
    kind === 'found-before' ? [{ id, ...(body as BodyOf<'found-before'>) }] : [],
  )
