import type { Assembly } from '../assembly/assembly.ts'
import { beforeSwitch } from '../laws/before-switch.ts'
import { owedCount, settledCount, type Debt, type JobState } from '../log/state.ts'
import { liesIn, zoneTitle, type Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { subject, toolsFor } from '../moves/move.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { english } from '../words/english.ts'
import { bare, list, say, type Phrase } from '../words/phrase.ts'
import { mayLieBehind } from './may-lie-behind.ts'
import type { ReturnStep } from './mirror.ts'

/** The zones that a move opens when its part comes away, and closes when it is back. */
export const zonesOpenedBy = (move: Move): readonly string[] => traitsOf(move).opens ?? []

/** True when a step is done where the wall is while the machine stands at it. What brings power on is done at the wall itself. */
export const liesAtTheWall = ({ step }: ReturnStep, family: Family): boolean =>
  step.zone !== undefined &&
  (step.zone === 'outside' || liesIn(family, step.zone, 'rear')) &&
  step.moves.some(m => !traitsOf(m).wall && !traitsOf(m).turns) &&
  !step.moves.some(m => traitsOf(m).restores)

/** The moment at which a return step closes zones, turns the machine, puts it back to its wall, or puts a part over what lies behind it. */
export interface Gate {
  /** Its place in the return, 0 for the first step. */
  at: number
  step: string
  zones: string[]
  /** Where it is a turn of the machine instead of a cover: what was within reach as it stood is not afterwards; and what would fall, by name. */
  turn?: { from: Posture; to: Posture; falls: string[] }
  /** The part that goes over what lies behind it, by name; where no cover of a zone is named. */
  over?: string
  /** True where the machine goes back to its wall. */
  wall?: true
  /** Where water or power comes on by it: behind it is what must be back first, by the laws of both. */
  brings?: 'water' | 'power'
  /** True when its step is done: the zones are closed. */
  closed: boolean
  /** Debts for which this is the last moment, still owed; the nearest to the gate first, without those of the step itself. */
  behind: Debt[]
  /** Debts that may lie behind it although nobody said so, by their name or by what was done around them. */
  doubtful: Debt[]
  /** What must not stay behind it, by the names under which it is ticked off in the log: temporaries that were put in there, and the tools that were used there. */
  counts: string[]
  /** The steps that lie behind it, in the order of the plan. */
  hides: string[]
}

/** Steps behind a cover, and what they left there to be counted out. */
function countsOf(steps: readonly ReturnStep[]): string[] {
  const moves = steps.flatMap(r => r.moves.map(m => m.move))
  const temporaries = moves.filter(m => traitsOf(m).temporary).map(m => english(subject(m)))
  const tools = moves.filter(m => !traitsOf(m).temporary).flatMap(toolsFor)
  return [...new Set([...temporaries, ...tools])]
}

/**
 * The gates of a return, in its order. A debt lies behind the covers that were off when it was recorded and under which
 * its zone lies. Covers of the same zone are ways in beside each other: the last one closes. Covers of nested zones are
 * one behind the other: the first one closes, and each of the others does if it is fitted before that. Where no cover is named, a part that is more than light hides what was reached in its zone only
 * after it had come off (`assembly.under`), the wall what was done at it, and a turn what needs the machine as it stands. With the
 * state of the job, what brings water or power on is a gate as well, over all that the laws want back first. O(steps · covers).
 */
export function gates(
  family: Family,
  plan: readonly ReturnStep[],
  assembly?: Pick<Assembly, 'under'>,
  state?: JobState,
): Gate[] {
  const covers = plan.flatMap((step, at) =>
    step.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ zone, at, number: step.number }))),
  )
  const found = new Map<number, Omit<Gate, keyof BehindIt> & { hidden: ReturnStep[]; also: ReturnStep[] }>()
  for (const { zone, at } of covers) {
    const { step, debts, owes } = plan[at]!
    const closed = debts.length > 0 && owes === 0
    const gate = found.get(at) ?? { at, step: step.id, zones: [], closed, hidden: [], also: [] }
    if (!gate.zones.includes(zone)) gate.zones.push(zone)
    found.set(at, gate)
  }
  for (const step of plan) {
    const zone = step.step.zone
    // A turn is done to the machine as a whole: it lies behind nothing.
    if (!zone || step.step.moves.every(m => traitsOf(m).turns)) continue
    const before = new Set(covers.flatMap(c => (c.number < step.number && liesIn(family, zone, c.zone) ? c.zone : [])))
    if (before.size === 0) continue
    const lastOf = (some: typeof covers) => {
      const last = new Map<string, number>()
      for (const c of some) if (before.has(c.zone)) last.set(c.zone, Math.max(last.get(c.zone) ?? -1, c.at))
      return last
    }
    // A cover that came off later is a way in as well, while it is off; the one by which it was reached is said all the same.
    const levels = lastOf(covers)
    const reachedBy = lastOf(covers.filter(c => c.number < step.number))
    const first = Math.min(...levels.values())
    for (const at of new Set([...levels.values(), ...reachedBy.values()]))
      found.get(at)![at === first ? 'hidden' : 'also'].push(step)
  }
  const covered = [...found.values()].map(({ hidden, also, ...gate }): Gate => {
    const behind = behindIt(hidden)
    const doubtful = gate.closed ? [] : stillOwedOf(mayLieBehind(family, plan, gate, [...hidden, ...also]))
    return { ...gate, ...behind, behind: [...behind.behind, ...stillOwedOf(also.toReversed())], doubtful }
  })
  const others = [
    ...turnGates(plan),
    ...wallGates(family, plan),
    ...(assembly ? partGates(plan, assembly, found) : []),
    ...(state ? switchGates(family, plan, state) : []),
  ]
  return [...covered, ...others].sort((a, b) => a.at - b.at)
}

