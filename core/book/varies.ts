import { ascending } from 'd3-array'

/** What was found on one machine: a value, the serial and the year of make of the machine. */
export interface Found {
  job: string
  value: string
  serial: string
  made: number | undefined
}
/** By what a difference goes: from which serial or year on it is the other one, and how likely chance would part them as well. */
export interface Split {
  by: 'serial' | 'made'
  /** The first serial or year of the later ones. */
  from: string
  before: string
  after: string
  chance: number
  /** How many do not fit. */
  off: number
}

/** Where chance does as well in more than one of twenty cases, nothing is said. */
const mostChance = 0.05
/** Of so many machines one may stand on the wrong side: a plate misread, a part changed before. */
const fits = 10

/** The figures of a serial, in groups, to be set in order as numbers. */
const figures = (serial: string) => serial.match(/\d+/g)?.map(Number) ?? []
function bySerial(a: string, b: string): number {
  const [p, q] = [figures(a), figures(b)]
  for (let i = 0; i < Math.max(p.length, q.length); i++) {
    const order = ascending(p[i] ?? -1, q[i] ?? -1)
    if (order) return order
  }
  return ascending(a, b)
}

/**
 * How likely a row of `ones` of one kind and `others` of another, in an order that says nothing, is parted by its best cut with `off` on the wrong side
 * at most. Counted exactly: rows are ways on a grid, and those are counted that stay between two bounds (the reflection principle, by sums).
 */
export function chanceOf(ones: number, others: number, off: number): number {
  const [high, low] = [ones - off, off - others]
  let inside = new Map([[0, 1]])
  let all = 1
  for (let i = 0; i < ones + others; i++) all *= (i + 1) / (i < ones ? i + 1 : i - ones + 1)
  if (0 >= high || 0 <= low) return 1
  // By how many of the one kind came so far, with the ways that stayed between the bounds.
  for (let i = 0; i < ones + others; i++) {
    const next = new Map<number, number>()
    for (const [k, ways] of inside)
      for (const is of [1, 0]) {
        const [a, b] = [k + is, i + 1 - k - is]
        if (a > ones || b > others || a - b >= high || a - b <= low) continue
        next.set(a, (next.get(a) ?? 0) + ways)
      }
    inside = next
  }
  return 1 - (inside.get(ones) ?? 0) / all
}

/** The cut of a row that leaves the fewest on the wrong side. */
function bestCut(row: readonly boolean[]): { at: number; off: number; firstIs: boolean } {
  const ones = row.filter(Boolean).length
  let [best, seen] = [{ at: 0, off: Infinity, firstIs: true }, 0]
  for (let at = 1; at < row.length; at++) {
    if (row[at - 1]) seen += 1
    // The first kind before the cut, or after it.
    for (const [firstIs, off] of [
      [true, at - seen + (ones - seen)],
      [false, seen + (row.length - at - (ones - seen))],
    ] as const)
      if (off < best.off) best = { at, off, firstIs }
  }
  return best
}

/**
 * By what two values vary over machines, where serial or year of make explains it better than chance would: null where they do not, and where too few
 * machines were seen to tell. Values beyond the two commonest are left out.
 */
export function splitOf(found: readonly Found[]): Split | null {
  const counts = new Map<string, number>()
  for (const f of found) counts.set(f.value, (counts.get(f.value) ?? 0) + 1)
  const [one, other] = [...counts].sort((a, b) => b[1] - a[1]).map(([v]) => v)
  if (one === undefined || other === undefined) return null
  const two = found.filter(f => f.value === one || f.value === other)
  const orders: readonly (readonly ['serial' | 'made', Found[], (f: Found) => string])[] = [
    ['serial', two.toSorted((a, b) => bySerial(a.serial, b.serial)), f => f.serial],
    ['made', two.filter(f => f.made !== undefined).toSorted((a, b) => ascending(a.made, b.made)), f => String(f.made)],
  ]
  // Each order that was looked at gives chance another try.
  const tries = orders.filter(([, row]) => row.length).length
  const splits = orders.flatMap(([by, row, name]): Split[] => {
    const ones = row.filter(f => f.value === one).length
    if (ones === 0 || ones === row.length) return []
    const { at, off, firstIs } = bestCut(row.map(f => f.value === one))
    if (off * fits > row.length) return []
    const chance = Math.min(1, tries * chanceOf(ones, row.length - ones, off))
    // Machines of one year are not parted by it.
    if (chance > mostChance || name(row[at - 1]!) === name(row[at]!)) return []
    return [{ by, from: name(row[at]!), before: firstIs ? one : other, after: firstIs ? other : one, chance, off }]
  })
  return splits.sort((a, b) => a.off - b.off || a.chance - b.chance)[0] ?? null
}
