import TinyQueue from 'tinyqueue'
import { falls, posturesFor, unit, unpacked, type Cost, type Instance } from './instance.ts'
import { lowerBound, type LowerBound } from './lower-bound.ts'
import { reachOf, type Reach } from './reach.ts'
import { add, covers, has, noSteps, openFrom, settledBelow, textOf, type StepSet } from './step-set.ts'

/** An order of the steps, its cost, and how far below it the best order can be at most: 0 where it is proven best. */
export interface Found {
  order: number[]
  cost: Cost
  proven: boolean
  /** A bound that no order is below. */
  bound: Cost
}

/** Some steps stand; the rest is open. */
interface State {
  placed: StepSet
  count: number
  posture: string
  tool: string
  /** What it cost to come here, and what the whole order costs at least. */
  cost: number
  least: number
  /** How many preferences must still be broken. */
  breaks: number
  /** The step placed last, and the state before it. */
  step: number
  from: State | null
}
interface Ground {
  on: Instance
  reach: Reach
  bound: LowerBound
}
const breaksOf = (least: number) => Math.floor(least / unit.broken)

/** The steps of a state in the order in which they were placed. */
function orderOf(state: State): number[] {
  const order: number[] = []
  for (let at = state; at.from; at = at.from) order.push(at.step)
  return order.reverse()
}
const keyOf = (s: State) => `${textOf(s.placed)}${s.posture}|${s.tool}`
const changes = (before: string, now: string) => (before !== '' && now !== '' && before !== now ? 1 : 0)

function start({ on, bound }: Ground): State {
  const placed = noSteps(on.n)
  const least = bound(placed, on.stands, '')
  return {
    placed,
    count: 0,
    posture: on.stands,
    tool: '',
    cost: 0,
    least,
    breaks: breaksOf(least),
    step: -1,
    from: null,
  }
}

/** Before which steps a preference must be broken: those within a stretch that is wholly open. */
function mayBreak(stretches: Reach['stretches'], placed: StepSet, n: number): Int16Array {
  const over = new Int16Array(n + 1)
  const tail = Math.min(n, openFrom(placed))
  let at = 0
  for (let from = settledBelow(placed); from < n; from++) {
    if (has(placed, from)) continue
    let to = from
    while (to < tail && !has(placed, to)) to++
    if (to >= tail) to = n
    while (at < stretches.length && stretches[at]![0] < from) at++
    for (; at < stretches.length && stretches[at]![1] < to; at++) {
      over[stretches[at]![0] + 1]! += 1
      over[stretches[at]![1] + 1]! -= 1
    }
    from = to
  }
  for (let s = 1; s <= n; s++) over[s]! += over[s - 1]!
  return over
}

/** What turns around a step cost: to the posture in which it is done, and home after the last one. */
function turning(on: Instance, state: State, s: number, need: string): { cost: number; posture: string } {
  let [cost, posture] = [0, state.posture]
  const turn = (to: string, isDone: (step: number) => boolean) => {
    if (to !== '' && posture !== '' && to !== posture)
      cost += unit.turns + (falls(on, posture, isDone) ? unit.unsafe : 0)
    posture = to || posture
  }
  turn(need, step => has(state.placed, step))
  if (state.count + 1 === on.n) turn(on.home, step => step === s || has(state.placed, step))
  return { cost, posture }
}

