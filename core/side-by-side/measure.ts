import { after, inverse, through, type Homography, type Spot } from '../then-and-now/homography.ts'
import { apart } from './plane.ts'

/** A length on a photo: its middle and how far it may be off, in mm; or too far off to be told. */
export type Measured = { mm: number; off: number; told: true } | { mm: number; off: number; told: false }

/** A length that may be off by more than this share of what is known is not told. */
const limit = 0.02

/** How far a place may be off, in pixels: half of one where an edge was found, as far as a finger misses where none was. */
export const placeError = { found: 0.7, tapped: 3 } as const

/**
 * The length between two places of a photo on the plane of what is known: the middle of all that can be so, and half of what lies between them, with
 * what a finger or an edge may be off. `planes` are those of the reference, `known` its length in mm.
 */
export function lengthBetween(
  planes: readonly Homography[],
  known: number,
  from: Spot,
  to: Spot,
  error: number = placeError.tapped,
): Measured {
  const all = planes.map(h => apart(h, from, to))
  const [low, high] = [Math.min(...all), Math.max(...all)]
  // What a pixel is worth about the two places.
  const pixel = Math.max(
    ...[from, to].flatMap(p => [
      apart(planes[0]!, p, { x: p.x + 1, y: p.y }),
      apart(planes[0]!, p, { x: p.x, y: p.y + 1 }),
    ]),
  )
  const off = (high - low) / 2 + error * pixel
  // A tenth is left for what no candidate stands for: the lens bends lines, an edge is not sharp.
  return { mm: (low + high) / 2, off, told: off <= 0.9 * limit * known }
}

/** Two lengths, one on each photo: by how much the second is longer, and whether that can be told. */
export function longerBy(
  old: Measured,
  fresh: Measured,
): { mm: number; off: number; says: 'same' | 'differs' | 'cannot tell' } {
  const [mm, off] = [fresh.mm - old.mm, old.off + fresh.off]
  const isTold = old.told && fresh.told
  return { mm, off, says: !isTold ? 'cannot tell' : Math.abs(mm) > off ? 'differs' : 'same' }
}

/**
 * The map that lays the photo of the new part under that of the old one at one scale, from pixels of the old to pixels of the new, by two places of each:
 * the first two meet, the second two lie on one line.
 */
export function laidAt(
  [old, fresh]: readonly [Homography, Homography],
  onOld: readonly [Spot, Spot],
  onFresh: readonly [Spot, Spot],
): Homography {
  const [a, b] = [through(old, onOld[0]), through(old, onOld[1])]
  const [c, d] = [through(fresh, onFresh[0]), through(fresh, onFresh[1])]
  const turn = Math.atan2(d.y - c.y, d.x - c.x) - Math.atan2(b.y - a.y, b.x - a.x)
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const over: Homography = [cos, -sin, c.x - cos * a.x + sin * a.y, sin, cos, c.y - sin * a.x - cos * a.y, 0, 0, 1]
  return after(inverse(fresh), after(over, old))
}