const stillOwedOf = (steps: readonly ReturnStep[]): Debt[] => steps.flatMap(r => r.debts.filter(d => owedCount(d) > 0))

type BehindIt = Pick<Gate, 'behind' | 'doubtful' | 'counts' | 'hides'>
/** What a gate says of the steps behind it, given in the order of the plan. */
const behindIt = (hidden: readonly ReturnStep[]): BehindIt => ({
  behind: stillOwedOf(hidden.toReversed()),
  doubtful: [],
  counts: countsOf(hidden),
  hides: hidden.map(r => r.step.id),
})

/** What brings water or power on, as gates: over what the laws want back first. */
const switchGates = (family: Family, plan: readonly ReturnStep[], state: JobState): Gate[] =>
  plan.flatMap(({ step, moves, debts, owes }, at): Gate[] => {
    const brings = moves.flatMap(m => traitsOf(m.move).restores ?? [])[0]
    if (!brings || owes === 0) return []
    const own = new Set(debts.map(d => d.id))
    const first = beforeSwitch(state, family, brings).flatMap(o => (own.has(o.debt.id) ? [] : o.debt))
    return [{ at, step: step.id, zones: [], brings, closed: false, ...behindIt([]), behind: first.reverse() }]
  })

/** The parts of a return as gates: over what the plan has before them, as long as something of that is owed. */
function partGates(
  plan: readonly ReturnStep[],
  { under }: Pick<Assembly, 'under'>,
  closesZones: ReadonlyMap<number, unknown>,
): Gate[] {
  const place = new Map(plan.map((r, at) => [r.step.id, at]))
  const hidden = new Map<number, ReturnStep[]>()
  plan.forEach((r, at) => {
    if (r.owes === 0) return
    // The first of the parts over it that comes after it: the others are farther out.
    const over = (under.get(r.step.id) ?? []).flatMap(part => place.get(part) ?? []).filter(p => p > at)
    const first = Math.min(...over)
    if (over.length && !closesZones.has(first)) hidden.set(first, [...(hidden.get(first) ?? []), r])
  })
  return [...hidden].flatMap(([at, steps]): Gate[] => {
    const { step } = plan[at]!
    const over = step.moves.flatMap(m => traitsOf(m).part ?? [])[0]
    return over ? [{ at, step: step.id, zones: [], over, closed: false, ...behindIt(steps), counts: [] }] : []
  })
}

