import { solve } from './solve.ts'

/** A point; in shares of a photo or in pixels, as its user says. */
export interface Spot {
  x: number
  y: number
}

/** A projective map of the plane, row by row: `(x, y)` goes to `(ax + by + c, dx + ey + f) / (gx + hy + i)`. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number]

/** A place on one photo and the same place on another. */
export interface Match {
  from: Spot
  to: Spot
}

/** Every point stays where it is. */
export const same: Homography = [1, 0, 0, 0, 1, 0, 0, 0, 1]

/** Where a map puts a point. */
export function through(h: Homography, { x, y }: Spot): Spot {
  const w = h[6] * x + h[7] * y + h[8]
  return { x: (h[0] * x + h[1] * y + h[2]) / w, y: (h[3] * x + h[4] * y + h[5]) / w }
}

/** First `inner`, then `outer`. */
export function after(outer: Homography, inner: Homography): Homography {
  const cell = (r: number, c: number) =>
    outer[r * 3]! * inner[c]! + outer[r * 3 + 1]! * inner[c + 3]! + outer[r * 3 + 2]! * inner[c + 6]!
  return [cell(0, 0), cell(0, 1), cell(0, 2), cell(1, 0), cell(1, 1), cell(1, 2), cell(2, 0), cell(2, 1), cell(2, 2)]
}

const determinant = ([a, b, c, d, e, f, g, h, i]: Homography) =>
  a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)

/** The map back, by the adjugate. */
export function inverse(map: Homography): Homography {
  const [a, b, c, d, e, f, g, h, i] = map
  const det = determinant(map)
  const over = (n: number) => n / det
  return [
    over(e * i - f * h),
    over(c * h - b * i),
    over(b * f - c * e),
    over(f * g - d * i),
    over(a * i - c * g),
    over(c * d - a * f),
    over(d * h - e * g),
    over(b * g - a * h),
    over(a * e - b * d),
  ]
}

/** Stretches both axes: from shares to pixels and back. */
export const stretched = (x: number, y: number): Homography => [x, 0, 0, 0, y, 0, 0, 0, 1]

/** Moves the middle of some points to nothing and their mean distance from it to the root of two (Hartley 1997). */
function normal(spots: readonly Spot[]): Homography {
  const n = spots.length
  const mx = spots.reduce((sum, p) => sum + p.x, 0) / n
  const my = spots.reduce((sum, p) => sum + p.y, 0) / n
  const far = spots.reduce((sum, p) => sum + Math.hypot(p.x - mx, p.y - my), 0) / n
  const s = Math.SQRT2 / (far || 1)
  return [s, 0, -s * mx, 0, s, -s * my, 0, 0, 1]
}

/**
 * The map that takes `from` nearest to `to`, by least squares over the two linear equations of each match (direct linear transform,
 * Hartley and Zisserman, Multiple View Geometry, 4.1), each with its weight. Null for fewer than four matches, and where they
 * leave it open: three of four on one line.
 */
export function homographyOf(matches: readonly Match[], weights?: readonly number[]): Homography | null {
  if (matches.length < 4) return null
  const [n1, n2] = [normal(matches.map(m => m.from)), normal(matches.map(m => m.to))]
  const sums = Array.from({ length: 8 }, () => new Array<number>(9).fill(0))
  matches.forEach((m, i) => {
    const weight = (weights?.[i] ?? 1) / matches.length
    if (weight === 0) return
    const [{ x, y }, { x: u, y: v }] = [through(n1, m.from), through(n2, m.to)]
    for (const row of [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ])
      for (let r = 0; r < 8; r++) {
        const by = weight * row[r]!
        if (by !== 0) for (let c = 0; c < 9; c++) sums[r]![c]! += by * row[c]!
      }
  })
  const found = solve(sums, 1e-7)
  if (!found) return null
  const [a, b, c, d, e, f, g, h] = found as [number, number, number, number, number, number, number, number]
  return after(inverse(n2), after([a, b, c, d, e, f, g, h, 1], n1))
}

/** True where a map keeps a whole picture the right way round and before the camera: no corner folds over, none goes behind. */
export function isUpright(h: Homography, width: number, height: number): boolean {
  const det = determinant(h)
  return [0, width].every(x =>
    [0, height].every(y => {
      const w = h[6] * x + h[7] * y + h[8]
      // About a point, areas grow by det / w³.
      const grows = det / w ** 3
      return w > 0 && grows > 0.05 && grows < 20
    }),
  )
}
