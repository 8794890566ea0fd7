import type { Fastener } from '../items/fastener.ts'

interface Spot {
  x: number
  y: number
}
/** How a group stands: few, in a row, round a middle, or anyhow. */
export type Stand = 'few' | 'row' | 'circle' | 'free'

/** The order in which a group is tightened, as indices of its spots, and the rounds in which it is gone through. */
export interface Tightening {
  stand: Stand
  order: number[]
  rounds: string[]
}

const far = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y)
const middle = (spots: readonly Spot[]): Spot => ({
  x: spots.reduce((sum, p) => sum + p.x, 0) / spots.length,
  y: spots.reduce((sum, p) => sum + p.y, 0) / spots.length,
})

/** The long axis of the spots (first principal component) and the spread along and across it. */
function axis(spots: readonly Spot[]): { along: Spot; long: number; short: number } {
  const m = middle(spots)
  let [xx, yy, xy] = [0, 0, 0]
  for (const p of spots) {
    xx += (p.x - m.x) ** 2
    yy += (p.y - m.y) ** 2
    xy += (p.x - m.x) * (p.y - m.y)
  }
  const half = (xx + yy) / 2
  const root = Math.hypot((xx - yy) / 2, xy)
  const angle = Math.atan2(2 * xy, xx - yy) / 2
  return {
    along: { x: Math.cos(angle), y: Math.sin(angle) },
    long: Math.sqrt(half + root),
    short: Math.sqrt(Math.max(0, half - root)),
  }
}

/** How the spots stand, from where they are: a row is at most an eighth as broad as long, a circle keeps its distance within a fifth. */
export function standOf(spots: readonly Spot[]): Stand {
  if (spots.length < 3) return 'few'
  const { long, short } = axis(spots)
  if (short <= long / 8) return 'row'
  const m = middle(spots)
  const radii = spots.map(p => far(p, m))
  const mean = radii.reduce((a, b) => a + b, 0) / radii.length
  const angles = spots.map(p => Math.atan2(p.y - m.y, p.x - m.x)).sort((a, b) => a - b)
  const gap = Math.max(...angles.map((a, i) => (angles[i + 1] ?? angles[0]! + 2 * Math.PI) - a))
  const round = radii.every(r => Math.abs(r - mean) <= mean / 5)
  return round && gap <= (2 * Math.PI) / 2.2 ? 'circle' : 'free'
}

/** From the middle outwards, to one side and the other in turn. */
function outwards(spots: readonly Spot[]): number[] {
  const { along } = axis(spots)
  const at = (i: number) => spots[i]!.x * along.x + spots[i]!.y * along.y
  const sorted = spots.map((_, i) => i).sort((a, b) => at(a) - at(b))
  const center = (at(sorted[0]!) + at(sorted.at(-1)!)) / 2
  return sorted.sort((a, b) => Math.abs(at(a) - center) - Math.abs(at(b) - center) || at(a) - at(b))
}

/** So many spots are ordered exactly; more of them one by one. */
const exactly = 11

/**
 * Crosswise: the order whose smallest step is as large as can be, then whose steps are longest together, each spot once, beginning at
 * `first`. Exact by dynamic programming over subsets (Held and Karp 1962) for small groups, else the farthest spot next.
 */
function crosswise(spots: readonly Spot[], first: number): number[] {
  const n = spots.length
  if (n > exactly) {
    const order = [first]
    const left = new Set(spots.map((_, i) => i).filter(i => i !== first))
    while (left.size) {
      const last = spots[order.at(-1)!]!
      const before = spots[order.at(-2) ?? order.at(-1)!]!
      const worth = (i: number) => far(spots[i]!, last) + far(spots[i]!, before) / 4
      const next = [...left].reduce((a, b) => (worth(b) > worth(a) + 1e-9 ? b : a))
      order.push(next)
      left.delete(next)
    }
    return order
  }
  interface Path {
    least: number
    sum: number
    order: number[]
  }
  const better = (a: Path, b: Path | undefined) =>
    !b || a.least > b.least + 1e-9 || (a.least > b.least - 1e-9 && a.sum > b.sum + 1e-9)
  let paths = new Map<string, Path>([[`${1 << first} ${first}`, { least: Infinity, sum: 0, order: [first] }]])
  for (let k = 1; k < n; k++) {
    const next = new Map<string, Path>()
    for (const [key, path] of paths) {
      const set = Number(key.split(' ')[0])
      for (let i = 0; i < n; i++) {
        if (set & (1 << i)) continue
        const step = far(spots[path.order.at(-1)!]!, spots[i]!)
        const then = { least: Math.min(path.least, step), sum: path.sum + step, order: [...path.order, i] }
        const to = `${set | (1 << i)} ${i}`
        if (better(then, next.get(to))) next.set(to, then)
      }
    }
    paths = next
  }
  return [...paths.values()].reduce((a, b) => (better(b, a) ? b : a)).order
}

/** The rounds of a group: by hand first; plastic only until it seats; metal snug once round before it is tightened. */
function roundsOf(n: number, f: Fastener): string[] {
  const last = f.torque !== undefined ? `to ${f.torque} N·m` : f.feel === 'finger' ? 'finger tight' : 'tight'
  if (n === 1) return ['by hand', f.into === 'plastic' ? 'until it seats' : last]
  if (f.into === 'plastic') return ['all by hand', 'until each seats']
  return n < 3 ? ['all by hand', last] : ['all by hand', 'snug, in this order', `${last}, in this order`]
}

/**
 * The order in which the fasteners of a group are tightened, from where their marks are. `spots` are in any unit that is the same
 * across and down. A row from the middle outwards, anything else crosswise from the upper left; what was recorded of the pattern
 * goes before what is seen.
 */
export function tightening(spots: readonly Spot[], f: Fastener): Tightening {
  const seen = standOf(spots)
  const stand: Stand = seen === 'few' ? 'few' : f.pattern === 'row' ? 'row' : f.pattern === 'circle' ? 'circle' : seen
  const first = spots.reduce((best, p, i) => (p.x + p.y < spots[best]!.x + spots[best]!.y - 1e-9 ? i : best), 0)
  const order = stand === 'few' ? spots.map((_, i) => i) : stand === 'row' ? outwards(spots) : crosswise(spots, first)
  return { stand, order, rounds: roundsOf(spots.length, f) }
}
