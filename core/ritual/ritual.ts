/** One act of a ritual, as it is said: `selector left`, `hold START` for so many seconds. */
export interface RitualAct {
  say: string
  /** Seconds that it is held, at least. */
  hold?: number
}
/** One step of a ritual: a pause, something that must be seen, or acts that are done so many times, in so many seconds at most, so far apart at least. */
export type RitualStep =
  { wait: number } | { see: string } | { acts: readonly RitualAct[]; times: number; within?: number; apart?: number }

/** What a control wants before it believes a repair, or lets somebody into a programme of its own. */
export type Ritual = readonly RitualStep[]

/** What a ritual is for. */
export const purposes = ['forget a fault', 'service programme', 'drain', 'other'] as const
/** One of these purposes. */
export type Purpose = (typeof purposes)[number]

/** Limits: beats of a ritual, seconds of one time, characters of one act. */
export const most = { beats: 200, seconds: 1800, act: 40, times: 60 } as const

/** One beat: what is done now, how long it is held or waited, and when it must be done. */
export interface Beat {
  kind: 'do' | 'hold' | 'wait' | 'see'
  say: string
  /** Seconds that it is held, or waited. */
  seconds?: number
  /** Its step, and its place among the beats of that step, from 1. */
  step: number
  n: number
  of: number
  /** Seconds after the beat before, at least. */
  apart?: number
  /** Seconds after the end of the step before in which all of the step must be done. */
  within?: number
}

/** The beats of a ritual, in their order. */
export const beatsOf = (ritual: Ritual): Beat[] =>
  ritual.flatMap((step, at): Beat[] => {
    if ('wait' in step) return [{ kind: 'wait', say: 'wait', seconds: step.wait, step: at, n: 1, of: 1 }]
    if ('see' in step) return [{ kind: 'see', say: step.see, step: at, n: 1, of: 1 }]
    const { acts, times, within, apart } = step
    const of = acts.length * times
    return Array.from({ length: of }, (_, i) => {
      const { say, hold } = acts[i % acts.length]!
      return {
        kind: hold ? ('hold' as const) : ('do' as const),
        say,
        ...(hold && { seconds: hold }),
        step: at,
        n: i + 1,
        of,
        ...(apart && i > 0 && { apart }),
        ...(within && { within }),
      }
    })
  })
