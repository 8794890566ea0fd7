import TinyQueue from 'tinyqueue'

/** A place to look, or an opening on the way to one (likelihood 0). Ids are unique; what it is under is opened before. */
export interface SearchNode {
  id: string
  /** Likelihood that looking here ends the search. */
  likelihood: number
  /** Minutes of looking, or of opening and closing again. */
  minutes: number
  under: readonly string[]
}

/** The order in which to open and look. */
export interface SearchOrder {
  order: string[]
  /** Expected minutes until found: each likelihood times the minutes until its place was looked at. */
  expected: number
  /** No order expects less. */
  bound: number
  exact: boolean
}

interface Chain {
  ids: string[]
  likelihood: number
  minutes: number
  /** Its place in the queue is stale when it has grown since. */
  grown: number
}
const ratio = (c: Chain) => (c.minutes > 0 ? c.likelihood / c.minutes : c.likelihood > 0 ? Infinity : 0)

/**
 * Horn's rule (Horn 1972) for openings that form a forest: the chain of the greatest likelihood per minute is joined to what it is
 * under, until that stands free. `parent` gives what each node is directly under. O(n log n) joins.
 */
function horn(nodes: readonly SearchNode[], parent: (node: SearchNode) => string | undefined): string[] {
  const chains = new Map(
    nodes.map(n => [n.id, { ids: [n.id], likelihood: n.likelihood, minutes: n.minutes, grown: 0 }]),
  )
  const above = new Map(nodes.map(n => [n.id, parent(n)]))
  const joined = new Map<string, string>()
  const head = (id: string): string => {
    let at = id
    while (joined.has(at)) at = joined.get(at)!
    return at
  }
  const rank = new Map(nodes.map((n, i) => [n.id, i]))
  const entry = (id: string) => ({ id, grown: chains.get(id)!.grown, ratio: ratio(chains.get(id)!) })
  const queue = new TinyQueue(
    nodes.map(n => entry(n.id)),
    (a, b) => (a.ratio === b.ratio ? rank.get(a.id)! - rank.get(b.id)! : b.ratio > a.ratio ? 1 : -1),
  )
  const order: string[] = []
  const done = new Set<string>()
  for (let top = queue.pop(); top; top = queue.pop()) {
    const chain = chains.get(top.id)
    if (!chain || chain.grown !== top.grown || joined.has(top.id)) continue
    const up = above.get(top.id)
    const over = up !== undefined ? head(up) : undefined
    if (over === undefined || done.has(over)) {
      order.push(...chain.ids)
      done.add(top.id)
      continue
    }
    const into = chains.get(over)!
    into.ids.push(...chain.ids)
    into.likelihood += chain.likelihood
    into.minutes += chain.minutes
    into.grown += 1
    joined.set(top.id, over)
    queue.push(entry(over))
  }
  return order
}

/** Expected minutes of an order. */
export function expectedMinutes(nodes: readonly SearchNode[], order: readonly string[]): number {
  const by = new Map(nodes.map(n => [n.id, n]))
  let [gone, sum] = [0, 0]
  for (const id of order) {
    const { minutes, likelihood } = by.get(id)!
    gone += minutes
    sum += likelihood * gone
  }
  return sum
}

/** Puts before each node what it is under and does not stand yet. */
function repaired(nodes: readonly SearchNode[], order: readonly string[]): string[] {
  const by = new Map(nodes.map(n => [n.id, n]))
  const placed = new Set<string>()
  const put = (id: string): void => {
    if (placed.has(id)) return
    placed.add(id)
    by.get(id)!.under.forEach(put)
    result.push(id)
  }
  const result: string[] = []
  order.forEach(put)
  return result
}

/**
 * The order that minimises the expected minutes until found; shared openings are paid once, and nest. Exact where every node is under
 * one other at most. Elsewhere the rule is applied with one of the openings of each node, which no order can beat, and the order mended;
 * of the choices tried the best is taken. What is under something unknown counts as free. Throws nothing; cycles are cut at their start.
 */
export function searchOrder(nodes: readonly SearchNode[]): SearchOrder {
  const ids = new Set(nodes.map(n => n.id))
  const known = nodes.map(n => ({ ...n, under: n.under.filter(u => ids.has(u) && u !== n.id) }))
  const exact = known.every(n => n.under.length <= 1)
  let best: { order: string[]; expected: number } | null = null
  let bound = 0
  const most = Math.max(1, ...known.map(n => n.under.length))
  for (let k = 0; k < most; k++) {
    const relaxed = horn(known, n => n.under[Math.min(k, n.under.length - 1)])
    const order = repaired(known, relaxed)
    const expected = expectedMinutes(known, order)
    bound = Math.max(bound, expectedMinutes(known, relaxed))
    if (!best || expected < best.expected) best = { order, expected }
  }
  return { ...best!, bound: exact ? best!.expected : bound, exact }
}
