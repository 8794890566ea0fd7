import { tolerance } from './when.ts'

/** How far a clock is from that of the server, in milliseconds: what has to be added to it, how sure that is, and when it was found, by this clock. */
export interface Offset {
  ms: number
  error: number
  at: number
}

/** A usual crystal drifts by so much, in parts: 100 ppm. */
const drift = 1e-4

/**
 * What is known of a clock after one more answer of the server, from when it was asked and answered by this clock and what the server's showed
 * (Cristian, Probabilistic clock synchronization, 1989: the middle of the round trip, off by half of it at most). A quick answer is worth more than a
 * slow one; one that cannot be reconciled with what was known means that the clock was set.
 */
export function offsetAfter(known: Offset | null, asked: number, answered: number, server: number): Offset | null {
  const trip = answered - asked
  // The clock was set while it was asked.
  if (trip < 0 || !Number.isFinite(server)) return known
  const fresh = { ms: Math.round(server - asked - trip / 2), error: trip / 2, at: answered }
  if (!known) return fresh
  const slack = known.error + drift * Math.abs(answered - known.at)
  const agree = Math.abs(known.ms - fresh.ms) <= slack + fresh.error
  return agree && slack < fresh.error ? known : fresh
}

/** The clock of the server, as far as it is known here; a difference that the network makes is left alone. */
export const putRight = (clock: number, known: Offset | null): number =>
  known && Math.abs(known.ms) > tolerance + known.error ? clock + known.ms : clock
