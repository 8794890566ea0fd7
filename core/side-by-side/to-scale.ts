import { rim } from './ellipse.ts'
import { cornersAt, inOrder } from './corners.ts'
import type { KnownThing } from './known.ts'
import type { Light } from './light.ts'
import { planesOf, type Reference } from './plane.ts'
import { meantBy, roundAt } from './round.ts'
import type { Homography, Spot } from '../then-and-now/homography.ts'

/** What somebody tapped on a photo as known, in shares of it, and its size in mm: none where nobody knows it, and the same thing lies on both photos. */
export interface Known {
  is: KnownThing
  mm: readonly number[]
  at: readonly Spot[]
}

/**
 * A photo to scale: every map to mm that can be so, the length that is known, and its outline as it was found, in shares. Where the size of the
 * known thing is not known, all is in lengths of that thing.
 */
export interface ToScale {
  planes: Homography[]
  known: number
  unit: 'mm' | 'known'
  outline: Spot[]
}

const problems: Readonly<Record<KnownThing, string>> = {
  coin: 'Nothing round is seen there: tap the middle of the coin, all of it in sight.',
  card: 'Its sides are not seen there: tap its four corners, nothing lying over it.',
  length: 'These two places are too near: tap both ends of a longer piece.',
}

/** A photo to scale by what is known on it, or what to do where that is not seen. */
export function toScale(light: Light, { is, mm, at }: Known, lens?: number): ToScale | { problem: string } {
  const { width, height } = light
  const pixels = at.map(p => ({ x: p.x * width, y: p.y * height }))
  const shares = (spots: readonly Spot[]) => spots.map(p => ({ x: p.x / width, y: p.y / height }))
  const size = mm.length ? mm : [1]
  const found = reference(light, is, size, pixels)
  const planes = found ? planesOf(found.reference, width, height, lens) : []
  if (!found) return { problem: problems[is] }
  return planes.length
    ? { planes, known: Math.max(...size), unit: mm.length ? 'mm' : 'known', outline: shares(found.outline) }
    : { problem: 'The camera leant too far: photograph it again from straight above.' }
}

function reference(
  light: Light,
  is: KnownThing,
  size: readonly number[],
  at: readonly Spot[],
): { reference: Reference; outline: Spot[] } | null {
  if (is === 'coin') {
    const found = at[0] && roundAt(light, at[0], light.width / 8)
    return found
      ? {
          reference: { is: 'round', mm: size[0]!, rim: found },
          outline: Array.from({ length: 32 }, (_, i) => rim(found, (i / 32) * 2 * Math.PI)),
        }
      : null
  }
  if (is === 'length') {
    const [from, to] = at.map(p => meantBy(light, p))
    if (!from || !to || Math.hypot(from.x - to.x, from.y - to.y) < 30) return null
    return { reference: { is: 'length', mm: size[0]!, from, to }, outline: [from, to] }
  }
  const corners = at.length === 4 ? cornersAt(light, inOrder(at)) : null
  const sides = [Math.max(...size), Math.min(...size)] as const
  return corners && { reference: { is: 'card', mm: sides, corners }, outline: corners }
}
