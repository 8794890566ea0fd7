import type { JobEvent } from './event.ts'

/** So far, in milliseconds, a device may be off and is still taken at its word: that much a slow network makes of a right clock. */
export const tolerance = 2000

/** The last moment that the product knows. */
const latest = Date.parse('2199-12-31T23:59:59.999Z')

/** When it was: as it was put by the server, else by the clock of its device. Events of the time before the server put any have only that one. */
export const whenOf = ({ at, when }: Pick<JobEvent, 'at' | 'when'>): string => when ?? at

/** An event at the moment that the server puts it at, without what its device knew. */
export function putAt({ after: _, when: __, ...said }: JobEvent, when: string | undefined): JobEvent {
  return { ...said, ...(when !== undefined && when !== said.at && { when }) } as JobEvent
}

/**
 * A moment by a clock, or a millisecond after what was known by then, whichever is later (a hybrid logical clock in one number: Kulkarni et al., Logical
 * Physical Clocks, 2014). So whoever knew a word and says another has the last word, whatever their clock shows.
 */
export function notBefore(at: string, floor: string | undefined): string {
  const known = floor ? Date.parse(floor) : NaN
  return Number.isNaN(known) || at > floor! ? at : new Date(Math.min(latest, known + 1)).toISOString()
}

/** What the server knows when it puts an event in its place. */
export interface Place {
  /** What the clock of the device showed when it sent the event, and the clock of the server when it came. */
  sent: string
  received: string
  /** The latest moment that the device knew of the job, and that of its own event before; empty where there is none. */
  after: string | undefined
  own: string | undefined
}

/**
 * When an event was, by the clock of the server: the time of its device, put right by how far that clock is off now; never later than it came, and never
 * before what its device knew. Where the clock jumped since the event was made, it stands right after what the device knew, or at the time it came.
 */
export function placed(at: string, { sent, received, after, own }: Place): string {
  const now = Date.parse(received)
  const off = Date.parse(sent) - now
  const meant = Date.parse(at) - (Math.abs(off) > tolerance ? off : 0)
  const clock = new Date(Math.min(Math.max(meant, 0), now + tolerance)).toISOString()
  return notBefore(notBefore(clock, after), own)
}
