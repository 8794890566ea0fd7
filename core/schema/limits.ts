/** Every limit of the product, in one place. Lengths in characters, sizes in bytes. */
export const limits = {
  /** One line of text that a person enters. */
  line: 500,
  /** A password, at least and at most. */
  passwordLeast: 10,
  passwordMost: 200,
  /** Events in the log of one job. */
  log: 20_000,
  /** Events in one request. */
  batch: 500,
  /** Jobs that a list tells at once; units. */
  jobsAtOnce: 50,
  unitsAtOnce: 100,
  /** Moves in one step. */
  moves: 60,
  /** Marks in one step. */
  marks: 300,
  /** Photos in one step. */
  photos: 40,
  /** Pieces in one group. */
  count: 500,
  /** Debts that one act names: all that a step can owe, and more. */
  debts: 1000,
  /** Zones that one act names. */
  zones: 40,
  /** Tools and temporaries counted at one gate. */
  counted: 200,
  /** People named in one record. */
  people: 500,
  /** Characters of a move in words. */
  said: 4000,
  /** The record of a job as it is taken in, in bytes. */
  recordBytes: 32 * 1024 * 1024,
  /** A parcel of records and photos as it is taken in, in bytes, and all that is in it. */
  parcelBytes: 1024 * 1024 * 1024,
  /** Files in a parcel. */
  parcelFiles: 6000,
  /** Records in a parcel. */
  parcelRecords: 100,
  /** A batch of events, in bytes. */
  batchBytes: 4 * 1024 * 1024,
  /** A step in hand, in bytes. */
  handBytes: 1024 * 1024,
  /** What a plate says: the code of a model, its maker, a serial. */
  plate: 120,
  /** Room that is kept free on the disk of the server, in bytes: what is written down goes before photos. */
  reserve: 512 * 1024 * 1024,
  /** The log of one job, in characters as it is written. */
  logSize: 24_000_000,
  /** Longest edge of a photo, in pixels. */
  photoEdge: 60_000,
  /** Waypoints of one line. */
  waypoints: 60,
  /** One photo as uploaded, in bytes. */
  photoBytes: 25 * 1024 * 1024,
  /** One photo as uploaded, in pixels. */
  photoPixels: 60_000_000,
} as const
