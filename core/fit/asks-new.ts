import { entriesOf } from '../log/entry.ts'
import { settledCount, type Debt, type JobState } from '../log/state.ts'
import { traitsOf } from '../moves/registry.ts'
import { offersOf, partsAtHand, photosOf, toldOf } from './at-hand.ts'

/**
 * True where it is not known which of two goes on: a part came off to go back, and a new one of it was compared, photographed or has come.
 * What was recorded as renewed is the new one. Asked for once, when it is fitted.
 */
export function asksNew(state: JobState, debt: Debt): boolean {
  const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
  if (!move || debt.id !== move.id || settledCount(debt) > 0 || debt.renew || traitsOf(move).renews) return false
  const part = partsAtHand(state).find(p => p.move === move.id)
  if (!part) return false
  const same = (name: string | undefined) => name?.trim().toLowerCase() === part.name.trim().toLowerCase()
  return (
    toldOf(state, part).size > 0 ||
    offersOf(state, part).some(o => o.how === 'here') ||
    photosOf(state, part).new !== undefined ||
    entriesOf(state, 'part-compared').some(e => same(e.body.part))
  )
}
