import type { Posture } from '../machine/postures.ts'

/** What is known where a step is recorded; it fills in what a move cannot be without, and nothing else. */
export interface Around {
  posture: Posture
  isolated: readonly string[]
  /** The cell into which loose fasteners go next. */
  cell?: string | undefined
}
