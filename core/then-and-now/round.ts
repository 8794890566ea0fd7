import type { Grey } from './grey.ts'

/** Angles at which a ring is sampled. */
const around = 16
const turns = Array.from({ length: around }, (_, i) => {
  const a = (i * 2 * Math.PI) / around
  return [Math.cos(a), Math.sin(a)] as const
})

/** A round thing: its middle, its mean light ring by ring, and which share of its variance lies between the rings instead of along them. */
interface Round {
  profile: number[]
  share: number
}

/** How round a picture is about a middle, out to a radius. */
function roundAbout({ width, height, data }: Grey, cx: number, cy: number, radius: number): Round {
  const profile: number[] = []
  let [all, squares, within, weight] = [0, 0, 0, 0]
  for (let r = 1; r <= radius; r++) {
    let [sum, square] = [0, 0]
    for (const [c, s] of turns) {
      const x = Math.round(cx + r * c)
      const y = Math.round(cy + r * s)
      const v = x >= 0 && y >= 0 && x < width && y < height ? data[y * width + x]! : NaN
      sum += v
      square += v * v
    }
    const mean = sum / around
    profile.push(mean)
    // Slot, cross or star turn with the head: only its rim tells that it is round.
    if (r < radius * 0.6) continue
    within += r * (square / around - mean * mean)
    all += r * mean
    squares += r * mean * mean
    weight += r
  }
  const between = squares / weight - (all / weight) ** 2
  return { profile, share: between / (between + within / weight) }
}

/** The roundest thing about a place, its middle at most `slack` pixels off: every third place first, then those about the best. */
function roundest(grey: Grey, x: number, y: number, slack: number, radius: number): Round {
  let best: Round = { profile: [], share: 0 }
  let [bx, by] = [x, y]
  const look = (cx: number, cy: number, reach: number, step: number) => {
    for (let v = -reach; v <= reach; v += step)
      for (let u = -reach; u <= reach; u += step) {
        const round = roundAbout(grey, cx + u, cy + v, radius)
        if (round.share > best.share) [best, bx, by] = [round, cx + u, cy + v]
      }
  }
  look(x, y, slack, 3)
  look(bx, by, 2, 1)
  return best
}

/** Correlation of two profiles, the farther rings counting more; 0 where one is much richer in contrast than the other. */
function alike(a: readonly number[], b: readonly number[]): number {
  if (a.length !== b.length) return 0
  let [n, ma, mb] = [0, 0, 0]
  a.forEach((v, i) => {
    n += i + 1
    ma += (i + 1) * v
    mb += (i + 1) * b[i]!
  })
  let [aa, bb, ab] = [0, 0, 0]
  a.forEach((v, i) => {
    const [da, db] = [v - ma / n, b[i]! - mb / n]
    aa += (i + 1) * da * da
    bb += (i + 1) * db * db
    ab += (i + 1) * da * db
  })
  return ab > 0 && aa < 6 * bb && bb < 6 * aa ? ab / Math.sqrt(aa * bb) : 0
}

/** Radii at which a head is looked for, in pixels of a picture 800 wide. */
const radii = [11, 13, 15, 17]

/** True where both show the same round thing, turned or not: the head of a screw comes back at another angle. */
export function isTurned(then: Grey, now: Grey, x: number, y: number): boolean {
  const [cx, cy] = [Math.round(x), Math.round(y)]
  return radii.some(radius => {
    const a = roundest(then, cx, cy, 6, radius)
    if (a.share < 0.3) return false
    const b = roundest(now, cx, cy, 6, radius)
    return b.share >= 0.3 && alike(a.profile, b.profile) >= 0.95
  })
}

/** How alike what is about a marked screw is on both, 0 to 1, whatever its angle: its rings. An empty hole is dark where a head shines. */
export function headLikeness(then: Grey, now: Grey, x: number, y: number): number {
  const [cx, cy] = [Math.round(x), Math.round(y)]
  const profile = (grey: Grey, radius: number) => roundest(grey, cx, cy, 6, radius).profile
  return Math.max(...radii.map(radius => alike(profile(then, radius), profile(now, radius))))
}
