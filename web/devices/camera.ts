import type { Family, Glyph } from '@dialytica/core'
import type { RatingPlate } from '@dialytica/demo'

/** What the camera is pointed at. A real one sees for itself; the simulated one draws it. */
export interface View {
  family: Family
  zone?: string | undefined
  /** Marks of what is away at this place now. */
  away: readonly { glyph: Glyph; path: readonly { x: number; y: number }[] }[]
  /** How many photos were taken before: each has its own angle and light. */
  taken: number
  /** The part of the place that a close-up shows, in shares of the whole. */
  region?: { x: number; y: number; width: number; height: number }
  /** The rating plate that it is held to, instead of a place of the machine. */
  plate?: RatingPlate
}

export interface Camera {
  take(view: View): Promise<Blob>
}
