import type { Phrase } from '../words/phrase.ts'

/** What is said of one point of two parts: the same; another and it does no harm; another and it can be adapted; another and it does not fit. */
export const hows = ['same', 'harmless', 'adapt', 'no'] as const
/** One of these. */
export type How = (typeof hows)[number]

/** What is said of a new part as a whole. */
export const verdicts = ['fits', 'fits when adapted', 'send back', 'cannot tell'] as const
/** One of these. */
export type Verdict = (typeof verdicts)[number]

/** How far a part has come that somebody has. */
export const offerStates = ['asked', 'ordered', 'here', 'sent back', 'dropped'] as const

/** Where an old part goes. */
export const fates = ['bin', 'back to the supplier', 'to the customer', 'kept on the shelf'] as const
/** One of these. */
export type Fate = (typeof fates)[number]

/**
 * How a new part is made to fit: a line goes another way; what is too long is tied up; something of the old part goes over; something is done
 * to the part, or to what it meets.
 */
export type AdaptationKind = 'route' | 'tie' | 'over' | 'work'
export interface Adaptation {
  does: AdaptationKind
  /** As a short imperative, without a stop. */
  says: Phrase
}

/** What is said of a point, and why; `ask` where only the supplier or the drawing can tell. */
export interface Judged {
  how: How | 'ask'
  why: Phrase
  by?: Adaptation
}

export const same: Judged = { how: 'same', why: '' }
export const harmless = (why: Phrase): Judged => ({ how: 'harmless', why })
export const no = (why: Phrase): Judged => ({ how: 'no', why })
export const ask = (why: Phrase): Judged => ({ how: 'ask', why })
export const adapt = (why: Phrase, does: AdaptationKind, says: Phrase): Judged => ({
  how: 'adapt',
  why,
  by: { does, says },
})
