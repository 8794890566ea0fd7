import { settledCount } from '../log/state.ts'
import { liesIn, type Family } from '../machine/families.ts'
import { effortOf, type Posture } from '../machine/postures.ts'
import type { Arc } from '../plan/arc.ts'
import { zonesOpenedBy } from '../plan/gates.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import type { SearchNode } from '../search/order.ts'

const isBack = (r: ReturnStep) => r.debts.length > 0 && r.owes === 0
const pieces = (r: ReturnStep) => r.debts.reduce((n, d) => n + Math.max(settledCount(d), 1), 0)
/** The name of what is opened by undoing a step, in the search. */
export const openingOf = (step: string): string => `open:${step}`
/** The step that an opening of the search undoes; none where the name is another's. */
export const openedBy = (id: string): string | undefined =>
  id.startsWith(openingOf('')) ? id.slice(openingOf('').length) : undefined
/** The name of a turn of the machine, in the search. */
const turningTo = (posture: Posture): string => `turn:${posture}`

/** How the machine stands, in which posture each step was done, and which parts cover each step, the outermost first; all by their steps. */
export interface Stood {
  stands: Posture
  postures: ReadonlyMap<string, Posture>
  covered: ReadonlyMap<string, readonly string[]>
}

/** What stands in the way to a place of the machine as it is now. */
export interface Openings {
  nodes: SearchNode[]
  /** What has to be opened last to see what a step left; none where it is in sight. */
  over(step: ReturnStep): string[]
  /** The same for a whole zone. */
  overZone(zone: string): string[]
}

/**
 * The covers and parts that are back on, as openings with the minutes of undoing and fitting them again: their pieces and those of what
 * fastens them, twice, at the pace of the job. Covers of nested zones lie under each other; of covers beside each other the cheapest is
 * taken; what must come before a part (said, passing, riding), and what was reached in its zone only after it had come off, lies under it.
 * What was done in another posture lies under a turn, there and back. `closed` are steps that count as back although they are not.
 */
export function openings(
  family: Family,
  plan: readonly ReturnStep[],
  arcs: readonly Arc[],
  pace: number,
  { stands, postures, covered }: Stood,
  closed: ReadonlySet<string> = new Set(),
): Openings {
  const by = new Map(plan.map(r => [r.step.id, r]))
  const isOn = (r: ReturnStep) => isBack(r) || closed.has(r.step.id)
  const minutes = (r: ReturnStep): number => {
    const fasteners = arcs.filter(a => a.reason === 'holds' && a.first === r.step.id).map(a => by.get(a.then)!)
    return 2 * pace * [r, ...fasteners.filter(isOn)].reduce((n, x) => n + pieces(x), 0)
  }
  const covers = plan.flatMap(r => r.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ r, zone }))))
  const nodes = new Map<string, SearchNode>()
  /** Something to do on the way, under what is given; once made it stays as it is. */
  function node(id: string, takes: () => number, under: readonly string[]): string {
    if (!nodes.has(id)) nodes.set(id, { id, likelihood: 0, minutes: takes(), under })
    return id
  }
  const through = (r: ReturnStep, under: readonly string[]) => node(openingOf(r.step.id), () => minutes(r), under)
  /** The last of the openings over a zone that were made before a step, outermost first; each is put under the one before it. */
  function overZone(zone: string, before = Infinity): string[] {
    const levels = new Map<string, typeof covers>()
    for (const c of covers)
      if (c.r.number < before && liesIn(family, zone, c.zone)) levels.set(c.zone, [...(levels.get(c.zone) ?? []), c])
    const outerFirst = [...levels].sort(([a], [b]) => (liesIn(family, b, a) ? -1 : 1))
    let last: string[] = []
    for (const [, beside] of outerFirst) {
      if (beside.some(c => !isOn(c.r))) continue
      const cheapest = beside.reduce((a, b) => (minutes(b.r) < minutes(a.r) ? b : a)).r
      last = [through(cheapest, last)]
    }
    return last
  }
  function turning(r: ReturnStep): string[] {
    const posture = postures.get(r.step.id) ?? stands
    if (posture === stands) return []
    return [node(turningTo(posture), () => 2 * effortOf(stands, posture).minutes, [])]
  }
  function over(r: ReturnStep): string[] {
    let last = r.step.zone ? overZone(r.step.zone, r.number) : []
    // Parts of one zone lie one behind the other, in the order in which they came off.
    for (const step of covered.get(r.step.id) ?? []) {
      const part = by.get(step)
      if (part && isOn(part)) last = [through(part, last)]
    }
    const bound = arcs
      .filter(a => a.first === r.step.id && ['said', 'passes through', 'rides on'].includes(a.reason))
      .map(a => by.get(a.then)!)
      .find(p => isOn(p) && zonesOpenedBy(p.moves[0]!.move).length === 0 && !last.includes(openingOf(p.step.id)))
    return [...(bound ? [through(bound, last)] : last), ...turning(r)]
  }
  return {
    get nodes() {
      return [...nodes.values()]
    },
    over,
    overZone: zone => overZone(zone),
  }
}
