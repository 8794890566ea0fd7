/** Every limit of the product, in one place. Lengths in characters, sizes in bytes. */
export const limits = {
  /** One line of text that a person enters. */
  line: 500,
  /** Events in the log of one job. */
  log: 20_000,
  /** Events in one request. */
  batch: 500,
  /** Moves in one step. */
  moves: 60,
  /** Marks in one step. */
  marks: 300,
  /** Photos in one step. */
  photos: 40,
  /** Pieces in one group. */
  count: 500,
  /** Waypoints of one line. */
  waypoints: 60,
  /** One photo as uploaded, in bytes. */
  photoBytes: 25 * 1024 * 1024,
  /** One photo as uploaded, in pixels. */
  photoPixels: 60_000_000,
} as const
