import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { gates } from '../plan/gates.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { searchOrder, type SearchNode } from '../search/order.ts'
import { paceOf, stepMinutes } from './evidence.ts'
import { openings } from './openings.ts'
import { posturesOf } from '../plan/turns.ts'
import { placesFor, type Place, type Question } from './places.ts'

/** How surely a look finds what is there. */
export const sure = 0.95

/** A place with its likelihood; those of all places add up to 1. */
export interface Ranked extends Place {
  likelihood: number
}
/** One thing to do: open something, or look at a place. */
export interface SearchStep {
  id: string
  /** The step of the return that is undone to open it. */
  opens?: string
  /** The posture into which the machine is turned for what follows. */
  turns?: Posture
  place?: Ranked
  minutes: number
}
/** Where to look: the places with their likelihood, and the order in which looking costs least. */
export interface Finding {
  /** The likeliest first. */
  places: Ranked[]
  /** What to open and where to look, in this order. */
  order: SearchStep[]
  /** Expected minutes until found, in this order and by undoing step after step in plain reverse. */
  expected: number
  plain: number
  /** What it would take to look only after the next gate is closed; null where no gate is ahead, or it makes no odds. */
  later: { gate: string; zones: string[]; expected: number } | null
}

/** Minutes after which each step is open when everything is undone in plain reverse; the latest fitted first. */
export function plainReverse(plan: readonly ReturnStep[], pace: number): { at: Map<string, number>; all: number } {
  const at = new Map<string, number>()
  let gone = 0
  for (const r of plan
    .filter(p => p.step.backTo !== undefined && p.owes === 0)
    .sort((a, b) => (a.step.backTo! < b.step.backTo! ? 1 : -1))) {
    gone += 2 * pace * r.debts.reduce((n, d) => n + d.count, 0)
    at.set(r.step.id, gone)
  }
  return { at, all: gone }
}

/**
 * Where a thing that is left over belongs, or where one that is short is: the likeliest places, the order in which to look, and what it
 * costs against undoing in plain reverse. `missed` names the places that were looked at in vain: each keeps what a look can miss. At most
 * `most` places are searched, the likeliest; the rest is less than a hundredth each.
 */
export function find(
  state: JobState,
  family: Family,
  { steps, arcs, assembly }: Pick<ReturnPlan, 'steps' | 'arcs' | 'assembly'>,
  question: Question,
  missed: readonly string[] = [],
  most = 300,
): Finding {
  const took = stepMinutes(steps)
  const pace = paceOf(steps, took)
  const stood = { stands: stance(state).posture, postures: posturesOf(state), covered: assembly.under }
  const ranked = (closed?: ReadonlySet<string>) => {
    const open = openings(family, steps, arcs, pace, stood, closed)
    const places = placesFor({ state, family, plan: steps, open, took, pace }, question)
      .map(p => ({ ...p, weight: p.weight * (1 - sure) ** missed.filter(id => id === p.id).length }))
      .sort((a, b) => b.weight - a.weight || (a.id < b.id ? -1 : 1))
      .slice(0, most)
    const total = places.reduce((n, p) => n + p.weight, 0) || 1
    const likely = places.map((p): Ranked => ({ ...p, likelihood: p.weight / total }))
    const nodes: SearchNode[] = [
      ...open.nodes,
      ...likely.map(({ id, likelihood, minutes, under }) => ({ id, likelihood, minutes, under })),
    ]
    return { likely, nodes, ...searchOrder(nodes) }
  }
  const now = ranked()
  const by = new Map(now.likely.map(p => [p.id, p]))
  const minutes = new Map(now.nodes.map(n => [n.id, n.minutes]))
  const back = plainReverse(steps, pace)
  const gate = gates(family, steps).find(g => !g.closed && !g.turn)
  const fastened = gate ? arcs.flatMap(a => (a.reason === 'holds' && a.first === gate.step ? [a.then] : [])) : []
  const later = gate && ranked(new Set([gate.step, ...fastened]))
  return {
    places: now.likely,
    // An opening under which nothing is looked at any more is not made.
    order: trimmed(now.order, by, now.nodes).map(id => ({
      id,
      ...whatOf(id, by.get(id)),
      minutes: minutes.get(id)!,
    })),
    expected: now.expected,
    plain: now.likely.reduce(
      (sum, p) => sum + p.likelihood * (back.at.get(p.kind === 'hole' ? p.step! : '') ?? back.all),
      0,
    ),
    later:
      gate && later && later.expected > now.expected + 0.5
        ? { gate: gate.step, zones: gate.zones, expected: later.expected }
        : null,
  }
}

/** What one thing of the order is: a place, a turn, or an opening. */
function whatOf(id: string, place: Ranked | undefined): Pick<SearchStep, 'place' | 'turns' | 'opens'> {
  if (place) return { place }
  const [kind, of] = id.split(':') as [string, string]
  return kind === 'turn' ? { turns: of as Posture } : { opens: of }
}

/** An order without the openings that lead to no place. */
function trimmed(
  order: readonly string[],
  places: ReadonlyMap<string, Ranked>,
  nodes: readonly SearchNode[],
): string[] {
  const under = new Map(nodes.map(n => [n.id, n.under]))
  const needed = new Set<string>()
  const need = (id: string): void => {
    if (needed.has(id)) return
    needed.add(id)
    under.get(id)?.forEach(need)
  }
  for (const id of places.keys()) need(id)
  return order.filter(id => needed.has(id))
}
