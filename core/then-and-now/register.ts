import { halved, laidOver, type Grey } from './grey.ts'
import { after, homographyOf, isUpright, stretched, through, type Homography, type Match } from './homography.ts'
import { likeness, noise, spiral, windowsOf } from './likeness.ts'

/** Places that can be found again: the one with the clearest corner in each field of a grid (Shi and Tomasi 1994). */
function corners({ width, height, data }: Grey, margin: number, columns: number): { x: number; y: number }[] {
  const field = width / columns
  const rows = Math.floor(height / field)
  const best = Array.from({ length: columns * rows }, () => ({ x: 0, y: 0, clear: 0.004 }))
  const r = 3
  for (let y = margin; y < height - margin; y += 3)
    for (let x = margin; x < width - margin; x += 3) {
      let [xx, xy, yy] = [0, 0, 0]
      for (let v = -r; v <= r; v++)
        for (let u = -r; u <= r; u++) {
          const i = (y + v) * width + x + u
          const gx = data[i + 1]! - data[i - 1]!
          const gy = data[i + width]! - data[i - width]!
          xx += gx * gx
          xy += gx * gy
          yy += gy * gy
        }
      const clear = (xx + yy) / 2 - Math.hypot((xx - yy) / 2, xy)
      const at =
        best[Math.min(rows - 1, Math.floor(y / field)) * columns + Math.min(columns - 1, Math.floor(x / field))]!
      if (clear > at.clear) Object.assign(at, { x, y, clear })
    }
  return best.filter(b => b.x > 0)
}

/** Where the top of a parabola through three values is, from the middle one. */
const top = (a: number, b: number, c: number) => {
  const bend = a - 2 * b + c
  return bend < 0 ? Math.max(-0.5, Math.min(0.5, (a - c) / (2 * bend))) : 0
}

/** Every second pixel within a radius, then those about the best. */
const coarse = (radius: number) => spiral(radius).filter((_, i, all) => all[i & ~1]! % 2 === 0 && all[i | 1]! % 2 === 0)
const beside = spiral(1.5)

/** Finds places of `then` again on `now`, which lies over it, within a radius; at every pixel of it, or every second one first. */
function foundAgain(then: Grey, now: Grey, reach: number, radius: number, every: 1 | 2): Match[] {
  const [a, b] = [windowsOf(then, reach), windowsOf(now, reach)]
  const shifts = every === 2 ? coarse(radius) : spiral(radius)
  return corners(then, reach + radius + 2, 22).flatMap(({ x, y }): Match[] => {
    if (a.variance[y * then.width + x]! < 3 * noise) return []
    let [best, bx, by] = [0, 0, 0]
    for (let i = 0; i < shifts.length; i += 2) {
      const like = likeness(a, x, y, b, x + shifts[i]!, y + shifts[i + 1]!, 2)
      if (like > best) [best, bx, by] = [like, shifts[i]!, shifts[i + 1]!]
    }
    if (best < 0.45) return []
    const [mx, my] = [bx, by]
    for (let i = 0; i < beside.length; i += 2) {
      const like = likeness(a, x, y, b, x + mx + beside[i]!, y + my + beside[i + 1]!, 2)
      if (like > best) [best, bx, by] = [like, mx + beside[i]!, my + beside[i + 1]!]
    }
    if (best < 0.6) return []
    const at = (dx: number, dy: number) => likeness(a, x, y, b, x + bx + dx, y + by + dy, 1)
    const middle = at(0, 0)
    const fine = { x: x + bx + top(at(-1, 0), middle, at(1, 0)), y: y + by + top(at(0, -1), middle, at(0, 1)) }
    return middle > 0.75 && Number.isFinite(fine.x + fine.y) ? [{ from: { x, y }, to: fine }] : []
  })
}

const gap = (h: Homography, { from, to }: Match) => {
  const p = through(h, from)
  return Math.hypot(p.x - to.x, p.y - to.y)
}

/** The map that most matches agree on, to so many pixels (random sample consensus, Fischler and Bolles 1981; then least squares with Tukey's weights). */
function agreed(matches: readonly Match[], within: number): { map: Homography; share: number } | null {
  if (matches.length < 8) return null
  let seed = 1
  const next = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) % matches.length
  let best: Homography | null = null
  let most = 0
  for (let i = 0; i < 300; i++) {
    const map = homographyOf([matches[next()]!, matches[next()]!, matches[next()]!, matches[next()]!])
    if (!map) continue
    let count = 0
    for (const m of matches) if (gap(map, m) < within) count += 1
    if (count > most) [best, most] = [map, count]
  }
  for (let i = 0; best && i < 8; i++) {
    const on: Homography = best
    best =
      homographyOf(
        matches,
        matches.map(m => Math.max(0, 1 - (gap(on, m) / (2 * within)) ** 2) ** 2),
      ) ?? best
  }
  if (!best) return null
  const map: Homography = best
  return { map, share: matches.filter(m => gap(map, m) < within).length / matches.length }
}

/** A map between photos, and which share of the places that were found again agree with it. */
export interface Registered {
  map: Homography
  share: number
  found: number
}

/**
 * Makes a map from pixels of `then` to pixels of `now` better by what is seen on both: places of then are looked for about where the map
 * puts them, at half size first, and the map is fitted anew to those that agree. Null when too few do.
 */
export function registered(then: Grey, now: Grey, start: Homography): Registered | null {
  const half = stretched(0.5, 0.5)
  const twice = stretched(2, 2)
  const [smallThen, smallNow] = [halved(then), halved(now)]
  const shrunk = after(after(half, start), twice)
  const first = agreed(
    foundAgain(smallThen, laidOver(smallNow, shrunk, smallThen.width, smallThen.height), 9, 14, 2),
    2.5,
  )
  if (!first) return null
  const better = after(after(twice, after(shrunk, first.map)), half)
  const matches = foundAgain(then, laidOver(now, better, then.width, then.height), 11, 7, 1)
  const fine = agreed(matches, 2)
  if (!fine) return null
  const map = after(better, fine.map)
  return isUpright(map, then.width, then.height) ? { map, share: fine.share, found: matches.length } : null
}
