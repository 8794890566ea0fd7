import type { BodyOf } from '../log/event.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { triedOf } from '../proof/results.ts'
import { list } from '../words/phrase.ts'
import { cannot, does, happens, type Act } from './act.ts'

/**
 * The machine is closed. What was never told of its proof is told now as not done, with one reason for all; the job is then closed, not
 * proved. Refused where something was never told and no reason is given.
 */
export function closeJob(
  state: JobState,
  family: Family,
  told: Omit<BodyOf<'job-closed'>, 'proved'>,
  whyNotProved = '',
): Act {
  // What is owed is said first: it may have to be proved after it is back.
  if (told.clean && !state.owing.isEmpty()) return cannot(11, `${state.owing.size} open`)
  if (!told.clean && !told.note?.trim()) return cannot(11, 'no reason given')
  const { trials, results } = triedOf(state, family)
  const untold = trials.filter(t => !results.has(t.id))
  const seen = whyNotProved.trim()
  if (untold.length && !seen) return cannot(29, list(untold.map(t => t.name)))
  return does(
    ...untold.map(t => happens('proof-done', { trial: t.id, result: 'not done', seen })),
    happens('job-closed', {
      ...told,
      proved: untold.length === 0 && trials.every(t => results.get(t.id)?.body.result === 'passed'),
    }),
  )
}
