import type { EntryOf } from '../log/entry.ts'
import type { Photo } from '../log/step.ts'
import { after, homographyOf, inverse, isUpright, type Homography, type Spot } from './homography.ts'

/** The same place on both photos, in shares of each. */
export type Matched = EntryOf<'photos-matched'>['body']['places']

/** From shares of one photo to shares of another by where their cameras stood; null where one did not know, or stood elsewhere. */
export function byStands(then: Photo, now: Photo): Homography | null {
  if (!then.stand || then.stand.place !== now.stand?.place) return null
  // The schema holds them to nine numbers.
  const [a, b] = [then.stand.map, now.stand.map] as unknown as [Homography, Homography]
  return after(b, inverse(a))
}

const areaOf = (a: Spot, b: Spot, c: Spot) => Math.abs((b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y)) / 2

/** True where three of some places lie nearly on one line: they span less than a thousandth of the photo. */
const hasLine = (places: readonly Spot[]) =>
  places.some((a, i) => places.slice(0, i).some((b, k) => places.slice(0, k).some(c => areaOf(a, b, c) < 0.001)))

/** From shares of one photo to shares of another by places that were tapped on both, or why they do not do. */
export function byTaps(places: Matched): { map: Homography } | { problem: string } {
  const map = homographyOf(places.map(({ then, now }) => ({ from: then, to: now })))
  if (map && isUpright(map, 1, 1)) return { map }
  return {
    problem: [places.map(p => p.then), places.map(p => p.now)].some(hasLine)
      ? 'Three of these lie on one line: tap four that stand in the corners of the picture.'
      : 'These do not lie over each other: one was tapped at another place, or two were exchanged.',
  }
}

/** At least so large a share of the photo lies between four marks by which two photos are laid over each other. */
const least = 0.02

/**
 * The four of some marks that stand farthest apart, from the top left the way a clock goes; null where there are not four, or they stand
 * too near or on a line. Of more than 16 the first 16 are looked at.
 */
export function fourOf<T extends Spot>(marks: readonly T[]): T[] | null {
  const of = marks.slice(0, 16)
  let best: T[] | null = null
  let most = least
  for (const a of of)
    for (const b of of)
      for (const c of of)
        for (const d of of) {
          if (!(a !== b && c !== d)) continue
          // Of a four-sided figure that is not folded both diagonals part it into the same sum.
          const [one, other] = [areaOf(a, b, c) + areaOf(a, c, d), areaOf(a, b, d) + areaOf(b, c, d)]
          const thin = Math.min(areaOf(a, b, c), areaOf(a, c, d), areaOf(a, b, d), areaOf(b, c, d))
          if (Math.abs(one - other) > 1e-9 || thin < least / 4 || one <= most) continue
          ;[best, most] = [[a, b, c, d], one]
        }
  if (!best) return null
  const [mx, my] = [best.reduce((s, p) => s + p.x, 0) / 4, best.reduce((s, p) => s + p.y, 0) / 4]
  const turn = (p: Spot) => (Math.atan2(p.y - my, p.x - mx) + 2 * Math.PI) % (2 * Math.PI)
  const round = best.toSorted((p, q) => turn(p) - turn(q))
  const first = round.reduce((i, p, k) => (p.x + p.y < round[i]!.x + round[i]!.y ? k : i), 0)
  return [...round.slice(first), ...round.slice(0, first)]
}
