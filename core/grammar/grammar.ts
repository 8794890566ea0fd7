/** How a kind of move is said: its own words, whatever notation the rest of the line is in. */
export interface Grammar {
  /** How the act is written in the exact form. */
  verb: string
  /** What is written for the thing where nothing shorter says it. */
  thing?: string
  /** Verbs that can mean the act, with commas between; irregular forms follow with `/`. */
  verbs: string
  /** Classes of things that the act is known by first. */
  things?: readonly string[]
  /** Classes of things that it can be said of as well. */
  also?: readonly string[]
  /** Words for classes of things that no other kind has; `[field=value]` behind a word is what it tells. */
  words?: Readonly<Record<string, string>>
  /** The field that the name of the thing goes into. */
  name?: string
  /** The field that a size in millimetres goes into, where it is no drive and no length. */
  measure?: string
  /** A part that the family knows as a cover opens its zones. */
  opensCovers?: true
}
