import { does, happens } from '../acts/act.ts'
import { settleNext, turnAnew } from '../acts/refit.ts'
import { fold } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import { owedCount, type JobState } from '../log/state.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { event, id } from './arbitrary-log.ts'

/** A step of the return taken whole: all that it owes, or a turn, also one that nobody recorded. `n` is its second, and numbers what is new. */
export function takeBack(state: JobState, r: ReturnStep, n: number): JobState {
  const act = !r.turn
    ? does(
        ...r.debts
          .filter(d => owedCount(d) > 0)
          .map(d => happens('debt-settled', { debt: d.id, how: 'refitted', count: owedCount(d) })),
      )
    : r.debts.length
      ? settleNext(state, r)
      : turnAnew(state, r.turn, id(n, 's'), id(n, 'm'))
  if (!act.ok) throw new Error(refusalWords(act.refusal))
  return act.events.reduce((s, { kind, body }, i) => {
    const folded = fold(s, event(kind, body, n + i, 'back'))
    if (!folded.ok) throw new Error(refusalWords(folded.refusal))
    return folded.state
  }, state)
}
