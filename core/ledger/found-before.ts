import { entriesOf, type EntryOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'

/** What was missing or broken before we came, with the id of its entry: in the record, never owed. */
export const foundBefore = (state: JobState): ({ id: string } & EntryOf<'found-before'>['body'])[] =>
  entriesOf(state, 'found-before').map(({ id, body }) => ({ id, ...body }))
