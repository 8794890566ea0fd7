import { note, type Note } from '../words/note.ts'
import { say } from '../words/phrase.ts'

/** The condition in which a thing was found. */
export const conditions = ['missing', 'corroded', 'stripped', 'cracked', 'not original'] as const
/** The condition in which a thing was found. */
export type Condition = (typeof conditions)[number]

/** True when what was found so does not go back: a new one is owed. */
export const needsNew = (found: Condition | undefined): boolean => found !== undefined && found !== 'not original'

/** What the hand has to know of it on the way back. */
export const foundNote = (found: Condition | undefined): Note[] =>
  found === undefined
    ? []
    : [
        note(
          needsNew(found)
            ? say`Found ${{ say: found }}: fit a new one`
            : say`Found not original: hold it against the parts list`,
          'found',
        ),
      ]
