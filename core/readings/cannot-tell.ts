import type { Phrase } from '../words/phrase.ts'
import type { Interval } from './interval.ts'
import type { Verdict } from './verdict.ts'

/** That it cannot be told is a verdict, with what would tell it. */
export const cannotTell = (because: Phrase, measured?: Interval): Verdict => ({
  says: 'cannot tell',
  because,
  formula: '',
  measured,
})
