import { entriesOf, type EntryOf } from '../log/entry.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { apply } from '../moves/move.ts'
import type { Family } from '../machine/families.ts'
import { workOf, type Opened } from './opened.ts'
import type { Trial } from './trial.ts'
import { trialsOf } from './trials.ts'

/** What became of a trial, as it was told last. */
export type Result = EntryOf<'proof-done'> & { id: string }

/** True when nothing of what a move opened is owed any more. */
export const isShut = (state: JobState, { move }: Pick<Opened, 'move'>): boolean =>
  apply(move).every(change => {
    const debt = state.debts.get(change.debt)
    return !debt || owedCount(debt) === 0
  })
/** The moment at which the last of what asks for a trial was put back; empty where nothing was. */
const shutAt = (because: readonly Opened[]): string =>
  because.reduce((last, { step }) => (step.backTo && step.backTo > last ? step.backTo : last), '')

/** True when a trial needs nothing more: it passed, or it was said why it is not done. */
export const isSettled = (result: Result | null | undefined): boolean =>
  result !== null && result !== undefined && result.body.result !== 'failed'

/** What is tried of a job, and what became of it so far. */
export interface Tried {
  trials: Trial[]
  results: ReadonlyMap<string, Result>
}
/** The trials of a job with the results that count. */
export function triedOf(state: JobState, family: Family): Tried {
  const trials = trialsOf(workOf(state, family), family)
  return { trials, results: resultsOf(state, trials) }
}

/**
 * The results that count: for each trial the last one, where all that asks for it is back, and was so before it was told. What was opened
 * again since is to be proved again.
 */
function resultsOf(state: JobState, trials: readonly Trial[]): Map<string, Result> {
  const told = new Map(entriesOf(state, 'proof-done').map(e => [e.body.trial, e]))
  return new Map(
    trials.flatMap(({ id, because }) => {
      const result = told.get(id)
      if (!result || result.at < shutAt(because) || !because.every(o => isShut(state, o))) return []
      return [[id, result] as const]
    }),
  )
}
