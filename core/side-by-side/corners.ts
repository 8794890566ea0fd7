import type { Spot } from '../then-and-now/homography.ts'
import { sharpest, step, type Light } from './light.ts'

/** A line as all places with `x · nx + y · ny = far`, its direction of length one. */
interface Line {
  nx: number
  ny: number
  far: number
}

/** So many places along a side are looked at, and so far to each side of what was tapped, in pixels. */
const places = 60
const reach = 14
/** An edge is a change of light of more than this, of 255. */
const least = 8

/** The straight line nearest to some places, without those far off it: total least squares, twice. */
function lineOf(spots: readonly Spot[]): Line {
  let own = spots
  let line: Line = { nx: 1, ny: 0, far: 0 }
  for (let round = 0; round < 3; round++) {
    const n = own.length
    const [mx, my] = [own.reduce((s, p) => s + p.x, 0) / n, own.reduce((s, p) => s + p.y, 0) / n]
    let [xx, xy, yy] = [0, 0, 0]
    for (const p of own) {
      xx += (p.x - mx) ** 2
      xy += (p.x - mx) * (p.y - my)
      yy += (p.y - my) ** 2
    }
    const turn = Math.atan2(2 * xy, xx - yy) / 2 + Math.PI / 2
    const [nx, ny] = [Math.cos(turn), Math.sin(turn)]
    line = { nx, ny, far: mx * nx + my * ny }
    const off = (p: Spot) => Math.abs(p.x * nx + p.y * ny - line.far)
    const sorted = own.map(off).sort((a, b) => a - b)
    const usual = Math.max(0.3, 2.5 * sorted[sorted.length >> 1]!)
    own = own.filter(p => off(p) <= usual)
  }
  return line
}

/** The edge that runs from one corner to the next, drawn through its strongest change of light; null where too little of it is seen. */
function sideOf(light: Light, from: Spot, to: Spot): Line | null {
  const long = Math.hypot(to.x - from.x, to.y - from.y)
  const [nx, ny] = [-(to.y - from.y) / long, (to.x - from.x) / long]
  const found = (sign: number) =>
    Array.from({ length: places }, (_, i): Spot[] => {
      const along = 0.06 + (0.88 * i) / (places - 1)
      const [x, y] = [from.x + (to.x - from.x) * along, from.y + (to.y - from.y) * along]
      const t = sharpest(by => sign * step(light, x + nx * by, y + ny * by, nx, ny, 1.5), reach, least)
      if (t === null) return []
      return [{ x: x + nx * t, y: y + ny * t }]
    }).flat()
  const [one, other] = [found(1), found(-1)]
  const seen = one.length >= other.length ? one : other
  return seen.length < places * 0.5 ? null : lineOf(seen)
}

const meet = (a: Line, b: Line): Spot | null => {
  const d = a.nx * b.ny - a.ny * b.nx
  return Math.abs(d) < 0.2 ? null : { x: (a.far * b.ny - b.far * a.ny) / d, y: (b.far * a.nx - a.far * b.nx) / d }
}

/** Four taps as the clock goes, so that the first side is a long one. */
export function inOrder(taps: readonly Spot[]): [Spot, Spot, Spot, Spot] {
  const [mx, my] = [taps.reduce((s, p) => s + p.x, 0) / 4, taps.reduce((s, p) => s + p.y, 0) / 4]
  const round = taps.toSorted((p, q) => Math.atan2(p.y - my, p.x - mx) - Math.atan2(q.y - my, q.x - mx))
  const long = (i: number) => Math.hypot(round[(i + 1) % 4]!.x - round[i]!.x, round[(i + 1) % 4]!.y - round[i]!.y)
  const first = long(0) + long(2) >= long(1) + long(3) ? 0 : 1
  return [0, 1, 2, 3].map(i => round[(first + i) % 4]!) as [Spot, Spot, Spot, Spot]
}

/**
 * The corners of a card or rule that a finger tapped, in their order, moved to where its sides meet; null where its sides are not seen, or the taps
 * stand in no order round it.
 */
export function cornersAt(light: Light, taps: readonly [Spot, Spot, Spot, Spot]): [Spot, Spot, Spot, Spot] | null {
  const sides = taps.map((p, i) => sideOf(light, p, taps[(i + 1) % 4]!))
  if (sides.some(s => s === null)) return null
  const corners = sides.map((s, i) => meet(sides[(i + 3) % 4]!, s!))
  return corners.some((c, i) => c === null || Math.hypot(c.x - taps[i]!.x, c.y - taps[i]!.y) > 2 * reach)
    ? null
    : (corners as [Spot, Spot, Spot, Spot])
}
