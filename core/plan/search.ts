import TinyQueue from 'tinyqueue'

/** What an order costs, the first figure before the second and so on. */
export interface Cost {
  /** Preferences broken. */
  broken: number
  turns: number
  tools: number
  /** Kendall tau: pairs that stand the other way round than in the mirror. */
  distance: number
}

/** An instance: steps `0 … n-1` in the order of the mirror. */
export interface Instance {
  n: number
  /** Hard arcs, as pairs of steps; acyclic. */
  arcs: readonly (readonly [number, number])[]
  /** Preferences: pairs of steps of which the first should come first. */
  prefers: readonly (readonly [number, number])[]
  posture: readonly string[]
  tool: readonly string[]
}

/** An order of the steps, its cost, and how far below it the best order can be at most: 0 where it is proven best. */
export interface Found {
  order: number[]
  cost: Cost
  proven: boolean
  /** A bound that no order is below. */
  bound: Cost
}

// The four figures in one number: each fits below the next for up to 400 steps.
const unit = { distance: 1, tools: 2 ** 18, turns: 2 ** 28, broken: 2 ** 38 }
const unpacked = (n: number): Cost => ({
  broken: Math.floor(n / unit.broken),
  turns: Math.floor((n % unit.broken) / unit.turns),
  tools: Math.floor((n % unit.turns) / unit.tools),
  distance: n % unit.tools,
})

const changes = (before: string, now: string) => before !== '' && now !== '' && before !== now

/** What it costs to place step `s` next. */
function price(on: Instance, before: readonly number[][], last: State, s: number): number {
  let inversions = 0
  for (let i = 0; i < s; i++) if (!isPlaced(last, i)) inversions += 1
  let broken = 0
  for (const first of before[s]!) if (!isPlaced(last, first)) broken += 1
  const turn = changes(last.posture, on.posture[s]!) ? 1 : 0
  const tool = changes(last.tool, on.tool[s]!) ? 1 : 0
  return broken * unit.broken + turn * unit.turns + tool * unit.tools + inversions
}

interface State {
  /** For each step `1` when it stands already, else `0`. */
  placed: string
  count: number
  posture: string
  tool: string
  cost: number
  /** The step placed last, and the state before it. */
  step: number
  from: State | null
}
const isPlaced = (state: State, s: number): boolean => state.placed.charCodeAt(s) === 49
/** The steps of a state in the order in which they were placed. */
function orderOf(state: State): number[] {
  const order: number[] = []
  for (let at = state; at.from; at = at.from) order.push(at.step)
  return order.reverse()
}
const keyOf = (s: State) => `${s.placed} ${s.posture} ${s.tool}`

function follow(on: Instance, before: readonly number[][], state: State, s: number): State {
  return {
    placed: `${state.placed.slice(0, s)}1${state.placed.slice(s + 1)}`,
    count: state.count + 1,
    posture: on.posture[s] || state.posture,
    tool: on.tool[s] || state.tool,
    cost: state.cost + price(on, before, state, s),
    step: s,
    from: state,
  }
}

const start = (on: Instance): State => ({
  placed: '0'.repeat(on.n),
  count: 0,
  posture: '',
  tool: '',
  cost: 0,
  step: -1,
  from: null,
})
/** The first steps of each pair, by the second. */
function firstsOf(on: Instance, pairs: readonly (readonly [number, number])[]): number[][] {
  const firsts: number[][] = Array.from({ length: on.n }, () => [])
  for (const [a, b] of pairs) firsts[b]!.push(a)
  return firsts
}
interface Ready {
  on: Instance
  needs: number[][]
  before: number[][]
}
const onward = ({ on, needs, before }: Ready, state: State): State[] => {
  const next: State[] = []
  for (let s = 0; s < on.n; s++)
    if (!isPlaced(state, s) && needs[s]!.every(a => isPlaced(state, a))) next.push(follow(on, before, state, s))
  return next
}

/** The cheapest state first (Dijkstra 1959), of states that are alike the cheapest only; `null` and a bound after `most` of them. */
function cheapestFirst(ready: Ready, most: number): { best: State | null; bound: number } {
  const queue = new TinyQueue<State>([start(ready.on)], (a, b) => a.cost - b.cost || b.count - a.count)
  const settled = new Set<string>()
  for (let state = queue.pop(); state; state = queue.pop()) {
    if (state.count === ready.on.n) return { best: state, bound: state.cost }
    const key = keyOf(state)
    if (settled.has(key)) continue
    if (settled.size >= most) return { best: null, bound: state.cost }
    settled.add(key)
    for (const next of onward(ready, state)) queue.push(next)
  }
  return { best: null, bound: 0 }
}

/** Level by level the cheapest `width` states go on: an order that keeps all arcs, not proven best. */
function beam(ready: Ready, width: number): State {
  let level = [start(ready.on)]
  for (let count = 0; count < ready.on.n; count++) {
    const next = new Map<string, State>()
    for (const then of level.flatMap(state => onward(ready, state))) {
      const key = keyOf(then)
      if (!next.has(key) || then.cost < next.get(key)!.cost) next.set(key, then)
    }
    level = [...next.values()].sort((a, b) => a.cost - b.cost).slice(0, width)
  }
  return level[0]!
}

/**
 * The order of least cost that keeps all arcs. Search over the down-sets of the partial order with the posture and the tool in hand as
 * state. Exact when it ends within `most` states, as it does wherever few orders cost as little as the best; beyond that the best of a
 * narrow search is returned, and the cost that no order can be below.
 */
export function search(on: Instance, most = 20_000, width = 40): Found {
  const ready = { on, needs: firstsOf(on, on.arcs), before: firstsOf(on, on.prefers) }
  const { best, bound } = cheapestFirst(ready, most)
  const found = best ?? beam(ready, width)
  return {
    order: orderOf(found),
    cost: unpacked(found.cost),
    proven: best !== null || found.cost === bound,
    bound: unpacked(Math.min(found.cost, bound)),
  }
}

/** What a given order costs. */
export function costOf(on: Instance, order: readonly number[]): Cost {
  const before = firstsOf(on, on.prefers)
  return unpacked(order.reduce((state, s) => follow(on, before, state, s), start(on)).cost)
}
