import { dice } from '@dialytica/core/test/dice.ts'
import {
  cornersAt,
  lengthBetween,
  lightOf,
  meantBy,
  placeError,
  planesOf,
  roundAt,
  type Reference,
} from '@dialytica/core/side-by-side'
import type { Spot } from '@dialytica/core/then-and-now'
import { madePart, partPhoto } from './part-photo.ts'

/** What is known of a photo. */
export const knownKinds = ['coin', 'coin, lens known', 'card', 'length'] as const
export type KnownKind = (typeof knownKinds)[number]

/** A length measured on a photo of a part against what it is: how far off, as a share of what was known; null where it was not told. */
export interface PartMeasured {
  kind: KnownKind
  known: number
  error: number | null
}

/** Measures the pitch of two holes on a rendered photo, as a finger would: it taps what is known, and both holes. */
export async function measuredPart(kind: KnownKind, degrees: number, seed: number): Promise<PartMeasured> {
  const part = madePart(seed)
  const photo = partPhoto(part, kind === 'card' ? 'card' : 'coin', degrees, seed)
  const picture = await photo.take()
  const light = lightOf(picture)
  const hole = (i: number) => meantBy(light, photo.tapped(photo.onPart(part.holes[i]!)))
  const far = (i: number, k: number) =>
    Math.hypot(part.holes[i]!.x - part.holes[k]!.x, part.holes[i]!.y - part.holes[k]!.y)
  const { beside } = photo
  const reference = (): Reference | null => {
    if (kind === 'length') return { is: 'length', mm: far(0, 1), from: hole(0), to: hole(1) }
    if (beside.is === 'coin') {
      const rim = roundAt(light, photo.tapped(photo.seen(beside)), 150)
      return rim && { is: 'round', mm: beside.across, rim }
    }
    const corners = cornersAt(light, photo.corners() as [Spot, Spot, Spot, Spot])
    return corners && { is: 'card', mm: [beside.width, beside.height], corners }
  }
  const known = reference()
  // With a length known, the other pitch is measured, across it.
  const [from, to] =
    kind === 'length'
      ? [1, 2]
      : dice(seed).pick([
          [0, 1],
          [1, 2],
          [0, 2],
        ])
  const mm = known ? (known.is === 'card' ? Math.max(...known.mm) : known.mm) : 0
  if (!known) return { kind, known: mm, error: null }
  const planes = planesOf(known, picture.width, picture.height, kind === 'coin, lens known' ? photo.lens : undefined)
  const told = lengthBetween(planes, mm, hole(from!), hole(to!), placeError.found)
  return { kind, known: mm, error: told.told ? Math.abs(told.mm - far(from!, to!)) / mm : null }
}
