import { say, type Phrase } from '../words/phrase.ts'

/** Something that must be seen to before an act, by name. */
export interface Need {
  /** The name under which it is ticked off in the log. */
  id: string
  /** What it is about. */
  thing: Phrase
  says: Phrase
}
export const need = (id: string, thing: Phrase, todo: Phrase): Need => ({ id, thing, says: say`${thing}: ${todo}` })
