import { limits } from '../limits.ts'
import { eventKinds, type JobEvent } from './event.ts'
import { accept, refuse, type Folded, type Refusal } from './refusals.ts'
import { blank, type JobState } from './state.ts'

/** The minute of a moment, counted since 1970. */
export const minuteOf = (moment: string): number => Math.floor(Date.parse(moment) / 60_000)

/**
 * The state after one more event, or the reason for which it is refused.
 * An event that was folded before changes nothing. Costs O(size of the event · log of the state), never O(log of the job).
 */
export function fold(state: JobState, event: JobEvent): Folded<JobState> {
  if (state.seen.has(event.id)) return accept(state)
  if (!state.opened && event.kind !== 'job-opened') return refuse(1)
  if (state.closing) return refuse(3)
  if (state.seen.size >= limits.log) return refuse(13)
  const folded = eventKinds[event.kind].fold(state, event.body, event)
  if (!folded.ok) return folded
  const { seen, minutes } = folded.state
  return accept({ ...folded.state, seen: seen.add(event.id), minutes: minutes.add(minuteOf(event.at)) })
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
