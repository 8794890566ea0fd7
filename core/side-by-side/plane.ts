import { homographyOf, through, type Homography, type Spot } from '../then-and-now/homography.ts'
import { rim, type Ellipse } from './ellipse.ts'

/** What is known of a photo: a length between two places; a round thing of a diameter, as its rim is seen; or a card or rule, by its corners. */
export type Reference =
  | { is: 'length'; mm: number; from: Spot; to: Spot }
  | { is: 'round'; mm: number; rim: Ellipse }
  | { is: 'card'; mm: readonly [width: number, height: number]; corners: readonly [Spot, Spot, Spot, Spot] }

/** A direction in space, of length one. */
type Vector = readonly [number, number, number]
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
const unit = (v: Vector): Vector => {
  const l = Math.hypot(...v)
  return [v[0] / l, v[1] / l, v[2] / l]
}

/** How far lenses of phones and tablets see, as focal lengths in widths of the photo: the usual one, the wide one, the one for portraits. */
const lenses = [1, 0.68, 1.45] as const
/** What a picture says of its lens is rounded to a whole millimetre, and cropped a little. */
const lensError = 0.04
/** So far, in degrees, may a camera in the hand lean while nothing says how far. */
const lean = 10

/** The map from pixels to a plane that faces a camera so, where the plane is one focal length away; scale and turn are free. */
function facing(normal: Vector, f: number, middle: Spot): Homography {
  const across = unit(cross([0, 1, 0], normal))
  const down = cross(normal, across)
  const row = (v: Vector) => [v[0] / f, v[1] / f, v[2] - (v[0] * middle.x + v[1] * middle.y) / f] as const
  return [...row(across), ...row(down), ...row(normal)]
}
const scaled = (h: Homography, by: number): Homography => [
  h[0] * by,
  h[1] * by,
  h[2] * by,
  h[3] * by,
  h[4] * by,
  h[5] * by,
  h[6],
  h[7],
  h[8],
]
/** How far two places are from each other under a map. */
export function apart(h: Homography, p: Spot, q: Spot): number {
  const [a, b] = [through(h, p), through(h, q)]
  return Math.hypot(a.x - b.x, a.y - b.y)
}

/** Every way in which a camera that leans no more than that may look at a plane. */
const anyLean: readonly Vector[] = [
  [0, 0, 1],
  ...[lean / 2, lean].flatMap(t =>
    Array.from({ length: 12 }, (_, i): Vector => {
      const [tilt, way] = [(t * Math.PI) / 180, (i * Math.PI) / 6]
      return [Math.sin(tilt) * Math.cos(way), Math.sin(tilt) * Math.sin(way), Math.cos(tilt)]
    }),
  ),
]

/** Eigenvalues and their directions of a symmetric matrix of three rows, by Jacobi's rotations. */
function eigen(m: number[][]): { value: number; vector: Vector }[] {
  const a = m.map(r => [...r])
  const v = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ]
  for (let sweep = 0; sweep < 24; sweep++)
    for (const [p, q] of [
      [0, 1],
      [0, 2],
      [1, 2],
    ] as const) {
      if (Math.abs(a[p]![q]!) < 1e-18) continue
      const t = Math.atan2(2 * a[p]![q]!, a[q]![q]! - a[p]![p]!) / 2
      const [c, s] = [Math.cos(t), Math.sin(t)]
      for (const rows of [a, v])
        for (const r of rows) {
          const [x, y] = [r[p]!, r[q]!]
          r[p] = c * x - s * y
          r[q] = s * x + c * y
        }
      const [rp, rq] = [[...a[p]!], [...a[q]!]]
      for (let k = 0; k < 3; k++) {
        a[p]![k] = c * rp[k]! - s * rq[k]!
        a[q]![k] = s * rp[k]! + c * rq[k]!
      }
    }
  return [0, 1, 2].map(i => ({ value: a[i]![i]!, vector: [v[0]![i]!, v[1]![i]!, v[2]![i]!] as Vector }))
}

/**
 * The two ways in which a plane can face a camera so that a circle on it is seen as an ellipse: from the cone of rays through the rim, whose circular
 * cuts they are (Chen and Huang 1999).
 */
function facedBy({ x, y, a, b, turn }: Ellipse, f: number, middle: Spot): Vector[] {
  const [c, s] = [Math.cos(turn), Math.sin(turn)]
  const [p, q] = [1 / (a * a), 1 / (b * b)]
  const [A, B, C] = [c * c * p + s * s * q, c * s * (p - q), s * s * p + c * c * q]
  const [u, v] = [x - middle.x, y - middle.y]
  const [D, E] = [-(A * u + B * v), -(B * u + C * v)]
  const F = A * u * u + 2 * B * u * v + C * v * v - 1
  const all = eigen([
    [A * f * f, B * f * f, D * f],
    [B * f * f, C * f * f, E * f],
    [D * f, E * f, F],
  ]).sort((m, n) => n.value - m.value)
  const [one, two, three] = all as [(typeof all)[0], (typeof all)[0], (typeof all)[0]]
  const along = Math.sqrt(Math.max(0, one.value - two.value) / (one.value - three.value))
  const away = Math.sqrt(Math.max(0, two.value - three.value) / (one.value - three.value))
  return [1, -1].map(sign => {
    const n = unit([
      sign * along * one.vector[0] + away * three.vector[0],
      sign * along * one.vector[1] + away * three.vector[1],
      sign * along * one.vector[2] + away * three.vector[2],
    ])
    return n[2] < 0 ? [-n[0], -n[1], -n[2]] : n
  })
}

