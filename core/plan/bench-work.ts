import { owedCount, type Debt } from '../log/state.ts'
import type { Arc } from './arc.ts'
import { say, type Phrase } from '../words/phrase.ts'
import type { ReturnStep } from './mirror.ts'

/** Something that can be done on the bench while somebody else works at the machine. */
export interface BenchWork {
  step: string
  debt: Debt
  /** The part on which it goes. */
  on: Phrase
}

/**
 * What a second pair of hands could do meanwhile: what rides on a part that is still off, and what must go over from an old part to the
 * new one; what an arc still holds back left out. `arcs` are those of the return, `plan` its steps.
 */
export function benchWork(plan: readonly ReturnStep[], arcs: readonly Arc[]): BenchWork[] {
  const open = new Map(plan.filter(r => r.owes > 0).map(r => [r.step.id, r]))
  const riding = arcs.filter(a => a.reason === 'rides on' && open.has(a.first) && open.has(a.then))
  const held = (step: string) => arcs.some(a => a.then === step && open.has(a.first))
  const rides = riding
    .filter(a => !held(a.first))
    .flatMap(a => open.get(a.first)!.debts.map(debt => ({ step: a.first, debt, on: a.about })))
  const carried = [...open.values()].flatMap(r =>
    r.moves.flatMap(({ move, debts }) =>
      'carryOver' in move
        ? debts
            .filter(debt => debt.id !== move.id)
            .map(debt => ({ step: r.step.id, debt, on: say`new ${move.part.name}` }))
        : [],
    ),
  )
  const seen = new Set<string>()
  return [...rides, ...carried].filter(
    ({ debt }) => owedCount(debt) > 0 && !seen.has(debt.id) && seen.add(debt.id) !== undefined,
  )
}
