import type { BodyOf, EventName, JobEvent } from '../log/event.ts'
import { refuse, type Refusal } from '../log/refusals.ts'

/** An event as an act makes it: what happened, before it has an id, a time and a hand. */
export type NewEvent = { [K in EventName]: { kind: K; body: BodyOf<K> } }[EventName]

/** What somebody wants to do to a job, decided: the events that say it, in their order, all of them or none; or why it cannot be done. */
export type Act = { ok: true; events: readonly NewEvent[] } | { ok: false; refusal: Refusal }

/** One event of an act. */
export const happens = <K extends EventName>(kind: K, body: BodyOf<K>): NewEvent => ({ kind, body }) as NewEvent
/** An act that is said by these events; without any there is nothing left to do. */
export const does = (...events: readonly NewEvent[]): Act => ({ ok: true, events })
/** An act that is said by one event. */
export const says = <K extends EventName>(kind: K, body: BodyOf<K>): Act => does(happens(kind, body))
export { refuse as cannot }

/** One act after the other, as one; refused as soon as one of them is. */
export function together(...acts: readonly Act[]): Act {
  const refused = acts.find(a => !a.ok)
  return refused ?? does(...acts.flatMap(a => (a.ok ? a.events : [])))
}

/** Who says it, where and when: what makes an event of an act one of the log. */
export type Stamp = Pick<JobEvent, 'id' | 'job' | 'at' | 'after' | 'when' | 'actor' | 'device'>
/** An event of an act as it stands in the log. */
export const stamped = (event: NewEvent, stamp: Stamp): JobEvent => ({ ...stamp, ...event }) as JobEvent
