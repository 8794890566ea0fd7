import { owedCount, settledCount, type Debt } from '../log/state.ts'
import { liesIn, type Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { subject, toolsFor } from '../moves/move.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { english } from '../words/english.ts'
import type { ReturnStep } from './mirror.ts'

/** The zones that a move opens when its part comes away, and closes when it is back. */
export const zonesOpenedBy = (move: Move): readonly string[] => traitsOf(move).opens ?? []

/** The moment at which a return step closes zones, or turns the machine. */
export interface Gate {
  /** Its place in the return, 0 for the first step. */
  at: number
  step: string
  zones: string[]
  /** Where it is a turn of the machine instead of a cover: what was within reach as it stood is not afterwards; and what would fall, by name. */
  turn?: { from: Posture; to: Posture; falls: string[] }
  /** True when its step is done: the zones are closed. */
  closed: boolean
  /** Debts for which this is the last moment, still owed; the nearest to the gate first, without those of the step itself. */
  behind: Debt[]
  /** What must not stay behind it, by the names under which it is ticked off in the log: temporaries that were put in there, and the tools that were used there. */
  counts: string[]
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
 * one behind the other: the first one closes. O(steps · covers).
 */
export function gates(family: Family, plan: readonly ReturnStep[]): Gate[] {
  const covers = plan.flatMap((step, at) =>
    step.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ zone, at, number: step.number }))),
  )
  const found = new Map<number, Gate & { hidden: ReturnStep[] }>()
  for (const { zone, at } of covers) {
    const { step, debts, owes } = plan[at]!
    const closed = debts.length > 0 && owes === 0
    const gate = found.get(at) ?? { at, step: step.id, zones: [], closed, behind: [], counts: [], hidden: [] }
    if (!gate.zones.includes(zone)) gate.zones.push(zone)
    found.set(at, gate)
  }
  for (const step of plan) {
    const zone = step.step.zone
    // A turn is done to the machine as a whole: it lies behind nothing.
    if (!zone || step.step.moves.every(m => traitsOf(m).turns)) continue
    const over = covers.filter(c => c.number < step.number && liesIn(family, zone, c.zone))
    if (over.length === 0) continue
    const levels = new Map<string, number>()
    for (const c of over) levels.set(c.zone, Math.max(levels.get(c.zone) ?? -1, c.at))
    found.get(Math.min(...levels.values()))!.hidden.push(step)
  }
  const covered = [...found.values()].map(({ hidden, ...gate }) => ({
    ...gate,
    behind: hidden.toReversed().flatMap(r => r.debts.filter(d => owedCount(d) > 0)),
    counts: countsOf(hidden),
  }))
  return [...covered, ...turnGates(plan)].sort((a, b) => a.at - b.at)
}

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
        counts: [],
      },
    ]
  })
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
  return all
    .filter(gate => !gate.closed && gate.at >= at)
    .flatMap(gate =>
      gate.behind
        .filter(debt => settledCount(debt) === 0 && number.get(debt.step)! > earliest)
        .map(debt => ({ debt, gate, steps: gate.at - at })),
    )
}

/** What is still owed behind gates that are closed already: it cannot be reached unless they are opened again. */
export const shutIn = (all: readonly Gate[]): { gate: Gate; debts: Debt[] }[] =>
  all.filter(g => g.closed && g.behind.length > 0).map(gate => ({ gate, debts: gate.behind }))
