import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import { says, type Act } from './act.ts'

/** The checks of refitting that were done on a step: their entries by debt and check. */
export const checksDone = (state: JobState, step: string): Map<string, string> =>
  new Map(
    entriesOf(state, 'check-done')
      .filter(({ body }) => body.step === step && body.passed)
      .map(({ id, body }) => [`${body.debt} ${body.check}`, id]),
  )

/** A check of refitting is ticked, or its tick is taken back. */
export function tickCheck(state: JobState, step: string, debt: string, check: string): Act {
  const entry = checksDone(state, step).get(`${debt} ${check}`)
  return entry
    ? says('entry-withdrawn', { entry, reason: 'not so' })
    : says('check-done', { check, passed: true, step, debt })
}
