import type { Debt, JobState } from '../log/state.ts'
import { bare } from '../words/phrase.ts'

/** Where something lies that still sits on an old part. */
export const onTheOld = (part: string): string => `on the old ${bare(part)}`

/**
 * What is owed on new parts and still sits on the old ones, by the moves with which the old ones came off: the carry-overs of their replacing, and what
 * somebody found on them later. O(entries + debts that are owed).
 */
export function sittingOnOld(state: JobState): Map<string, Debt[]> {
  const ridesOn = new Map<string, string[]>()
  for (const { kind, body } of state.entries.values())
    if (kind === 'liaison-told' && body.how === 'rides on' && body.move && !body.not)
      ridesOn.set(body.move, [...(ridesOn.get(body.move) ?? []), body.part])
  const parts = (debt: Debt): readonly string[] => {
    if (debt.id !== debt.move) return [debt.move]
    const own = ridesOn.has(debt.move) && state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
    const sits = own && 'part' in own && (own.part.lies ?? '').startsWith(onTheOld(''))
    return sits ? [...new Set(ridesOn.get(debt.move))] : []
  }
  const found = new Map<string, Debt[]>()
  for (const id of state.owing) {
    const debt = state.debts.get(id)
    if (debt) for (const part of parts(debt)) found.set(part, [...(found.get(part) ?? []), debt])
  }
  return found
}

/** The same of one old part. */
export const stillOn = (state: JobState, move: string): Debt[] => sittingOnOld(state).get(move) ?? []

/** What a thing on an old part was called when it was recorded. */
export function nameOf(state: JobState, debt: Debt): string {
  const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
  if (move?.kind === 'replace-part') return move.carryOver[Number(debt.id.split('/')[1]) - 1] ?? move.part.name
  return move && 'part' in move ? move.part.name : ''
}
