import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import { settledCount, type JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { homeOf, stance } from '../machine/stance.ts'
import { act, toolsFor } from '../moves/move.ts'
import { traitsOf } from '../moves/registry.ts'
import { nested, say, type Phrase } from '../words/phrase.ts'
import { why as whyOf, type Arc } from './arc.ts'
import { giveUp } from './give-up.ts'
import { mirror, type ReturnStep } from './mirror.ts'
import { precedence } from './precedence.ts'
import { costOf, noCost, turnsOf, type Cost, type Holding, type Instance } from './instance.ts'
import { alsoIn, holdingsOf, needsOf, isTurn, withTurns } from './turns.ts'
import { bestOrder, type Found } from './best-order.ts'

/** A step that does not stand where the mirror has it, and why. */
export interface Departure {
  step: string
  moved: 'up' | 'down'
  /** The step that it changed places with. */
  past: string
  /** The arc that moved it; none where it only saves a turn or a change of tool. */
  arc?: Arc
  /** The reason as a sentence without its full stop. */
  why: Phrase
}

/** The return of a job: its steps in order, and how good that order is known to be. */
export interface ReturnPlan {
  steps: ReturnStep[]
  departures: Departure[]
  /** The precedence that it keeps, and the things from which it follows. */
  arcs: Arc[]
  assembly: Assembly
  cost: Cost
  /** True when no order is better. */
  proven: boolean
  bound: Cost
  /** Arcs that the plain mirror would break. */
  breaks: Arc[]
  /** The shortest cycle, when the arcs contradict each other; and the arcs that were given up so that the others hold. */
  contradiction: Arc[] | null
  given: Arc[]
  /** What was searched, to search it longer elsewhere; null where no search was needed. */
  on: Instance | null
  /** The steps that are left, as the mirror has them: those of `on`. */
  left: string[]
}
/** Finds the order of an instance, whose steps are named by `steps`; `quick` is the short search. */
export type Solve = (on: Instance, steps: readonly string[], quick: (on: Instance) => Found) => Found

const actOf = (r: ReturnStep) => nested(act(r.moves[0]!.move))

function instance(
  state: JobState,
  rest: readonly ReturnStep[],
  arcs: readonly Arc[],
  holdings: readonly Holding[],
): Instance {
  const index = new Map(rest.map((r, i) => [r.step.id, i]))
  const posture = needsOf(state, rest, arcs)
  const also = alsoIn(state, rest)?.map((more, s) => (posture[s] === '' ? [] : more.filter(p => p !== posture[s])))
  return {
    n: rest.length,
    arcs: arcs.flatMap(({ first, then }): [number, number][] => {
      const [a, b] = [index.get(first), index.get(then)]
      return a === undefined || b === undefined ? [] : [[a, b]]
    }),
    posture,
    ...(also && { also }),
    tool: rest.map(r => r.moves.flatMap(m => toolsFor(m.move))[0] ?? ''),
    stands: stance(state).posture,
    home: homeOf(state),
    holdings: holdings.map(({ seat, by }) => ({ seat, by })),
  }
}

/** Why steps stand elsewhere than in the mirror: each pair that changed places is told by an arc between them, where there is one. */
function departures(order: readonly ReturnStep[], arcs: readonly Arc[]): Departure[] {
  const at = new Map(order.map((r, i) => [r.step.id, i]))
  const found = new Map<string, Departure>()
  // The nearest of those that a step changed places with is told.
  const turned = arcs.flatMap(arc => {
    const [i, j] = [at.get(arc.first), at.get(arc.then)]
    if (i === undefined || j === undefined || order[i]!.number > order[j]!.number) return []
    return [{ arc, i, j }]
  })
  for (const { arc, i, j } of turned.sort((a, b) => a.i - b.i || a.j - b.j)) {
    // What is held back by safety moves down; else it is the one with the reason that moves up.
    const down = arc.reason === 'isolation'
    const [mover, past] = down ? [order[j]!, order[i]!] : [order[i]!, order[j]!]
    if (!found.has(mover.step.id))
      found.set(mover.step.id, {
        step: mover.step.id,
        moved: down ? 'down' : 'up',
        past: past.step.id,
        arc,
        why: down ? whyOf(arc) : say`${whyOf(arc)} (before: ${actOf(past)})`,
      })
  }
  // The rest goes with them: the first step after it that came off later than it did.
  order.forEach((s, i) => {
    if (found.has(s.step.id)) return
    const past = order.slice(i + 1).find(t => t.number > s.number && !found.has(t.step.id))
    if (past)
      found.set(s.step.id, {
        step: s.step.id,
        moved: 'up',
        past: past.step.id,
        why: say`it goes with the steps that were moved, and saves a turn or a change of tool`,
      })
  })
  return order.flatMap(r => found.get(r.step.id) ?? [])
}

/** What is known before any search: what is done, what is left, its arcs, and the turns that were recorded and not yet taken back. */
interface Problem {
  done: ReturnStep[]
  rest: ReturnStep[]
  turns: ReturnStep[]
  assembly: Assembly
  arcs: Arc[]
  /** Arcs that the plain mirror would break. */
  breaks: Arc[]
  given: Arc[]
  contradiction: Arc[] | null
  holdings: ReturnType<typeof holdingsOf>
  on: Instance
}

function problemOf(state: JobState, family: Family): Problem {
  const plain = mirror(state)
  const assembly = assemblyOfJob(state, family)
  const all = precedence(
    state,
    family,
    plain.filter(r => !isTurn(r)),
    assembly,
  )
  const { arcs, given, contradiction } = giveUp(all)
  const place = new Map(plain.map((r, i) => [r.step.id, i]))
  const breaks = arcs.filter(a => place.get(a.first)! > place.get(a.then)!)
  // A step that owes nothing of its own, a mark, is done when something after it is.
  const touched = plain.findLastIndex(r => r.debts.some(d => settledCount(d) > 0))
  const isDone = (r: ReturnStep, i: number) => (r.debts.length > 0 ? r.owes === 0 : i < touched)
  const left = plain.filter((r, i) => !isDone(r, i))
  const rest = left.filter(r => !isTurn(r))
  const holdings = holdingsOf(state, assembly, rest)
  return {
    done: plain.filter(isDone),
    rest,
    turns: left.filter(isTurn),
    assembly,
    arcs,
    breaks,
    given,
    contradiction,
    holdings,
    on: instance(state, rest, arcs, holdings),
  }
}

/** A search for the thread of a hand that waits: cut after few states, but longer where a turn may still be made safe. */
function quick(on: Instance): Found {
  const found = bestOrder(on, on.n > 30 ? 60 : 240, narrow(on.n))
  return found.cost.unsafe > found.bound.unsafe ? bestOrder(on, on.n > 80 ? 4000 : 20_000, narrow(on.n)) : found
}

/** How many states go on side by side where the search is cut short: fewer the more steps there are, so that a hand does not wait. */
const narrow = (steps: number): number => Math.max(1, Math.min(12, Math.floor(40_000 / steps ** 2)))

/** The mirror, with what brings water or power on put off until all that must come before it is done. */
function safeMirror(rest: readonly ReturnStep[]): number[] {
  const brings = (r: ReturnStep) =>
    (r.moves.flatMap(m => traitsOf(m.move).restores ?? [])[0] ?? '') as '' | 'water' | 'power'
  const rank = { '': 0, water: 1, power: 2 }
  return [...rest.keys()].sort((a, b) => rank[brings(rest[a]!)] - rank[brings(rest[b]!)] || a - b)
}

/**
 * The return as it is planned: what is done stays where it is, the rest is a linear extension of the precedence of least cost
 * (preferences broken, turns, changes of tool, distance from the mirror). Where the arcs contradict each other the weakest are given up,
 * never one of safety. Where a person took the mirror, it stands, but for water and power, which come on last whoever asks. `solve` finds the
 * order; where its search is cut short the plan says that it is not proven best, and by how much at most.
 */
export function planReturn(state: JobState, family: Family, solve: Solve = on => quick(on)): ReturnPlan {
  const { done, rest, turns, assembly, arcs, breaks, given, contradiction, holdings, on } = problemOf(state, family)
  const left = rest.map(r => r.step.id)
  const open = new Set(left)
  const planned = (order: readonly number[], found: Pick<ReturnPlan, 'cost' | 'proven' | 'bound'>) => ({
    steps: [...done, ...withTurns(order, rest, turns, on, holdings)],
    arcs,
    assembly,
    breaks,
    given,
    contradiction,
    left,
    ...found,
  })
  // Where no arc of what is left speaks against the mirror and it turns nothing that could fall, no order is better: every other
  // breaks a preference.
  const keeps = breaks.every(a => !open.has(a.first) || !open.has(a.then))
  const asRecorded = [...rest.keys()]
  if (state.plainMirror || (keeps && turnsOf(on, asRecorded).unsafe === 0)) {
    const order = state.plainMirror ? safeMirror(rest) : asRecorded
    const cost = costOf(on, order)
    return { ...planned(order, { cost, proven: keeps, bound: keeps ? cost : noCost }), departures: [], on: null }
  }
  const { order, ...found } = solve(on, left, quick)
  return {
    ...planned(order, found),
    departures: departures(
      order.map(i => rest[i]!),
      arcs,
    ),
    on,
  }
}
