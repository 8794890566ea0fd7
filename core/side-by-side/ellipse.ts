import type { Spot } from '../then-and-now/homography.ts'
import { solve } from '../then-and-now/solve.ts'

/** An ellipse in pixels: its middle, its two half axes, the longer first, and the direction of the longer one in radians. */
export interface Ellipse {
  x: number
  y: number
  a: number
  b: number
  turn: number
}

/**
 * The ellipse nearest to some places of which it is known that they lie on something nearly round: least squares of the general conic with its trace
 * held at two, which no line and no hyperbola near a circle satisfies better (after Bookstein 1979). Null for fewer than six places, and where
 * they lie on no ellipse.
 */
export function ellipseOf(spots: readonly Spot[]): Ellipse | null {
  if (spots.length < 6) return null
  const n = spots.length
  const [mx, my] = [spots.reduce((s, p) => s + p.x, 0) / n, spots.reduce((s, p) => s + p.y, 0) / n]
  const size = Math.sqrt(spots.reduce((s, p) => s + (p.x - mx) ** 2 + (p.y - my) ** 2, 0) / n)
  // (1 + p) x² + 2q xy + (1 − p) y² + ux + vy + w = 0, in units of the mean radius about the middle.
  const rows = Array.from({ length: 5 }, () => new Array<number>(6).fill(0))
  for (const p of spots) {
    const [x, y] = [(p.x - mx) / size, (p.y - my) / size]
    const by = [x * x - y * y, 2 * x * y, x, y, 1]
    const is = -(x * x + y * y)
    for (let r = 0; r < 5; r++) {
      for (let c = 0; c < 5; c++) rows[r]![c]! += by[r]! * by[c]!
      rows[r]![5]! += by[r]! * is
    }
  }
  const found = solve(rows, 1e-12)
  if (!found) return null
  const [p, q, u, v, w] = found as [number, number, number, number, number]
  const [A, B, C] = [1 + p, q, 1 - p]
  const det = A * C - B * B
  if (det <= 0) return null
  const [cx, cy] = [(B * v - C * u) / (2 * det), (B * u - A * v) / (2 * det)]
  const at = w + (u * cx + v * cy) / 2
  const [mean, off] = [(A + C) / 2, Math.hypot((A - C) / 2, B)]
  const [a2, b2] = [-at / (mean - off), -at / (mean + off)]
  if (!(a2 > 0 && b2 > 0)) return null
  return {
    x: mx + cx * size,
    y: my + cy * size,
    a: Math.sqrt(a2) * size,
    b: Math.sqrt(b2) * size,
    turn: Math.atan2(2 * B, A - C) / 2 + Math.PI / 2,
  }
}

/** A place on an ellipse, by an angle along it, and the direction outwards there. */
export function rim({ x, y, a, b, turn }: Ellipse, angle: number): Spot & { dx: number; dy: number } {
  const [c, s] = [Math.cos(turn), Math.sin(turn)]
  const [u, v] = [a * Math.cos(angle), b * Math.sin(angle)]
  const [nu, nv] = [Math.cos(angle) / a, Math.sin(angle) / b]
  const l = Math.hypot(nu, nv)
  return {
    x: x + c * u - s * v,
    y: y + s * u + c * v,
    dx: (c * nu - s * nv) / l,
    dy: (s * nu + c * nv) / l,
  }
}