/** The machine back at its wall as a gate: over what was done there since it was pulled out. */
const wallGates = (family: Family, plan: readonly ReturnStep[]): Gate[] =>
  plan.flatMap((w, at): Gate[] => {
    if (!w.step.moves.some(m => traitsOf(m).wall)) return []
    const there = plan.filter(r => r.number > w.number && liesAtTheWall(r, family))
    return [
      {
        at,
        step: w.step.id,
        zones: [],
        wall: true,
        closed: w.debts.length > 0 && w.owes === 0,
        ...behindIt(there),
      },
    ]
  })

/**
 * The turns of a return as gates. Behind one is what is still owed of the steps that need the machine as it stands before it, and what is
 * in place, not light, and would fall: its fastenings, where nothing holds it yet.
 */
function turnGates(plan: readonly ReturnStep[]): Gate[] {
  const by = new Map(plan.map(r => [r.step.id, r]))
  const isDone = (step: string) => by.get(step)?.owes === 0
  return plan.flatMap(({ step, turn }, at): Gate[] => {
    if (!turn || turn.from === turn.to) return []
    const { from, to, before, secures } = turn
    const loose = secures.filter(s => (s.seat === null || isDone(s.seat)) && !s.by.some(isDone))
    const behind = [...new Set([...loose.flatMap(s => s.by), ...before.toReversed()])].flatMap(
      id => by.get(id)?.debts.filter(d => owedCount(d) > 0) ?? [],
    )
    return [
      {
        at,
        step: step.id,
        zones: [],
        turn: { from, to, falls: loose.map(s => s.part) },
        closed: false,
        behind,
        doubtful: [],
        counts: [],
        hides: [],
      },
    ]
  })
}

/** What a gate does, in words that go on from its step: `closes rear and base`, `turns it upright`, `puts the drive motor over it`. */
export function gateSays({ brings, turn, wall, over, zones }: Gate, family: Family): Phrase {
  if (brings) return brings === 'power' ? say`brings power on` : say`brings water on`
  if (turn) return say`turns it ${{ say: turn.to }}`
  if (wall) return say`puts it back to the wall`
  if (over) return say`puts the ${bare(over)} over it`
  return say`closes ${list(zones.map(z => zoneTitle(family, z)))}`
}

/** A debt whose last moment comes near: the gate after which it cannot be settled without reopening, and the steps until then. */
export interface Reach {
  debt: Debt
  gate: Gate
  steps: number
}

/**
 * What was passed over and lies behind a gate ahead, with the steps after which it goes out of reach; the nearest gate first. Passed over
 * is what came off later than something that is back already: last off, it would have been first on. `at` is the place of the step in hand.
 */
export function reachLeft(all: readonly Gate[], plan: readonly ReturnStep[], at: number): Reach[] {
  const number = new Map(plan.map(r => [r.step.id, r.number]))
  const back = plan.filter(r => r.debts.some(d => settledCount(d) > 0)).map(r => r.number)
  const earliest = Math.min(...back)
  const near = new Set<string>()
  return all
    .filter(gate => !gate.closed && !gate.brings && gate.at >= at)
    .flatMap(gate =>
      gate.behind
        .filter(debt => settledCount(debt) === 0 && number.get(debt.step)! > earliest)
        .map(debt => ({ debt, gate, steps: gate.at - at })),
    )
    .filter(({ debt }) => !near.has(debt.id) && near.add(debt.id) !== undefined)
}

/** What is still owed behind gates that are closed already: it cannot be reached unless they are opened again. */
export const shutIn = (all: readonly Gate[]): { gate: Gate; debts: Debt[] }[] =>
  all.filter(g => g.closed && g.behind.length > 0).map(gate => ({ gate, debts: gate.behind }))
