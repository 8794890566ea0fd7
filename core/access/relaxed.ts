import TinyQueue from 'tinyqueue'
import { on, out, type Marks, type Openings } from './openings.ts'

/** The openings as facts and what brings them about, turns and tools counted once each. */
export interface Operator {
  cost: number
  /** Facts that must hold. */
  asks: readonly number[]
  /** Facts that it brings about. */
  gives: readonly number[]
  /** The posture, or the tool, that it takes up. */
  takes?: { kind: 'posture' | 'tool'; what: string }
}
/** The relaxed problem: a group of acts is one fact, so is each posture and each tool; the last fact is that all is reached. */
export interface Relaxed {
  facts: number
  /** By their places those of the acts, then turns and tools, then the end. */
  operators: readonly Operator[]
  /** For each fact who asks for it. */
  askedBy: readonly (readonly number[])[]
  /** For each fact who brings it about. */
  givenBy: readonly (readonly number[])[]
  acts: number
}

/** The relaxed problem of some openings. */
export function relaxed({ acts, goals, stands, turn, change }: Openings): Relaxed {
  const facts = new Map<string, number>()
  const members: (readonly number[])[] = []
  const factOf = (group: readonly number[]): number => {
    const key = group.toSorted((a, b) => a - b).join()
    if (!facts.has(key)) {
      facts.set(key, facts.size)
      members.push(group)
    }
    return facts.get(key)!
  }
  const asks = acts.map(a => a.needs.map(factOf))
  const reached = goals.map(factOf)
  const gives = acts.map((): number[] => [])
  members.forEach((group, fact) => group.forEach(a => gives[a]!.push(fact)))
  let next = members.length
  const extra: Operator[] = []
  /** What is needed once and taken from then on: the fact that it is at hand. */
  const onceEach = (kind: 'posture' | 'tool', costOf: (what: string) => number) => {
    const of = acts.map(a => a[kind])
    for (const what of new Set(of.filter(w => w !== ''))) {
      const cost = costOf(what)
      if (cost === 0) continue
      const fact = next++
      extra.push({ cost, asks: [], gives: [fact], takes: { kind, what } })
      of.forEach((w, a) => w === what && asks[a]!.push(fact))
    }
  }
  const all = [...new Set([stands, ...acts.flatMap(a => a.posture || [])])]
  onceEach('posture', p => (p === stands ? 0 : Math.min(...all.flatMap(from => (from === p ? [] : [turn(from, p)])))))
  onceEach('tool', () => change)
  const operators = [
    ...acts.map((a, i) => ({ cost: a.minutes, asks: asks[i]!, gives: gives[i]! })),
    ...extra,
    { cost: 0, asks: reached, gives: [next] },
  ]
  const askedBy = Array.from({ length: next + 1 }, (): number[] => [])
  const givenBy = askedBy.map((): number[] => [])
  operators.forEach((o, i) => o.asks.forEach(f => askedBy[f]!.push(i)))
  operators.forEach((o, i) => o.gives.forEach(f => givenBy[f]!.push(i)))
  return { facts: next + 1, operators, askedBy, givenBy, acts: acts.length }
}

/** How dear each fact is, and by which operator it is brought about. */
interface Dearness {
  of: Float64Array
  by: Int32Array
  /** The dearest fact that each operator asks for; -1 where it asks for none. */
  supporter: Int32Array
}

/**
 * How dear each fact is, where an operator costs itself and the dearest of what it asks for, or with `sum` all of it (h-max and h-add: Bonet and
 * Geffner 2001). Infinity for what cannot be reached. O(size · log size).
 */
