/** How sure a reading is: right as good as always, likely, a guess between two, or not understood and kept as text. */
export type Certainty = 'sure' | 'likely' | 'guess' | 'text'

/** A stretch of the line and what it was read as, so that it can be shown and corrected. */
export interface Token {
  start: number
  end: number
  text: string
  /** What it tells: `act`, `cell`, `sign`, or the name of a field. */
  role: string
  certainty: Certainty
  /** What else it can be, the next likely: what it would be called, and the text that says so in its place. */
  or?: { label: string; text: string }
}
