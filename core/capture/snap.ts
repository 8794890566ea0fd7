import type { Mark } from '../log/step.ts'
import type { Point } from './capture.ts'

/** A photo as shown: `width` by `height` in pixels of the screen. */
export interface Shown {
  width: number
  height: number
}

/** The point of an earlier mark within `radius` pixels of the screen, or the point itself. Points are shares of the photo. */
export function snap(point: Point, marks: readonly Mark[], shown: Shown, radius = 18): Point {
  let best = point
  let least = radius
  for (const { path } of marks)
    for (const p of path) {
      const away = Math.hypot((p.x - point.x) * shown.width, (p.y - point.y) * shown.height)
      if (away <= least) [best, least] = [p, away]
    }
  return best
}

/** Distance of a point from the line through two others, in pixels of the screen. */
function aside(p: Point, a: Point, b: Point, { width, height }: Shown): number {
  const [ax, ay, dx, dy] = [a.x * width, a.y * height, (b.x - a.x) * width, (b.y - a.y) * height]
  const long = Math.hypot(dx, dy)
  if (long === 0) return Math.hypot(p.x * width - ax, p.y * height - ay)
  return Math.abs((p.x * width - ax) * dy - (p.y * height - ay) * dx) / long
}

/** The corners of a stroke: its ends and the points that lie more than `within` pixels off (Ramer 1972, Douglas and Peucker 1973). */
export function corners(stroke: readonly Point[], shown: Shown, within = 10): Point[] {
  if (stroke.length < 3) return [...stroke]
  const [first, last] = [stroke[0]!, stroke.at(-1)!]
  let far = 0
  let at = 0
  for (let i = 1; i < stroke.length - 1; i++) {
    const off = aside(stroke[i]!, first, last, shown)
    if (off > far) [far, at] = [off, i]
  }
  if (far <= within) return [first, last]
  return [...corners(stroke.slice(0, at + 1), shown, within).slice(0, -1), ...corners(stroke.slice(at), shown, within)]
}
