import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { describe, toolsFor } from '../moves/move.ts'
import { arcWords, type Arc } from './arc.ts'
import { contradiction } from './contradiction.ts'
import { mirror, type ReturnStep } from './mirror.ts'
import { precedence } from './precedence.ts'
import { costOf, search, type Cost, type Found, type Instance } from './search.ts'

/** A step that does not stand where the mirror has it, and why. */
export interface Departure {
  step: string
  moved: 'up' | 'down'
  /** The step that it changed places with. */
  past: string
  /** The arc that moved it; none where it only saves a turn or a change of tool. */
  arc?: Arc
  /** The reason as a sentence without its full stop. */
  why: string
}

/** The return of a job: its steps in order, and how good that order is known to be. */
export interface ReturnPlan {
  steps: ReturnStep[]
  departures: Departure[]
  cost: Cost
  /** True when no order is better. */
  proven: boolean
  bound: Cost
  /** Arcs that the plain mirror would break. */
  breaks: Arc[]
  /** The shortest cycle, when the arcs contradict each other; the mirror stands then. */
  contradiction: Arc[] | null
}

const isDone = (r: ReturnStep) => r.debts.length > 0 && r.owes === 0
const act = (r: ReturnStep) => describe(r.moves[0]!.move).replace(/\.$/, '')

function instance(rest: readonly ReturnStep[], arcs: readonly Arc[]): Instance {
  const index = new Map(rest.map((r, i) => [r.step.id, i]))
  return {
    n: rest.length,
    arcs: arcs.flatMap(({ first, then }): [number, number][] => {
      const [a, b] = [index.get(first), index.get(then)]
      return a === undefined || b === undefined ? [] : [[a, b]]
    }),
    // The recorded order stands as a preference between each step and the next.
    prefers: rest.slice(1).map((_, i): [number, number] => [i, i + 1]),
    posture: rest.map(r => (r.step.moves.some(m => m.kind === 'turn-machine') ? '' : (r.step.posture ?? 'upright'))),
    tool: rest.map(r => r.moves.flatMap(m => toolsFor(m.move))[0] ?? ''),
  }
}

/** Why steps stand elsewhere than in the mirror: each pair that changed places is told by an arc between them, where there is one. */
function departures(order: readonly ReturnStep[], arcs: readonly Arc[]): Departure[] {
  const between = new Map(arcs.map(a => [`${a.first} ${a.then}`, a]))
  const found = new Map<string, Departure>()
  const pairs = order.flatMap((s, i) => order.slice(i + 1).flatMap(t => (s.number < t.number ? [[s, t] as const] : [])))
  for (const [s, t] of pairs) {
    const arc = between.get(`${s.step.id} ${t.step.id}`)
    if (!arc) continue
    // What is held back by safety moves down; else it is the one with the reason that moves up.
    const down = arc.reason === 'isolation'
    const [mover, past] = down ? [t, s] : [s, t]
    if (!found.has(mover.step.id))
      found.set(mover.step.id, {
        step: mover.step.id,
        moved: down ? 'down' : 'up',
        past: past.step.id,
        arc,
        why: down ? arcWords(arc) : `${arcWords(arc)} (before: ${act(past)})`,
      })
  }
  for (const [s, t] of pairs)
    if (!found.has(s.step.id) && !found.has(t.step.id))
      found.set(s.step.id, {
        step: s.step.id,
        moved: 'up',
        past: t.step.id,
        why: 'it goes with the steps that were moved, and saves a turn or a change of tool',
      })
  return order.flatMap(r => found.get(r.step.id) ?? [])
}

const nothing: Cost = { broken: 0, turns: 0, tools: 0, distance: 0 }

/** How many states go on side by side where the search is cut short: fewer the more steps there are, so that a hand does not wait. */
const narrow = (steps: number): number => Math.max(1, Math.min(40, Math.floor(16_000 / steps ** 2)))

/**
 * The return as it is planned: what is done stays where it is, the rest is a linear extension of the precedence of least cost
 * (preferences broken, turns, changes of tool, distance from the mirror). Where the arcs contradict each other, or a person took the
 * mirror, the mirror stands. `most` bounds the search in states; beyond it the plan says that it is not proven best, and by how much at most.
 */
export function planReturn(state: JobState, family: Family, most = 600): ReturnPlan {
  const plain = mirror(state)
  const arcs = precedence(state, family, plain)
  const place = new Map(plain.map((r, i) => [r.step.id, i]))
  const breaks = arcs.filter(a => place.get(a.first)! > place.get(a.then)!)
  const cycle = contradiction(arcs)
  const done = plain.filter(isDone)
  const rest = plain.filter(r => !isDone(r))
  const open = new Set(rest.map(r => r.step.id))
  // Where no arc of what is left speaks against the mirror, no order is better: every other breaks a preference.
  const keeps = breaks.every(a => !open.has(a.first) || !open.has(a.then))
  const on = instance(rest, arcs)
  if (cycle || state.plainMirror || keeps) {
    const cost = costOf(on, [...rest.keys()])
    return {
      steps: [...done, ...rest],
      departures: [],
      cost,
      proven: keeps && !cycle,
      bound: keeps && !cycle ? cost : nothing,
      breaks,
      contradiction: cycle,
    }
  }
  const found: Found = search(on, most, narrow(rest.length))
  const order = found.order.map(i => rest[i]!)
  return {
    steps: [...done, ...order],
    departures: departures(order, arcs),
    cost: found.cost,
    proven: found.proven,
    bound: found.bound,
    breaks,
    contradiction: null,
  }
}
