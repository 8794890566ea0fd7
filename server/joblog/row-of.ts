import { piecesOwed, type Summary } from '@dialytica/core/ledger'
import type { JobState } from '@dialytica/core/log'
import type { JobRow } from '../entities/index.ts'

/** What the row of a job says of how it stands: its summary, which can be none yet, what of it the floor is ordered by, when it was opened and closed. */
export const standsAs = (
  summary: Summary & { owed?: Summary['owed'] },
  state: JobState,
): Pick<JobRow, 'summary' | 'waits' | 'due' | 'pieces' | 'openedAt' | 'closedAt'> => ({
  summary,
  openedAt: new Date(state.opened!.at),
  waits: summary.waitsFor !== undefined,
  due: summary.due === undefined ? null : new Date(summary.due),
  pieces: summary.owed ? piecesOwed(summary.owed) : 0,
  closedAt: state.closing ? new Date(state.closing.at) : null,
})