function dearness({ facts, operators, askedBy }: Relaxed, cost: Float64Array, sum: boolean): Dearness {
  const of = new Float64Array(facts).fill(Infinity)
  const by = new Int32Array(facts).fill(-1)
  const supporter = new Int32Array(operators.length).fill(-1)
  const asksFor = new Float64Array(operators.length)
  const open = Int32Array.from(operators, o => o.asks.length)
  const settled = new Uint8Array(facts)
  const heap = new TinyQueue<readonly [number, number]>([], (a, b) => a[0] - b[0])
  const apply = (i: number) => {
    if (cost[i] === Infinity) return
    const value = cost[i]! + asksFor[i]!
    for (const f of operators[i]!.gives)
      if (value < of[f]!) {
        of[f] = value
        by[f] = i
        heap.push([value, f])
      }
  }
  operators.forEach((o, i) => o.asks.length === 0 && apply(i))
  while (heap.length) {
    const [value, fact] = heap.pop()!
    if (settled[fact]) continue
    settled[fact] = 1
    for (const i of askedBy[fact]!) {
      // The last fact to be settled is the dearest.
      asksFor[i] = sum ? asksFor[i]! + value : value
      supporter[i] = fact
      if (--open[i]! === 0) apply(i)
    }
  }
  // What it asks for is not had: nothing supports it.
  open.forEach((n, i) => n > 0 && (supporter[i] = -1))
  return { of, by, supporter }
}

/** What each operator costs with these marks: nothing where it is on the way, no end where it is ruled out. `had` says what is had for nothing besides. */
const costs = (r: Relaxed, marks: Marks, had: (of: Operator) => boolean = () => false): Float64Array =>
  Float64Array.from(r.operators, (o, i) =>
    i < r.acts && marks[i] === out ? Infinity : (i < r.acts && marks[i] === on) || had(o) ? 0 : o.cost,
  )

/**
 * What every way must cost at least beside what is on it: cuts through the graph, of which each way crosses one act of each (LM-cut: Helmert and
 * Domshlak 2009). Infinity where nothing leads there.
 */
export function atLeast(r: Relaxed, marks: Marks, had?: (what: Operator) => boolean): number {
  const cost = costs(r, marks, had)
  const end = r.facts - 1
  let bound = 0
  for (;;) {
    const { of, supporter } = dearness(r, cost, false)
    if (of[end] === Infinity) return Infinity
    if (of[end]! < 1e-9) return bound
    // From which facts the end is had for nothing.
    const free = new Uint8Array(r.facts)
    const back = [end]
    free[end] = 1
    while (back.length)
      for (const i of r.givenBy[back.pop()!]!) {
        const f = supporter[i]!
        if (cost[i]! < 1e-9 && f >= 0 && !free[f]) {
          free[f] = 1
          back.push(f)
        }
      }
    // What is reached without passing through them, and the acts that lead over.
    const reached = new Uint8Array(r.facts)
    const cut: number[] = []
    const go: number[] = []
    const takes = (i: number) => {
      if (cost[i] === Infinity) return
      if (r.operators[i]!.gives.some(f => free[f])) cut.push(i)
      for (const f of r.operators[i]!.gives)
        if (!free[f] && !reached[f]) {
          reached[f] = 1
          go.push(f)
        }
    }
    r.operators.forEach((o, i) => o.asks.length === 0 && takes(i))
    while (go.length) {
      const f = go.pop()!
      for (const i of r.askedBy[f]!) if (supporter[i] === f) takes(i)
    }
    const least = Math.min(...cut.map(i => cost[i]!))
    for (const i of cut) cost[i]! -= least
    bound += least
  }
}

/** A way that is cheap where every need is counted on its own: its acts, each once; null where nothing leads there. */
export function greedy(r: Relaxed, marks: Marks): number[] | null {
  const { of, by } = dearness(r, costs(r, marks), true)
  const end = r.facts - 1
  if (of[end] === Infinity) return null
  const taken = new Set<number>()
  const back = [end]
  const seen = new Set(back)
  while (back.length) {
    const i = by[back.pop()!]!
    if (taken.has(i)) continue
    taken.add(i)
    for (const f of r.operators[i]!.asks)
      if (!seen.has(f)) {
        seen.add(f)
        back.push(f)
      }
  }
  return [...taken].filter(i => i < r.acts)
}
