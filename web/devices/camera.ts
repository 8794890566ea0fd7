import type { Family, Glyph } from '@dialytica/core'

/** What the camera is pointed at. A real one sees for itself; the simulated one draws it. */
export interface View {
  family: Family
  zone?: string | undefined
  /** Marks of what is away at this place now. */
  away: readonly { glyph: Glyph; path: readonly { x: number; y: number }[] }[]
  /** How many photos were taken before: each has its own angle and light. */
  taken: number
}

export interface Camera {
  take(view: View): Promise<Blob>
}
