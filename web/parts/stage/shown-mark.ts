import type { Passing } from '@dialytica/core/items'
import type { Mark } from '@dialytica/core/log'

/** A mark as shown: what stands beside it, whether it is done, whether it is the one in hand. */
export interface ShownMark extends Mark {
  label?: string | undefined
  done?: boolean
  now?: boolean
  /** True when it is taken up to be moved, retyped or removed; `point` is the one of its path. */
  chosen?: boolean
  point?: number | undefined
  /** How the line passes each point of its path, in its order. */
  points?: readonly string[]
  /** The point of a line that is laid next, from the start of its path, and how it passes there. */
  knot?: number
  /** True where the points are numbered from the end: the way back. */
  backwards?: boolean
  passing?: Passing
  /** Where the ears of a clamp point, as an hour of the clock. */
  clock?: number
}
