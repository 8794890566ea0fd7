/** How sure a reading is: by the words of the trade, by where it stands, or not understood and kept as text. */
export type Certainty = 'sure' | 'likely' | 'guess' | 'text'

/** A stretch of the line and what it was read as, so that it can be shown and corrected. */
export interface Token {
  start: number
  end: number
  text: string
  /** What it tells: `act`, `cell`, `sign`, or the name of a field. */
  role: string
  certainty: Certainty
}
