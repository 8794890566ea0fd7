import { inOrder } from './in-order.ts'
import { free, on, out, type Marks, type Openings, type Way } from './openings.ts'
import { atLeast, greedy, relaxed, type Operator } from './relaxed.ts'

/** Of less than this no way is better than another, in minutes. */
const same = 1e-6
/** So many places of the search are looked at. */
const most = 4000

/** What can have to do with what is to be reached. */
function relevant({ acts, goals }: Openings): Set<number> {
  const found = new Set<number>()
  const back = goals.flat()
  while (back.length) {
    const a = back.pop()!
    if (found.has(a)) continue
    found.add(a)
    back.push(...acts[a]!.needs.flat())
  }
  return found
}

/** What must be done with these marks for all that is on the way: of a group of which one act is left, that act. False where nothing is left of one. */
function follows({ acts, goals }: Openings, marks: Marks): boolean {
  for (let grew = true; grew;) {
    grew = false
    const needed = [...goals, ...acts.flatMap((a, i) => (marks[i] === on ? a.needs : []))]
    for (const group of needed) {
      if (group.some(a => marks[a] === on)) continue
      const left = group.filter(a => marks[a] === free)
      if (left.length === 0) return false
      if (left.length > 1) continue
      marks[left[0]!] = on
      grew = true
    }
  }
  return true
}

/** The acts without those that are not needed, the dearest tried first. */
function pruned(openings: Openings, acts: readonly number[]): number[] {
  const { acts: all, goals } = openings
  const reaches = (chosen: ReadonlySet<number>) => {
    const done = new Set<number>()
    for (let grew = true; grew;) {
      grew = false
      for (const a of chosen)
        if (!done.has(a) && all[a]!.needs.every(g => g.some(b => done.has(b)))) {
          done.add(a)
          grew = true
        }
    }
    return goals.every(g => g.some(a => done.has(a))) ? done : null
  }
  let kept: ReadonlySet<number> = new Set(acts)
  for (const a of acts.toSorted((x, y) => all[y]!.minutes - all[x]!.minutes)) {
    const less = reaches(new Set([...kept].filter(b => b !== a)))
    if (less) kept = less
  }
  return [...kept]
}

/**
 * The way in of the fewest minutes: which acts, and in which order, each opening counted once, with turns of the machine and changes of tools
 * between them. Branch and bound over which acts are on the way: below each place lies what its cuts ask for, above it a way found greedily and put
 * in its best order. What is ruled out is on none. Exact up to a fixed number of places, then it says by how much it may be off. Null where nothing leads there.
 */
export function cheapest(all: Openings, ruledOut: ReadonlySet<number> = new Set()): Way | null {
  const about = [...relevant(all)].filter(a => !ruledOut.has(a)).sort((a, b) => a - b)
  const way = search(only(all, about))
  return way && { ...way, order: way.order.map(i => about[i]!) }
}

/** Openings with some of their acts alone, by their places among these. */
function only({ acts, goals, ...rest }: Openings, kept: readonly number[]): Openings {
  const place = new Map(kept.map((a, i) => [a, i]))
  const here = (groups: readonly (readonly number[])[]) => groups.map(g => g.flatMap(a => place.get(a) ?? []))
  return { ...rest, acts: kept.map(a => ({ ...acts[a]!, needs: here(acts[a]!.needs) })), goals: here(goals) }
}

/** The branch and bound over openings that can all have to do with what is to be reached. */
function search(openings: Openings): Way | null {
  const { acts } = openings
  const within = relaxed(openings)
  const start: Marks = new Uint8Array(acts.length).fill(free)
  let best: { order: readonly number[]; minutes: number } | null = null
  /** What sets of acts whose order was not searched to its end could still come to. */
  let unsure = Infinity
  const tried = new Set<string>()
  const attempt = (chosen: readonly number[]) => {
    const key = chosen.toSorted((a, b) => a - b).join()
    if (tried.has(key)) return
    tried.add(key)
    const working = chosen.reduce((sum, a) => sum + acts[a]!.minutes, 0)
    const ordered = inOrder(openings, chosen, limit() - same - working, 20_000)
    if (ordered.order) best = { order: ordered.order, minutes: working + ordered.moving }
    else unsure = Math.min(unsure, working + ordered.moving)
  }
  const limit = () => (best ? best.minutes : Infinity)
  /**
   * The turns and tools that what is on the way asks for, in the best order of it alone, and what must come besides: acts that are left out of an order
   * never make it longer, and a tool that only they take makes it shorter by one change at least.
   */
  const movingAtLeast = (marks: Marks): number => {
    const chosen = acts.flatMap((_, i) => (marks[i] === on ? [i] : []))
    const tools = new Set(chosen.map(i => acts[i]!.tool))
    const certain = acts.map(a => ({ ...a, needs: a.needs.filter(g => g.every(b => marks[b] !== free)) }))
    const { moving } = inOrder({ ...openings, acts: certain }, chosen, Infinity, 300)
    const had = ({ takes }: Operator) => takes !== undefined && (takes.kind === 'posture' || tools.has(takes.what))
    return moving + atLeast(within, marks, had)
  }
  const stack: { marks: Marks; bound: number }[] = []
  const push = (marks: Marks) => {
    if (!follows(openings, marks)) return
    const paid = acts.reduce((sum, a, i) => (marks[i] === on ? sum + a.minutes : sum), 0)
    const counted = paid + atLeast(within, marks)
    if (counted >= limit() - same) return
    const bound = Math.max(counted, paid + movingAtLeast(marks))
    if (bound < limit() - same) stack.push({ marks, bound })
  }
  push(start)
  let looked = 0
  while (stack.length && looked < most) {
    const { marks, bound } = stack.pop()!
    if (bound >= limit() - same) continue
    looked++
    const found = greedy(within, marks)
    if (!found) continue
    const forced = acts.flatMap((_, i) => (marks[i] === on ? [i] : []))
    const open = found.filter(a => marks[a] === free)
    attempt(open.length ? pruned(openings, found) : forced)
    if (bound >= limit() - same) continue
    // Decided next: the dearest act of the way that was found; else one by which what is on the way could be had earlier, if it is cheap enough.
    const gap = limit() - bound
    const earlier = () =>
      forced.flatMap(i => acts[i]!.needs.flat()).find(a => marks[a] === free && acts[a]!.minutes < gap)
    const next = open.sort((a, b) => acts[b]!.minutes - acts[a]!.minutes)[0] ?? earlier()
    if (next === undefined) continue
    const without = marks.slice()
    without[next] = out
    push(without)
    const withIt = marks.slice()
    withIt[next] = on
    push(withIt)
  }
  if (!best) return null
  const way: { order: readonly number[]; minutes: number } = best
  const low = Math.min(way.minutes, unsure + same, ...stack.map(s => s.bound))
  return { ...way, atLeast: low }
}
