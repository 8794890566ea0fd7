import { type Beat } from './ritual.ts'

/** How a ritual stands while it is played; times in seconds from any beginning. */
export interface Playing {
  /** The beat that is due; the number of beats when all are done. */
  at: number
  /** When the beat before was done: what is apart, and a wait, count from here. */
  since: number
  /** When the step began: its time runs from here. */
  stepSince: number
  /** When the hand pressed, while it holds. */
  pressed: number | null
  /** Why it began again last, and at which beat. */
  missed: { why: 'too early' | 'too late' | 'let go'; beat: number } | null
  /** How many times it was begun. */
  tries: number
}
/** What happens while it is played: the hand presses or lets go, or time passes. */
export type Played = { does: 'press' | 'release' | 'tick'; now: number }

/** The beginning: nothing is timed before the first beat is done. */
export const begin = (now: number): Playing => ({
  at: 0,
  since: now,
  stepSince: now,
  pressed: null,
  missed: null,
  tries: 1,
})

const again = ({ at, tries }: Playing, why: NonNullable<Playing['missed']>['why'], now: number): Playing => ({
  ...begin(now),
  missed: { why, beat: at },
  tries: tries + 1,
})
function done(playing: Playing, beats: readonly Beat[], now: number): Playing {
  const { step } = beats[playing.at]!
  const next = beats[playing.at + 1]
  return {
    ...playing,
    at: playing.at + 1,
    since: now,
    stepSince: next && next.step !== step ? now : playing.stepSince,
    pressed: null,
    missed: null,
  }
}
/** The moment at which the time of a beat is over; never where it has none. */
export const lateAt = ({ at, stepSince }: Playing, beats: readonly Beat[]): number => {
  const beat = beats[at]
  // The first step is begun by its first beat: its time runs from then.
  if (!beat?.within || at === 0) return Infinity
  return stepSince + beat.within
}

/**
 * The ritual after what happened. A beat that is done too early or too late, or let go before its time, begins it again; a wait ends by
 * itself, and whoever presses in it is too early. Total.
 */
export function play(playing: Playing, beats: readonly Beat[], { does, now }: Played): Playing {
  const beat = beats[playing.at]
  if (!beat) return playing
  if (now > lateAt(playing, beats)) return again(playing, 'too late', now)
  if (beat.kind === 'wait') {
    if (now - playing.since >= beat.seconds!)
      return play(done(playing, beats, playing.since + beat.seconds!), beats, { does, now })
    return does === 'press' ? again(playing, 'too early', now) : playing
  }
  if (does === 'press') {
    if (beat.apart && now - playing.since < beat.apart) return again(playing, 'too early', now)
    const from = playing.at === 0 ? { ...playing, stepSince: now } : playing
    return beat.kind === 'hold' ? { ...from, pressed: now, missed: null } : done(from, beats, now)
  }
  if (does === 'release' && playing.pressed !== null)
    return now - playing.pressed >= beat.seconds! ? done(playing, beats, now) : again(playing, 'let go', now)
  return playing
}
