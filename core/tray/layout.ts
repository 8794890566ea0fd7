import { cellsOf, distance, type TraySize } from './cells.ts'

/** A cell for each group, and how many pairs of look-alikes touch all the same. */
export interface Layout {
  cells: string[]
  touching: number
}

/**
 * Lays groups `0 … n-1` into a tray in the order of the return, the first of them first, and moves as few as it must so that
 * no two look-alikes (`pairs` of indices) touch. Min-conflicts repair from the plain order (Minton et al. 1992), then, where
 * that is stuck, a bounded search over all layouts. Returns `null` when there are more groups than cells.
 */
export function layTray(
  size: TraySize,
  n: number,
  pairs: readonly (readonly [number, number])[],
  rounds = 400,
): Layout | null {
  const cells = cellsOf(size)
  if (n > cells.length) return null
  const alike: number[][] = Array.from({ length: n }, () => [])
  for (const [a, b] of pairs) {
    alike[a]!.push(b)
    alike[b]!.push(a)
  }
  const touch = cells.map(a => cells.map(b => distance(a, b) <= 1))
  const at = Array.from({ length: n }, (_, i) => i)
  const holds: (number | null)[] = cells.map((_, i) => (i < n ? i : null))
  const cost = (lot: number, cell: number, without = -1) =>
    alike[lot]!.reduce((sum, other) => sum + (other !== without && touch[cell]![at[other]!] ? 1 : 0), 0)
  const swap = (lot: number, cell: number) => {
    const [from, other] = [at[lot]!, holds[cell]!]
    holds[from] = other
    holds[cell] = lot
    at[lot] = cell
    if (other !== null) at[other] = from
  }
  /** What a swap would change in the number of touching pairs. */
  const gain = (lot: number, cell: number): number => {
    const [from, other] = [at[lot]!, holds[cell]!]
    const before = cost(lot, from) + (other === null ? 0 : cost(other, cell, lot))
    swap(lot, cell)
    const after = cost(lot, cell) + (other === null ? 0 : cost(other, from, lot))
    swap(lot, from)
    return after - before
  }
  const touching = () => pairs.reduce((sum, [a, b]) => sum + (touch[at[a]!]![at[b]!] ? 1 : 0), 0)
  const kept = new Map<number, number>()
  for (let round = 0; round < rounds; round++) {
    const stuck = at.findIndex((cell, lot) => cost(lot, cell) > 0 && (kept.get(lot) ?? -9) < round - 1 - (round % 3))
    const lot = stuck >= 0 ? stuck : at.findIndex((cell, l) => cost(l, cell) > 0)
    if (lot < 0) break
    let best = -1
    let least = Infinity
    for (let cell = 0; cell < cells.length; cell++) {
      if (cell === at[lot]) continue
      const worse = gain(lot, cell) + Math.abs(cell - at[lot]!) / 1000 + ((cell * 7 + round * 13) % 11) / 1e5
      if (worse < least) [best, least] = [cell, worse]
    }
    swap(lot, best)
    kept.set(lot, round)
  }
  const left = touching()
  const all = left > 0 ? everyLayout(n, alike, touch) : null
  return { cells: (all ?? at).map(i => cells[i]!), touching: all ? 0 : left }
}

/** Places tried before the search over all layouts is given up. */
const most = 50_000

/** A layout in which nothing touches, by trying all of them; `null` when none was found. */
function everyLayout(n: number, alike: readonly number[][], touch: readonly boolean[][]): number[] | null {
  const at: number[] = []
  const taken = new Set<number>()
  let tries = 0
  const place = (lot: number): boolean => {
    if (lot === n) return true
    if (++tries > most) return false
    for (let cell = 0; cell < touch.length; cell++) {
      if (taken.has(cell) || alike[lot]!.some(o => o < lot && touch[cell]![at[o]!])) continue
      at[lot] = cell
      taken.add(cell)
      if (place(lot + 1)) return true
      taken.delete(cell)
    }
    return false
  }
  return place(0) ? at : null
}
