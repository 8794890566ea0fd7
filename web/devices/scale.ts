import { onSerial, simulated, type Instrument } from './instrument.ts'

/** What a scale shows: grams, and whether it has come to rest. */
export interface Shown {
  grams: number
  still: boolean
}
/** A pocket scale. */
type Scale = Instrument<Shown>

/** A scale that ships with it: what lies on it is told, and it shows that with its noise, at rest after a second. */
export const simulatedScale = (grams: () => number): Scale =>
  simulated((n, noise) => ({ grams: Math.round(10 * Math.max(0, grams() + 0.08 * noise)) / 10, still: n > 3 }))

/** A line of a scale in grams, as most print it: `ST,GS,+  12.34 g`, `12.3g`, `0.012 kg`; none where it is no weight. */
export function shownIn(line: string): Shown | null {
  const found = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g)\b/i.exec(line)
  if (!found) return null
  const grams = Number(found[2]!.replace(',', '.')) * (found[3]!.toLowerCase() === 'kg' ? 1000 : 1)
  return { grams: found[1] === '-' ? -grams : grams, still: !/\bUS\b|unstable|\?/i.test(line) }
}

/** A scale on a serial cable. */
export const serialScale: Scale = onSerial(shownIn, 'The scale went away: plug it in again, then weigh again.')
