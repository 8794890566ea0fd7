import type { JobState, Debt } from '../log/state.ts'
import { owedCount } from '../log/state.ts'
import { bare } from '../words/phrase.ts'

/** Where something lies that still sits on an old part. */
export const onTheOld = (part: string): string => `on the old ${bare(part)}`

/**
 * What is owed on the new part and still sits on the old one, by the move with which the old one came off: the carry-overs of its replacing, and
 * what somebody found on it later.
 */
export function stillOn(state: JobState, move: string): Debt[] {
  const told = new Set(
    [...state.entries.values()].flatMap(e =>
      e.kind === 'liaison-told' && e.body.how === 'rides on' && e.body.part === move && !e.body.not
        ? [e.body.move]
        : [],
    ),
  )
  const sits = (debt: Debt) => {
    if (debt.move === move) return debt.id !== move
    const own = told.has(debt.move) && state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
    return own && 'part' in own && (own.part.lies ?? '').startsWith(onTheOld(''))
  }
  return [...state.owing].flatMap(id => {
    const debt = state.debts.get(id)
    return debt && owedCount(debt) > 0 && sits(debt) ? [debt] : []
  })
}

/** What a thing on an old part was called when it was recorded. */
export function nameOf(state: JobState, debt: Debt): string {
  const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
  if (move?.kind === 'replace-part') return move.carryOver[Number(debt.id.split('/')[1]) - 1] ?? move.part.name
  return move && 'part' in move ? move.part.name : ''
}