/** The radius of a rim on a plane: the mean way from the middle of it to places all round. */
function radiusOn(h: Homography, e: Ellipse): number {
  const all = Array.from({ length: 24 }, (_, i) => through(h, rim(e, (i / 24) * 2 * Math.PI)))
  const [x, y] = [all.reduce((s, p) => s + p.x, 0) / 24, all.reduce((s, p) => s + p.y, 0) / 24]
  return all.reduce((s, p) => s + Math.hypot(p.x - x, p.y - y), 0) / 24
}

/** The least of a direction along the lens, with a little more lean than is asked for. */
const leaning = Math.cos(((lean + 4) * Math.PI) / 180)
/** So many pixels the axes of a rim may be off, that was drawn through a hundred places of an edge. */
const rimError = 0.18
/** So many pixels a corner may be off. */
const cornerError = 0.6

/** Maps for every lens and for all that a plane can face then, each brought to a size in mm that is known. */
const sized = (
  width: number,
  height: number,
  lens: number | undefined,
  faces: (f: number, middle: Spot) => readonly Vector[],
  size: (h: Homography) => number,
  mm: number,
): Homography[] => {
  const middle = { x: width / 2, y: height / 2 }
  const all = lens ? [lens, lens * (1 - lensError), lens * (1 + lensError)] : lenses
  return all.flatMap(l =>
    faces(l * width, middle).map(n => {
      const h = facing(n, l * width, middle)
      return scaled(h, mm / size(h))
    }),
  )
}

/** A rim as it may be instead: larger or smaller all round, or drawn out by so much in one of eight directions and in by as much across it. */
function rimsNear(e: Ellipse): Ellipse[] {
  const [c, s] = [Math.cos(2 * e.turn), Math.sin(2 * e.turn)]
  const [mean, out] = [(e.a + e.b) / 2, (e.a - e.b) / 2]
  const drawn = (by: number, x: number, y: number): Ellipse => {
    const [p, q] = [out * c + x, out * s + y]
    const far = Math.hypot(p, q)
    return { ...e, a: mean + by + far, b: mean + by - far, turn: Math.atan2(q, p) / 2 }
  }
  const round = Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4)
  return [
    e,
    drawn(rimError, 0, 0),
    drawn(-rimError, 0, 0),
    ...round.map(t => drawn(0, rimError * Math.cos(t), rimError * Math.sin(t))),
  ]
}
/** How a plane can face the camera on which this rim is round; seen through another lens it would have to lean more than a hand lets it. */
const facedByRim = (e: Ellipse) => {
  const near = rimsNear(e)
  return (f: number, middle: Spot) => near.flatMap(r => facedBy(r, f, middle)).filter(n => n[2] >= leaning)
}

/** The map of four corners, and those with each of them a little off. */
function byCorners([w, h]: readonly [number, number], corners: readonly Spot[]): Homography[] {
  const to = [
    { x: 0, y: 0 },
    { x: w, y: 0 },
    { x: w, y: h },
    { x: 0, y: h },
  ]
  const shifts = [
    [0, 0, 0],
    ...[0, 1, 2, 3].flatMap(i => [
      [i, cornerError, 0],
      [i, -cornerError, 0],
      [i, 0, cornerError],
      [i, 0, -cornerError],
    ]),
  ]
  return shifts.flatMap(([i, dx, dy]) => {
    const from = corners.map((p, k) => (k === i ? { x: p.x + dx!, y: p.y + dy! } : p))
    const map = homographyOf(from.map((p, k) => ({ from: p, to: to[k]! })))
    return map ? [map] : []
  })
}

/**
 * Every map from pixels of a photo to millimetres on the plane of what is known, that can be so: nobody knows the lens, how far the camera leant, or
 * where between two pixels an edge lies. The first is the likeliest. `lens` is the focal length in widths of the photo, where it is known. Empty
 * where a round thing says that the camera leant farther than a hand holds it, and where corners cross.
 */
export function planesOf(known: Reference, width: number, height: number, lens?: number): Homography[] {
  if (known.is === 'card') return byCorners(known.mm, known.corners)
  if (known.is === 'round')
    return sized(width, height, lens, facedByRim(known.rim), h => radiusOn(h, known.rim), known.mm / 2)
  return sized(
    width,
    height,
    lens,
    () => anyLean,
    h => apart(h, known.from, known.to),
    known.mm,
  )
}
