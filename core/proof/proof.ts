import { mainsOf } from '../laws/mains.ts'
import { letsWaterOut } from '../laws/water.ts'
import type { JobState } from '../log/state.ts'
import { guardsOver, liesIn, type Family, type Hazard } from '../machine/families.ts'
import { stance } from '../machine/stance.ts'
import { traitsOf } from '../moves/registry.ts'
import { zonesOpenedBy } from '../plan/gates.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import { isSettled, triedOf, type Result, type Tried } from './results.ts'
import { isPowered, type Stage, type Trial } from './trial.ts'

/** How the machine stands when something is done: water on, power on, and the covers that are off, by their steps. */
export interface Lanes {
  water: boolean
  power: boolean
  off: readonly string[]
}
/** One thing to do of a proof, with how the machine stands while it is done. */
export type ProofEntry = { lanes: Lanes } & (
  | { does: 'try'; trial: Trial; result: Result | null }
  /** Water or power comes on, or the plug is pulled; by the steps of the return that this settles, if any are owed. */
  | { does: 'switch'; what: 'water' | 'power'; on: boolean; steps: readonly string[] }
  /** Steps of the return are done. */
  | { does: 'fit'; steps: readonly string[] }
)
/** A cover that stays off until something was seen with the plug out, and what it guards: it is back before power comes on. */
export interface Waiting {
  step: string
  /** The trials for which it waits. */
  until: readonly string[]
  guards: ReadonlyMap<Hazard, readonly string[]>
}
/** What is to be proved of a job before it is closed, in the order in which it is safe and opens least. */
export interface Proof extends Tried {
  entries: ProofEntry[]
  waiting: Waiting[]
  /** How the machine stands now. */
  now: Lanes
}

const isOwed = (r: ReturnStep) => r.owes > 0
const zonesOf = (r: ReturnStep): string[] => r.moves.flatMap(({ move }) => [...zonesOpenedBy(move)])
const restores = (r: ReturnStep, what: 'water' | 'power') =>
  r.moves.some(({ move }) => traitsOf(move).restores === what)
const isWall = (r: ReturnStep) => r.moves.some(({ move }) => traitsOf(move).wall)

/** How the machine stands now, for who proves it. */
function lanesNow(state: JobState, steps: readonly ReturnStep[]): Lanes {
  const { isolated } = stance(state)
  return {
    water: !isolated.some(what => what === 'cold water' || what === 'hot water'),
    power: mainsOf(state, 'power') !== 'off',
    off: steps.filter(r => isOwed(r) && zonesOf(r).length > 0).map(r => r.step.id),
  }
}

/** How the machine stood when a trial was done. */
const lanesAt = (stage: Stage, at: string, steps: readonly ReturnStep[]): Lanes => ({
  water: stage !== 'hand',
  power: isPowered(stage),
  off: steps.filter(r => zonesOf(r).length > 0 && (isOwed(r) || (r.step.backTo ?? '') > at)).map(r => r.step.id),
})

/** All that can only come after some steps, by the arcs of the return. */
function after(first: Iterable<string>, arcs: ReturnPlan['arcs']): Set<string> {
  const found = new Set(first)
  for (const step of found) for (const a of arcs) if (a.first === step) found.add(a.then)
  return found
}

/** Covers that are off and in the way of the eye once they are back, with the trials that look behind them. */
function coversOver(owed: readonly ReturnStep[], looks: readonly Trial[], family: Family): Map<ReturnStep, Trial[]> {
  const found = new Map<ReturnStep, Trial[]>()
  for (const r of owed) {
    const zones = zonesOf(r)
    const hidden = zones.length
      ? looks.filter(t => t.looksInto?.some(into => zones.some(zone => liesIn(family, into, zone))))
      : []
    if (hidden.length) found.set(r, hidden)
  }
  return found
}

/**
 * What is to be proved of a job, and when: by hand, water, power, spin, load, and a last look. What stands open is fitted on the way; a cover that lets the
 * eye see a joint waits until that was seen, with the plug out: whatever a cover of a washer hides turns, is live, or lies beside what is, and
 * so all of them are on before power. Results that count stand first, in the order in which they were told. O(steps · (arcs + trials)).
 */
