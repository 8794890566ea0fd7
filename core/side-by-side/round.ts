import type { Spot } from '../then-and-now/homography.ts'
import { ellipseOf, rim, type Ellipse } from './ellipse.ts'
import { sharpest, step, type Light } from './light.ts'

/** So many rays go out from where a finger tapped. */
const rays = 120
/** So many of the strongest edges along a ray are looked at. */
const most = 6
/** A round thing shows its rim on at least this share of the rays. */
const support = 0.6
/** An edge is a change of light of at least this, of 255. */
const least = 7

interface Edge extends Spot {
  ray: number
  strength: number
  /** Lighter beyond, or darker. */
  lighter: boolean
}

/** The strongest changes of light along rays from a place, up to so many pixels out. */
function edgesFrom(light: Light, at: Spot, reach: number): Edge[] {
  return Array.from({ length: rays }, (_, ray) => {
    const angle = (ray / rays) * 2 * Math.PI
    const [dx, dy] = [Math.cos(angle), Math.sin(angle)]
    const strengths: number[] = []
    for (let r = 2; r <= reach; r++) strengths.push(step(light, at.x + dx * r, at.y + dy * r, dx, dy, 2))
    return strengths
      .flatMap((s, i): Edge[] => {
        const [before, after] = [strengths[i - 1] ?? 0, strengths[i + 1] ?? 0]
        const is = Math.abs(s) >= least && Math.abs(s) >= Math.abs(before) && Math.abs(s) > Math.abs(after)
        return is
          ? [{ x: at.x + dx * (i + 2), y: at.y + dy * (i + 2), ray, strength: Math.abs(s), lighter: s > 0 }]
          : []
      })
      .sort((a, b) => b.strength - a.strength)
      .slice(0, most)
  }).flat()
}

/** The circle through three places; null where they lie on a line. */
function circleOf(a: Spot, b: Spot, c: Spot): (Spot & { r: number }) | null {
  const d = 2 * (a.x * (b.y - c.y) + b.x * (c.y - a.y) + c.x * (a.y - b.y))
  if (Math.abs(d) < 1e-6) return null
  const [aa, bb, cc] = [a, b, c].map(p => p.x * p.x + p.y * p.y) as [number, number, number]
  const x = (aa * (b.y - c.y) + bb * (c.y - a.y) + cc * (a.y - b.y)) / d
  const y = (aa * (c.x - b.x) + bb * (a.x - c.x) + cc * (b.x - a.x)) / d
  return { x, y, r: Math.hypot(a.x - x, a.y - y) }
}

/** The place of the strongest change of light across a rim, between pixels; null where there is none. */
function sharpened(light: Light, e: Ellipse, angle: number, lighter: boolean, within: number): Spot | null {
  const { x, y, dx, dy } = rim(e, angle)
  const sign = lighter ? 1 : -1
  const t = sharpest(by => sign * step(light, x + dx * by, y + dy * by, dx, dy, 1), within, least)
  return t === null ? null : { x: x + dx * t, y: y + dy * t }
}

/** An ellipse drawn nearer to the edge that it lies on; null where too little of its rim is seen. */
function fitted(light: Light, from: Ellipse, lighter: boolean): Ellipse | null {
  let e = from
  for (const within of [Math.max(3, from.a * 0.08), 2.5, 1.5]) {
    const all = Array.from({ length: rays }, (_, i) => sharpened(light, e, (i / rays) * 2 * Math.PI, lighter, within))
    const seen = all.filter(s => s !== null)
    if (seen.length < support * rays) return null
    const next = ellipseOf(seen)
    if (!next) return null
    // Once more without what lies off: a shadow, a scratch, a neighbour.
    const off = (s: Spot) => {
      const [c, q] = [Math.cos(next.turn), Math.sin(next.turn)]
      const [u, v] = [c * (s.x - next.x) + q * (s.y - next.y), -q * (s.x - next.x) + c * (s.y - next.y)]
      return Math.abs(Math.hypot(u / next.a, v / next.b) - 1) * next.a
    }
    const near = seen.filter(s => off(s) < Math.max(0.6, within / 3))
    if (near.length < support * rays * 0.8) return null
    e = ellipseOf(near) ?? next
  }
  return e.b / e.a > 0.8 ? e : null
}

/**
 * The round thing that a finger tapped: the largest rim about that place, up to so many pixels out, that shows all round; null where there is none.
 * For a hole the smallest is meant (`inner`).
 */
export function roundAt(light: Light, tap: Spot, reach: number, inner = false): Ellipse | null {
  const edges = edgesFrom(light, tap, reach)
  const found: { e: Ellipse; seen: number }[] = []
  // Circles through three edges a third of the way round apart; the tap lies well inside.
  for (const lighter of [true, false]) {
    const own = edges.filter(e => e.lighter === lighter)
    const byRay = Array.from({ length: rays }, (_, r) => own.filter(e => e.ray === r))
    for (let start = 0; start < rays / 3; start += 2)
      for (const a of byRay[start]!)
        for (const b of byRay[start + rays / 3]!)
          for (const c of byRay[start + (2 * rays) / 3]!) {
            const circle = circleOf(a, b, c)
            if (!circle || circle.r > reach || circle.r < 3) continue
            if (Math.hypot(circle.x - tap.x, circle.y - tap.y) > circle.r * 0.6) continue
            const near = Math.max(1.5, circle.r * 0.03)
            const seen = byRay.filter(all =>
              all.some(e => Math.abs(Math.hypot(e.x - circle.x, e.y - circle.y) - circle.r) < near),
            ).length
            if (seen < support * rays) continue
            const alike = found.find(
              f => Math.abs(f.e.a - circle.r) < 2 * near && Math.hypot(f.e.x - circle.x, f.e.y - circle.y) < 2 * near,
            )
            if (alike && alike.seen >= seen) continue
            const e = fitted(light, { x: circle.x, y: circle.y, a: circle.r, b: circle.r, turn: 0 }, lighter)
            if (!e) continue
            if (alike) Object.assign(alike, { e, seen })
            else found.push({ e, seen })
          }
  }
  found.sort((p, q) => (inner ? p.e.a - q.e.a : q.e.a - p.e.a))
  return found[0]?.e ?? null
}

/** How far beside a hole a finger still means it, in pixels of a photo 1,600 wide. */
const beside = 26

/** Where a tap was meant: the middle of the hole or pin that it touches, or that lies just beside it, else the tap itself. */
export function meantBy(light: Light, tap: Spot, reach = 36): Spot {
  const touched = roundAt(light, tap, reach, true)
  if (touched) return { x: touched.x, y: touched.y }
  const near = [12, 22].flatMap(r =>
    Array.from({ length: 8 }, (_, i) => {
      const angle = (i / 8) * 2 * Math.PI
      return roundAt(light, { x: tap.x + r * Math.cos(angle), y: tap.y + r * Math.sin(angle) }, reach, true)
    }),
  )
  const far = (hole: Ellipse) => Math.hypot(hole.x - tap.x, hole.y - tap.y)
  const [hole] = near.filter(h => h !== null && far(h) < beside).sort((a, b) => far(a!) - far(b!))
  return hole ? { x: hole.x, y: hole.y } : tap
}
