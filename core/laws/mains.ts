import { entriesOf } from '../log/entry.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { traitsOf } from '../moves/registry.ts'

/** The names under which the plug is pulled and put in during the proof, beside what the return settles. */
export const plugTold = { in: 'plug in', out: 'plug out' } as const

/** Whether something of the house is on at the machine, as it was told last; nobody told where it was never shut off. */
export type Mains = 'on' | 'off' | 'untold'

/** Whether water or power is on: off while anything that shut it off is owed; the plug also as it was told during the proof since then. */
export function mainsOf(state: JobState, what: 'water' | 'power'): Mains {
  const shut = state.order
    .toArray()
    .flatMap(id => state.steps.get(id)!.moves.flatMap(m => (traitsOf(m).restores === what ? { id, move: m } : [])))
  if (shut.some(s => state.owing.has(s.move.id))) return 'off'
  const since = shut.reduce((last, { id }) => {
    const back = state.steps.get(id)!.backTo ?? ''
    return back > last ? back : last
  }, '')
  const told =
    what === 'power'
      ? entriesOf(state, 'proof-done').findLast(
          ({ body, at }) => at > since && (body.trial === plugTold.in || body.trial === plugTold.out),
        )
      : undefined
  if (told) return told.body.trial === plugTold.out ? 'off' : 'on'
  const wasShut = shut.some(({ move }) => {
    const debt = state.debts.get(move.id)
    return debt && owedCount(debt) === 0
  })
  return wasShut ? 'on' : 'untold'
}
