import type { Phrase } from '../words/phrase.ts'
import { holds, meet, type Interval } from './interval.ts'

export const sayings = ['good', 'bad', 'cannot tell'] as const

/** What a reading says of its part, why, and the sum behind it in numbers; what was expected and what was measured in the unit of the quantity. */
export interface Verdict {
  says: (typeof sayings)[number]
  because: Phrase
  formula: string
  expected?: Interval | undefined
  measured?: Interval | undefined
}

/** Good where all that it can be is expected, bad where none of it is, else it cannot be told. */
export const judged = (measured: Interval, expected: Interval): Verdict['says'] =>
  holds(expected, measured) ? 'good' : meet(expected, measured) ? 'cannot tell' : 'bad'

/** A value in figures of three digits. */
export const figures = (n: number): string => {
  if (!Number.isFinite(n)) return '∞'
  const [by, sign] = n >= 1e6 ? [1e6, ' M'] : n >= 1e4 ? [1e3, ' k'] : [1, '']
  return `${Number((n / by).toPrecision(3))}${sign}`
}
/** An interval in figures: `26.8 to 31.5`. */
export const range = ({ low, high }: Interval): string =>
  high === Infinity
    ? `${figures(low)} or more`
    : low <= 0
      ? `${figures(high)} at most`
      : `${figures(low)} to ${figures(high)}`
