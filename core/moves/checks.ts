import { say, type Phrase } from '../words/phrase.ts'

/** What the hand does to be sure that a thing is home, each one tap. */
export const checks = ['click', 'tug', 'spin', 'slide'] as const
/** What the hand does after refitting to be sure that it is home. */
export type Check = (typeof checks)[number]

/** The checks in words. */
export const checkWords: Record<Check, Phrase> = {
  click: say`Heard it click`,
  tug: say`Tugged: it holds`,
  spin: say`Turned by hand: nothing rubs`,
  slide: say`Slid home: runs free`,
}

const spins = /\b(drum|rotor|pulley|motor|fan|belt)\b/
const slides = /\b(drawer|rail|slide|lid|door)\b/

/** The checks of a part, by how it seats and what it is. */
export const partChecks = (part: { name: string; seat?: string | undefined }): Check[] => [
  ...(part.seat === 'click' ? (['click'] as const) : []),
  ...(spins.test(part.name.toLowerCase()) ? (['spin'] as const) : []),
  ...(slides.test(part.name.toLowerCase()) ? (['slide'] as const) : []),
]
/** True when one of the things to stay clear of turns. */
export const turns = (things: readonly string[] | undefined): boolean =>
  (things ?? []).some(t => spins.test(t.toLowerCase()))
