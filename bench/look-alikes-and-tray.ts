import { lookAlikes, type Lot } from '@dialytica/core/look-alikes'
import { cellsOf, distance, layTray } from '@dialytica/core/tray'
import { median, type Line } from './line.ts'

/** Numbers between 0 and 1 that are the same in every run (Park and Miller 1988). */
function numbers(seed: number): () => number {
  let at = seed
  return () => (at = (at * 48271) % 2147483647) / 2147483647
}

/** Groups of screws such as come off one machine. */
function lots(n: number, next: () => number): Lot[] {
  const pick = <T>(from: readonly T[]) => from[Math.floor(next() * from.length)]!
  return Array.from({ length: n }, (_, i) => ({
    id: String(i),
    stepNumber: i,
    count: 1 + Math.floor(next() * 6),
    fastener: {
      size: pick(['T15', 'T20', 'T25', 'T30', 'PH1', 'PH2', '7 mm', '8 mm', '10 mm', '13 mm', '17 mm', '19 mm']),
      length: pick([8, 10, 12, 14, 16, 18, 20, 25, 30, 40]),
      look: pick(['stainless', 'black', 'brass', 'zinc']),
    },
    place: pick(['lid', 'tub', 'pump', 'console', 'rail']),
    zone: pick(['rear', 'top', 'base', 'front']),
    things: [],
    marked: true,
  }))
}

/** Look-alikes that none touch in a layout known beforehand, so that one exists. */
function planted(n: number, size: { rows: number; columns: number }, next: () => number): [number, number][] {
  const cells = cellsOf(size).sort(() => next() - 0.5)
  const pairs: [number, number][] = []
  while (pairs.length < 3 * n) {
    const [a, b] = [Math.floor(next() * n), Math.floor(next() * n)]
    if (a !== b && distance(cells[a]!, cells[b]!) > 1) pairs.push([a, b])
  }
  return pairs
}

/** 80 groups compared pair by pair and laid into 12 x 8 cells, against one plain pass over all pairs; none may touch. */
export async function lookAlikesAndTray(): Promise<Line> {
  const size = { rows: 12, columns: 8 }
  const next = numbers(7)
  const all = lots(80, next)
  const found = lookAlikes('front-loader', all)
  const index = new Map(all.map((l, i) => [l.id, i]))
  const own = found.map(p => [index.get(p.a.id)!, index.get(p.b.id)!] as [number, number])
  const instances = [own, ...Array.from({ length: 20 }, () => planted(80, size, next))]
  const touching = instances.map(pairs => layTray(size, 80, pairs)!.touching)
  const ms = await median(15, () => {
    lookAlikes('front-loader', all)
    layTray(size, 80, own)
  })
  const plain = await median(15, () => {
    let same = 0
    for (const a of all)
      for (const b of all) if (a.fastener!.size === b.fastener!.size && a.fastener!.look === b.fastener!.look) same += 1
    return same
  })
  const stuck = touching.filter(t => t > 0).length
  return {
    name: 'look-alikes-and-tray',
    figure: ms,
    unit: 'ms',
    against: `one plain pass over the pairs; ${found.length} look-alikes; ${stuck} of ${instances.length} layouts with some that touch`,
    ratio: ms / plain,
    target: 'under 20 ms, none touch where a layout exists',
    holds: ms < 20 && stuck === 0,
  }
}
