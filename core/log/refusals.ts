import { text } from '../words/language.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** Every reason for which the fold refuses an event: numbered, worded, each with what to do. */
export const refusals = {
  1: 'The job was never opened: open it with a plate first',
  2: 'The job is already open: go on with it',
  3: 'The job is closed: what happens after belongs to a new job',
  4: 'There is no such step in this job: it may still be on another device',
  5: 'This step was struck: record a new one instead',
  6: 'A step with this id is already recorded',
  7: 'There is no such debt in this job: it may still be on another device',
  8: 'That settles more than is owed: look at what was already fitted',
  9: 'Something of this step is already back on the machine: reopen that first',
  10: 'That gives back more than was settled',
  11: 'Something is still owed: settle it, or close with debts and say why',
  12: 'Nothing is owed: close it clean',
  13: 'The log is full: close this job and go on in a new one',
  14: 'Two moves of this step have the same id',
  15: 'There is no such constraint in this job',
  16: 'That mark is already done',
  17: 'There is no such entry in this job: it may have been withdrawn already',
  18: 'This kind of act is not known to this version: load the application anew',
  19: 'This act does not fit the job, and nothing was changed: record it anew',
  20: 'Sign in and open a job first',
  21: 'This cannot be taken back: say what is so now',
  22: 'Take a photo, touch what comes off, or write it on the line.',
  23: 'Say what belongs here: a plug, four screws, a ground strap.',
  24: 'The year of make has four figures, like 2019.',
  25: 'See to this before the machine is turned, and tick it off',
  26: 'Something that belongs on the new part is still on the old one: move it over, or say why it goes with it',
  27: 'Look at the old part first: say what goes over, or that nothing does',
  28: 'Less than the old part had is never harmless here: say that it does not fit, or leave it open',
  29: 'Say why that is not proved: it stays in the record',
} as const

/** Why an event or an act is refused, by number, and what it is about. */
export interface Refusal {
  code: keyof typeof refusals
  /** What it is about: the thing, or the path that does not fit. */
  about?: Phrase
}
export type Folded<S> = { ok: true; state: S } | { ok: false; refusal: Refusal }

export const refuse = (code: keyof typeof refusals, about?: Phrase): { ok: false; refusal: Refusal } => ({
  ok: false,
  refusal: { code, ...(about && { about }) },
})
/** Why it was refused, and what to do. */
export const refusalWords = ({ code, about }: Refusal): string => {
  const why = { say: refusals[code] }
  return text(about ? say`${why} (${about})` : why)
}
/** The same of what may have gone well; null where it did. */
export const whyNot = (refusal: Refusal | null): string | null => refusal && refusalWords(refusal)
export const accept = <S>(state: S): { ok: true; state: S } => ({ ok: true, state })
