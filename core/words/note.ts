import type { Phrase } from './phrase.ts'

/** What the hand must know besides the act: `strong` where it goes against habit, `found` where it was found spoilt. */
export interface Note {
  says: Phrase
  tone?: 'strong' | 'found'
}
export const note = (says: Phrase, tone?: Note['tone']): Note => ({ says, ...(tone && { tone }) })
