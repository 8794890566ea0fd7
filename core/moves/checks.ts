import { termsOf } from '../assembly/terms.ts'
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
  slide: say`Slid home`,
}

/** What turns, and what runs on its way, by the last word of its name: a belt cover is a cover, a door seal a seal. */
const spins = new Set('drum rotor pulley motor fan belt basket agitator impeller hub shaft'.split(' '))
const slides = new Set('drawer rail slide lid door'.split(' '))
/** The word by which a name says what the thing is: `pulley` of `drum pulley, left`. */
const headOf = (name: string): string => termsOf(name.split(/[,(]/)[0]!).at(-1) ?? ''

/** The checks of a part, by how it seats and what it is. */
export const partChecks = (part: { name: string; seat?: string | undefined }): Check[] => [
  ...(part.seat === 'click' ? (['click'] as const) : []),
  ...(spins.has(headOf(part.name)) ? (['spin'] as const) : []),
  ...(slides.has(headOf(part.name)) ? (['slide'] as const) : []),
]
/** True when one of the things to stay clear of turns. */
export const turns = (things: readonly string[] | undefined): boolean => (things ?? []).some(t => spins.has(headOf(t)))
