import { owedCount, type Debt } from '../log/state.ts'
import { liesIn, type Family } from '../machine/families.ts'
import type { Move } from '../moves/registry.ts'
import type { ReturnStep } from './mirror.ts'

/** The zones that a move opens when its part comes away, and closes when it is back. */
export const zonesOpenedBy = (move: Move): readonly string[] => ('part' in move ? (move.part.opens ?? []) : [])

/** The moment at which a return step closes zones. */
export interface Gate {
  /** Its place in the return, 0 for the first step. */
  at: number
  step: string
  zones: string[]
  /** Debts for which this is the last moment, still owed; without those of the step itself. */
  behind: Debt[]
}

/**
 * The gates of a return, in its order. A debt lies behind the covers that were off when it was recorded and under which
 * its zone lies. Covers of the same zone are ways in beside each other: the last one closes. Covers of nested zones are
 * one behind the other: the first one closes.
 */
export function gates(family: Family, plan: readonly ReturnStep[]): Gate[] {
  const covers = plan.flatMap((step, at) =>
    step.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ zone, at, number: step.number }))),
  )
  const found = new Map<number, Gate>()
  for (const { zone, at } of covers) {
    const gate = found.get(at) ?? { at, step: plan[at]!.step.id, zones: [], behind: [] }
    if (!gate.zones.includes(zone)) gate.zones.push(zone)
    found.set(at, gate)
  }
  for (const step of plan) {
    const zone = step.step.zone
    if (!zone || step.owes === 0) continue
    const over = covers.filter(c => c.number < step.number && liesIn(family, zone, c.zone))
    if (over.length === 0) continue
    const levels = new Map<string, number>()
    for (const c of over) levels.set(c.zone, Math.max(levels.get(c.zone) ?? -1, c.at))
    const last = found.get(Math.min(...levels.values()))!
    last.behind.push(...step.debts.filter(d => owedCount(d) > 0))
  }
  return [...found.values()].sort((a, b) => a.at - b.at)
}