export function proofOf(state: JobState, family: Family, { steps, arcs }: Pick<ReturnPlan, 'steps' | 'arcs'>): Proof {
  const { trials, results } = triedOf(state, family)
  const isTold = (t: Trial) => isSettled(results.get(t.id))
  const left = trials.filter(t => !isTold(t))
  const at = (stage: Trial['stage']) => left.filter(t => t.stage === stage)
  const now = lanesNow(state, steps)
  const done = trials
    .filter(isTold)
    .map(trial => ({ trial, result: results.get(trial.id)! }))
    .sort((a, b) => (a.result.at < b.result.at ? -1 : 1))
  const entries: ProofEntry[] = done.map(of => ({
    does: 'try',
    ...of,
    lanes: lanesAt(of.trial.stage, of.result.at, steps),
  }))

  const owed = steps.filter(isOwed)
  const isSwitch = (r: ReturnStep) => restores(r, 'water') || restores(r, 'power')
  const plain = owed.filter(r => !isSwitch(r) && !isWall(r))
  // A machine that is still to be turned is turned first, with all that comes before; no cover waits for that long.
  const turned = plain.slice(0, plain.findLastIndex(r => r.turn) + 1)
  const upright = plain.slice(turned.length)
  const seenDry = [...at('hand').filter(t => t.looksInto), ...at('water')]
  const wet = new Set(
    upright.filter(r => r.moves.some(m => letsWaterOut(m.move, family, r.step.zone))).map(r => r.step.id),
  )
  // What must be on before a way out for water can be closed cannot wait for water.
  const overWater = new Map(
    [...coversOver(upright, seenDry, family)].filter(([r]) => [...after([r.step.id], arcs)].every(s => !wet.has(s))),
  )
  const idsOf = (of: Iterable<ReturnStep>) => [...of].map(r => r.step.id)
  const waitsForWater = after(idsOf(overWater.keys()), arcs)
  const early = [...turned, ...upright.filter(r => !waitsForWater.has(r.step.id))]
  const beforePower = upright.filter(r => waitsForWater.has(r.step.id))

  let lanes = now
  const restored = new Set<string>()
  const fit = (some: readonly ReturnStep[]) => {
    if (some.length === 0) return
    turn('power', false)
    const ids = idsOf(some)
    lanes = { ...lanes, off: lanes.off.filter(step => !ids.includes(step)) }
    entries.push({ does: 'fit', steps: ids, lanes })
  }
  const turn = (what: 'water' | 'power', on: boolean) => {
    if (lanes[what] === on) return
    lanes = { ...lanes, [what]: on }
    const by = on ? idsOf(owed.filter(r => restores(r, what) && !restored.has(r.step.id))) : []
    for (const step of by) restored.add(step)
    entries.push({ does: 'switch', what, on, steps: by, lanes })
  }
  const tries = (some: readonly Trial[]) => {
    for (const trial of some) entries.push({ does: 'try', trial, result: results.get(trial.id) ?? null, lanes })
  }
  const [hand, water, power] = [at('hand'), at('water'), at('power')]
  const runs = [...at('spin'), ...at('load')]
  if (early.length + hand.length + water.length + beforePower.length > 0) {
    turn('power', false)
    fit(early)
    tries(hand)
    if (water.length) turn('water', true)
    tries(water)
    fit(beforePower)
  }
  if (power.length + runs.length > 0) {
    turn('water', true)
    turn('power', true)
    tries(power)
    tries(runs)
  } else {
    const rest = owed.filter(isSwitch)
    if (rest.some(r => restores(r, 'water'))) turn('water', true)
    if (rest.some(r => restores(r, 'power'))) turn('power', true)
  }
  tries(at('after'))
  const wall = owed.filter(isWall)
  if (wall.length) entries.push({ does: 'fit', steps: idsOf(wall), lanes })

  const waiting = [...overWater].map(([r, until]) => ({
    step: r.step.id,
    until: until.map(t => t.id),
    guards: guardsOver(family, zonesOf(r)),
  }))
  return { entries, waiting, trials, results, now }
}

/** True when an entry needs nothing more. */
export const isDone = (e: ProofEntry): boolean => e.does === 'try' && isSettled(e.result)

/** What is still to be seen before a cover goes on: the trials for which it waits. */
export const beforeCover = ({ waiting, trials, results }: Proof, step: string): Trial[] => {
  const until = waiting.find(w => w.step === step)?.until ?? []
  return trials.filter(t => until.includes(t.id) && !results.has(t.id))
}
/** The trials that are neither passed nor said not to be done. */
export const unproved = ({ trials, results }: Tried): Trial[] => trials.filter(t => !isSettled(results.get(t.id)))
