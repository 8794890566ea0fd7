import { evidenceOf, paceOf, stepMinutes } from '../finder/evidence.ts'
import { openedBy, openings } from '../finder/openings.ts'
import { settledCount, type JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { stance } from '../machine/stance.ts'
import { apply } from '../moves/move.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import { posturesOf } from '../plan/turns.ts'
import { searchOrder, type SearchNode } from '../search/order.ts'
import { say, type Phrase } from '../words/phrase.ts'
import type { Opened, Work } from './opened.ts'
import type { Trial } from './trial.ts'

/** Something that this job touched and that may be why a trial failed. */
export interface Suspect {
  move: string
  step: string
  number: number
  thing: Phrase
  /** 0 to 1; with `elsewhere` those of all suspects add up to 1. */
  likelihood: number
  why: Phrase[]
  /** Minutes of looking. */
  minutes: number
  /** Steps of the return that are taken off again to see it, the outermost first; without its own. */
  opens: string[]
}
/** Where a failed trial leads: what to open and look at, in the order that costs least. */
export interface LeadsBack {
  /** In the order in which to look. */
  suspects: Suspect[]
  /** The likelihood that it is nothing that this job touched. */
  elsewhere: number
  /** Expected minutes until it is found, if it is one of them. */
  minutes: number
}

/** The share that is kept for what this job did not touch. Our own estimate. */
const elsewhere = 0.15
/** How much likelier what was touched last is than what was touched first. */
const lastTouched = 2
/** The weight of what is beside the question: in the same zone as what asks for the trial. */
const besideIt = 0.3
/** The weight of the joint at which it was seen, against the others. */
const seenThere = 8

/**
 * Where a failed trial leads back to: what this job touched that may be the cause, and what lies beside that in its zone; what was touched last is
 * likelier, what was ticked, tapped or photographed on the way back less so. Ordered by what looking costs, openings shared. `seenAt` is the move
 * at which it was seen.
 */
export function leadsBack(
  state: JobState,
  family: Family,
  { steps, arcs, assembly }: Pick<ReturnPlan, 'steps' | 'arcs' | 'assembly'>,
  trial: Trial,
  work: Work,
  seenAt?: string,
): LeadsBack {
  const took = stepMinutes(steps)
  const pace = paceOf(steps, took)
  const open = openings(family, steps, arcs, pace, {
    stands: stance(state).posture,
    postures: posturesOf(state),
    covered: assembly.under,
  })
  const by = new Map(steps.map(r => [r.step.id, r]))
  const asked = new Set(trial.because.map(o => o.move.id))
  const zones = new Set(trial.because.flatMap(o => o.step.zone ?? []))
  const others = trial.because.length
    ? [...work.joints, ...work.electric, ...work.turns, ...work.earth].filter(
        o => !asked.has(o.move.id) && o.step.zone !== undefined && zones.has(o.step.zone),
      )
    : [...work.joints, ...work.electric, ...work.turns, ...work.hangs]
  const all = [...new Map([...trial.because, ...others].map(o => [o.move.id, o])).values()].filter(o =>
    isBackOn(state, o),
  )
  const times = all.map(o => o.step.backTo ?? '').sort()
  const weighed = all.map(o => {
    const r = by.get(o.step.id)
    const rank = times.length > 1 ? times.indexOf(o.step.backTo ?? '') / (times.length - 1) : 1
    const debt = state.debts.get(o.move.id)
    const evidence = debt ? evidenceOf(state, debt, took.get(o.step.id), pace) : []
    const own = trial.because.length === 0 || asked.has(o.move.id)
    const why: Phrase[] = [
      ...(o.move.id === seenAt ? [say`seen there`] : []),
      ...(own ? [] : [say`beside it`]),
      ...(times.length > 1 && rank === 1 ? [say`touched last`] : []),
      ...evidence.map(e => e.says),
    ]
    const weight =
      (own ? 1 : besideIt) *
      (1 + rank * (lastTouched - 1)) *
      (o.move.id === seenAt ? seenThere : 1) *
      evidence.reduce((n, e) => n * e.factor, 1)
    return { o, why, weight, under: r ? open.over(r) : [], minutes: 1 + pace }
  })
  const total = weighed.reduce((n, w) => n + w.weight, 0) || 1
  const places = new Map(
    weighed.map(w => [w.o.move.id, { ...w, likelihood: ((1 - elsewhere) * w.weight) / total }] as const),
  )
  const nodes: SearchNode[] = [
    ...open.nodes,
    ...[...places].map(([id, { likelihood, minutes, under }]) => ({ id, likelihood, minutes, under })),
  ]
  const { order, expected } = searchOrder(nodes)
  const under = new Map(nodes.map(n => [n.id, n.under]))
  const opensFor = (ids: readonly string[]): string[] => [
    ...new Set(ids.flatMap(id => [...opensFor(under.get(id) ?? []), openedBy(id) ?? []].flat())),
  ]
  return {
    suspects: order.flatMap((id): Suspect[] => {
      const place = places.get(id)
      if (!place) return []
      const { o, why, likelihood, minutes } = place
      return [
        {
          move: id,
          step: o.step.id,
          number: o.number,
          thing: o.thing,
          likelihood,
          why,
          minutes,
          opens: opensFor(place.under),
        },
      ]
    }),
    elsewhere: places.size ? elsewhere : 1,
    minutes: expected / (1 - elsewhere),
  }
}

const isBackOn = (state: JobState, { move }: Opened): boolean =>
  apply(move).some(change => {
    const debt = state.debts.get(change.debt)
    return debt !== undefined && settledCount(debt) > 0
  })
