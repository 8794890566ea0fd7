import type { JobEvent } from '@dialytica/core/log'
import type { Source } from './source.ts'

/** A job that lives in this page alone, for tests and for practice: every act is numbered at once, and `log` is all that is kept. */
export const memorySource =
  (log: JobEvent[] = []): Source =>
  (_job, _isNew, to) => {
    to.confirm(log)
    return {
      ready: Promise.resolve(),
      keep(event) {
        const numbered = { ...event, seq: log.length + 1 }
        log.push(numbered)
        to.confirm([numbered])
        return Promise.resolve()
      },
      close: () => undefined,
    }
  }
