import type { Interval } from './interval.ts'
import type { Dimension, Typed } from './typed.ts'

/** What an instrument may be off by: a share of the reading in percent, and so much in its unit each way. */
interface Error {
  percent: number
  off: number
}
/** Common hand instruments: a multimeter of 3½ digits, a calliper or a rule, a thermometer; the shop's own may be better. */
const errors: Record<Dimension, Error> = {
  resistance: { percent: 1.2, off: 0.2 },
  capacitance: { percent: 3, off: 0 },
  length: { percent: 0, off: 0.05 },
  temperature: { percent: 0, off: 1 },
}
/** Resistance of two leads and their probes, which a meter that was not nulled adds. */
export const leads = 0.3
/** A meter that shows OL has seen at least so many ohms on a range that it chose itself. */
export const beyond = 2e6

/** What a value that was read can really be. */
export function measured({ dimension, value, step }: Typed): Interval {
  if (value === Infinity) return { low: beyond, high: Infinity }
  const { percent, off } = errors[dimension]
  // Who types it rounds to its last figure.
  const error = (Math.abs(value) * percent) / 100 + step / 2 + off
  const low = value - error - (dimension === 'resistance' ? leads : 0)
  return { low: dimension === 'temperature' ? low : Math.max(0, low), high: value + error }
}
