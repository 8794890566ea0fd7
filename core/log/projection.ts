import type { JobEvent } from './event.ts'
import { fold, foldAll } from './fold.ts'
import type { Refusal } from './refusals.ts'
import { blank, type JobState } from './state.ts'
import { whenOf } from './when.ts'

/**
 * A job as one device shows it: what the server has confirmed, and on top of it what waits here. Values only; each act and each word of the
 * server makes the next one, and folds only what is new.
 */
export interface Projection {
  confirmed: JobState
  /** The number of the last event that was confirmed. */
  seq: number
  /** What waits, in its order. */
  pending: readonly JobEvent[]
  /** What is shown: the pending events folded onto the confirmed state. */
  shown: JobState
}

/** A job of which nothing is confirmed yet. */
export const waitingOn = (pending: readonly JobEvent[]): Projection => ({
  confirmed: blank,
  seq: 0,
  pending,
  shown: foldAll(pending, blank).state,
})

const rebased = (on: Pick<Projection, 'confirmed' | 'seq'>, pending: readonly JobEvent[]): Projection => ({
  ...on,
  pending,
  shown: foldAll(pending, on.confirmed).state,
})

/** An act of this device on top of all; or why the state refuses it. Costs one fold. */
export function acted(
  on: Projection,
  event: JobEvent,
): { ok: true; projection: Projection } | { ok: false; refusal: Refusal } {
  const folded = fold(on.shown, event)
  if (!folded.ok) return folded
  return { ok: true, projection: { ...on, pending: [...on.pending, event], shown: folded.state } }
}

/**
 * What the server has numbered, in its order; what is known already is left out. Where these are the first that wait here, what is shown
 * stays as it is; where somebody else's come between, what still waits is folded anew on top.
 */
export function confirmed(on: Projection, events: readonly JobEvent[]): Projection {
  const fresh = events.filter(e => e.seq! > on.seq)
  if (fresh.length === 0) return on
  const next = { confirmed: foldAll(fresh, on.confirmed).state, seq: fresh.at(-1)!.seq! }
  const known = new Set(fresh.map(e => e.id))
  const pending = on.pending.filter(e => !known.has(e.id))
  // One that the server put at another moment than it was thought to be here may stand in another place.
  const own = fresh.every((e, i) => e.id === on.pending[i]?.id && whenOf(e) === whenOf(on.pending[i]))
  return own ? { ...next, pending, shown: on.shown } : rebased(next, pending)
}

/** Without what the server refused. */
export function dropped(on: Projection, ids: ReadonlySet<string>): Projection {
  const pending = on.pending.filter(e => !ids.has(e.id))
  return pending.length === on.pending.length ? on : rebased(on, pending)
}
