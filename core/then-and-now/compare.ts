import { differences, type Difference, type Marked } from './differences.ts'
import { greyOf, laidOver } from './grey.ts'
import { after, inverse, stretched, type Homography } from './homography.ts'
import type { Picture } from './picture.ts'
import { registered } from './register.ts'

/** Pixels in width at which photos are compared: a clip is still a dozen of them. */
const wide = 800

/** Two photos laid over each other: the map from shares of then to shares of now, and where they differ. */
export interface Compared {
  map: Homography
  differences: Difference[]
  /** The share of the places that were found again which agree with the map, and how many were. */
  share: number
  found: number
}

/** Lays the photo of now over that of then, from a first map in shares, and says where they differ; null when they cannot be laid. */
export function compare(
  then: Picture,
  now: Picture,
  start: Homography,
  marks: readonly Marked[] = [],
): Compared | null {
  const [a, b] = [greyOf(then, wide), greyOf(now, wide)]
  const [toA, toB] = [stretched(a.width, a.height), stretched(b.width, b.height)]
  const fit = registered(a, b, after(after(toB, start), inverse(toA)))
  if (!fit) return null
  const over = laidOver(b, fit.map, a.width, a.height)
  return { ...fit, map: after(after(inverse(toB), fit.map), toA), differences: differences(a, over, marks) }
}
