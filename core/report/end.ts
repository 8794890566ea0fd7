import type { Closing } from '../log/state.ts'
import type { Tried } from '../proof/results.ts'

/** How a job ended: with nothing owed and all of it proved; with nothing owed and something not proved; with debts; given up; or not yet. */
export type End = 'open' | 'clean' | 'not proved' | 'debts' | 'given up'

/** How a job ended; `tried` is what its proof asked for and what became of it: a log that did not tell is held against that. */
export function endOf(closing: Closing | null, { trials, results }: Tried): End {
  if (!closing) return 'open'
  if (closing.abandoned) return 'given up'
  if (!closing.clean) return 'debts'
  const passed = trials.every(t => results.get(t.id)?.body.result === 'passed')
  return passed && closing.proved !== false ? 'clean' : 'not proved'
}
/** The same for whoever closed it, or looks at it later. */
export const endWords: Record<End, string> = {
  open: 'Not closed yet',
  clean: 'Closed clean',
  'not proved': 'Closed, not proved',
  debts: 'Closed with debts',
  'given up': 'Given up',
}
/** The same of a job of which only its summary is known. */
export const endWordsOf = ({ clean, proved }: { clean?: boolean | undefined; proved?: boolean | undefined }): string =>
  endWords[!clean ? 'debts' : proved === false ? 'not proved' : 'clean']
