/** All values that a quantity may have, both ends included. */
export interface Interval {
  low: number
  high: number
}

/** A value and what it may be off by, each way. */
export const about = (value: number, error: number): Interval => ({ low: value - error, high: value + error })

/** The interval of a value that was made to a tolerance in percent: so many below, so many above. */
export const within = (value: number, below: number, above = below): Interval => ({
  low: value * (1 - below / 100),
  high: value * (1 + above / 100),
})

/** What a function that rises or falls throughout makes of an interval. */
export function through(f: (value: number) => number, { low, high }: Interval): Interval {
  const [a, b] = [f(low), f(high)]
  return { low: Math.min(a, b), high: Math.max(a, b) }
}

/** The least interval that holds all of some. */
export const hull = (...all: readonly Interval[]): Interval => ({
  low: Math.min(...all.map(i => i.low)),
  high: Math.max(...all.map(i => i.high)),
})

export const holds = (outer: Interval, inner: Interval): boolean => inner.low >= outer.low && inner.high <= outer.high
export const meet = (a: Interval, b: Interval): boolean => a.low <= b.high && b.low <= a.high