/** The states after one more step, those that cost `most` or more at least left out. */
function onward({ on, reach, bound }: Ground, state: State, most: number): State[] {
  const next: State[] = []
  const may = mayBreak(reach.stretches, state.placed, on.n)
  // A preference broken where none must be leaves as many to be broken as before.
  const dear = state.cost + (state.breaks + 1) * unit.broken >= most
  let open = 0
  for (let s = settledBelow(state.placed); s < on.n; s++) {
    if (has(state.placed, s)) continue
    const passed = open++
    const breaks = s > 0 && !has(state.placed, s - 1)
    if (breaks && !may[s] && dear) continue
    if (!covers(state.placed, reach.needs[s]!)) continue
    const tool = on.tool[s] || state.tool
    const plain = state.cost + (breaks ? unit.broken : 0) + changes(state.tool, on.tool[s]!) * unit.tools + passed
    if (plain >= most) continue
    const count = state.count + 1
    let placed: StepSet | null = null
    const go = (turns: number, posture: string) => {
      const cost = plain + turns
      if (cost >= most) return
      if (!placed) add((placed = state.placed.slice()), s)
      const rest = bound(placed, posture, tool)
      const least = Math.max(state.least, cost + rest)
      if (least < most)
        next.push({ placed, count, posture, tool, cost, least, breaks: breaksOf(rest), step: s, from: state })
    }
    const own = on.posture[s]!
    // Nearly every step is done as the machine stands.
    if ((own === '' || own === state.posture) && count < on.n && !on.also?.[s]?.length) go(0, state.posture)
    else
      for (const need of posturesFor(on, s)) {
        const { cost, posture } = turning(on, state, s, need)
        go(cost, posture)
      }
  }
  return next
}

/** The states after one more step that break a preference only where one must be broken; where there are none, all. */
function promising(ground: Ground, state: State): State[] {
  const few = onward(ground, state, state.cost + (state.breaks + 1) * unit.broken)
  return few.length ? few : onward(ground, state, Infinity)
}

/** Level by level the `width` states that promise most go on: an order that keeps all arcs, not proven best. */
function beam(ground: Ground, width: number): State {
  let level = [start(ground)]
  for (let count = 0; count < ground.on.n; count++) {
    const next = new Map<string, State>()
    for (const then of level.flatMap(state => promising(ground, state))) {
      const key = keyOf(then)
      if (!next.has(key) || then.cost < next.get(key)!.cost) next.set(key, then)
    }
    level = [...next.values()].sort((a, b) => a.least - b.least).slice(0, width)
  }
  return level[0]!
}

/**
 * Best first (A*, Hart, Nilsson and Raphael 1968) over the down-sets of the arcs, with the posture and the tool in hand as state; of
 * states that are alike the cheapest only; nothing that is no better than `known`. Ends with a better state, with none, or after `most`
 * states with a bound.
 */
function bestFirst(ground: Ground, known: number, most: number): { better: State | null; bound: number } {
  const first = start(ground)
  const queue = new TinyQueue<State>(
    first.least < known ? [first] : [],
    (a, b) => a.least - b.least || b.count - a.count,
  )
  const cheapest = new Map<string, number>()
  let seen = 0
  for (let state = queue.pop(); state; state = queue.pop()) {
    if (state.count === ground.on.n) return { better: state, bound: state.cost }
    const key = keyOf(state)
    if (state.cost > (cheapest.get(key) ?? Infinity)) continue
    if ((seen += 1) > most) return { better: null, bound: state.least }
    for (const next of onward(ground, state, known)) {
      const name = keyOf(next)
      if (next.cost >= (cheapest.get(name) ?? Infinity)) continue
      cheapest.set(name, next.cost)
      queue.push(next)
    }
  }
  return { better: null, bound: known }
}

/**
 * The order of least cost that keeps all arcs: a narrow search first, then best first for anything better. Exact when that ends within
 * `most` states, as it does where the arcs speak against the mirror in few places; beyond, the best known order is returned, and the
 * cost that no order is below.
 */
export function bestOrder(on: Instance, most = 20_000, width = 4): Found {
  const reach = reachOf(on)
  const quick = beam({ on, reach, bound: lowerBound(on, reach, false) }, width)
  // Threading parts in pairs pays where the search can come to an end.
  const inPairs = on.n <= 150
  const { better, bound } = bestFirst({ on, reach, bound: lowerBound(on, reach, inPairs) }, quick.cost, most)
  const found = better ?? quick
  return {
    order: orderOf(found),
    cost: unpacked(found.cost),
    proven: found.cost === bound,
    bound: unpacked(Math.min(found.cost, bound)),
  }
}
