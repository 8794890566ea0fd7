import { limits } from '../schema/limits.ts'
import { eventKinds, type JobEvent } from './event.ts'
import { accept, refuse, type Folded, type Refusal } from './refusals.ts'
import { blank, type JobState } from './state.ts'
import { whenOf } from './when.ts'

/** The minute of a moment, counted since 1970. */
export const minuteOf = (moment: string): number => Math.floor(Date.parse(moment) / 60_000)

/** The length of an event as it is written, in characters. */
export const sizeOf = (event: JobEvent): number => JSON.stringify(event.body)?.length ?? 0

/** What may still be said when the log is full: that the job ends. */
const ends = new Set<string>(['job-closed', 'job-abandoned'])

/**
 * The state after one more event, or the reason for which it is refused. Total: an event of any content is folded or refused.
 * An event that was folded before changes nothing. Costs O(size of the event · log of the state), never O(log of the job).
 */
export function fold(state: JobState, event: JobEvent): Folded<JobState> {
  if (state.seen.has(event.id)) return accept(state)
  if (!state.opened && event.kind !== 'job-opened') return refuse(1)
  if (state.closing) return refuse(3)
  const size = state.size + sizeOf(event)
  if ((state.seen.size >= limits.log || size > limits.logSize) && !ends.has(event.kind)) return refuse(13)
  if (!Object.hasOwn(eventKinds, event.kind)) return refuse(18)
  const folded = folding(state, event)
  if (!folded.ok) return folded
  const { seen, minutes, latest, latestOf } = folded.state
  const when = whenOf(event)
  const minute = minuteOf(when)
  return accept({
    ...folded.state,
    size,
    seen: seen.add(event.id),
    minutes: Number.isNaN(minute) ? minutes : minutes.add(minute),
    latest: when > latest ? when : latest,
    latestOf: when > latestOf.get(event.device, '') ? latestOf.set(event.device, when) : latestOf,
  })
}

/** A kind of event meets what its schema lets through; what an older version let through may be otherwise. */
function folding(state: JobState, event: JobEvent): Folded<JobState> {
  try {
    const { id, actor } = event
    return eventKinds[event.kind].fold(state, event.body, { id, at: whenOf(event), actor })
  } catch (error) {
    return refuse(19, (error as Error).message.slice(0, 200))
  }
}

export interface Refused {
  event: JobEvent
  refusal: Refusal
}

/** Folds a log onto a state; what is refused is returned with its reason and changes nothing. */
export function foldAll(events: Iterable<JobEvent>, from: JobState = blank): { state: JobState; refused: Refused[] } {
  let state = from
  const refused: Refused[] = []
  for (const event of events) {
    const folded = fold(state, event)
    if (folded.ok) state = folded.state
    else refused.push({ event, refusal: folded.refusal })
  }
  return { state, refused }
}
