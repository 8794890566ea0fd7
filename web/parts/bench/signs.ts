import type { How } from '@dialytica/core/fit'

/** What is said of a point, as a sign and as words: never by colour alone. */
export const howWords: Readonly<Record<How | 'ask', { sign: string; says: string }>> = {
  same: { sign: '=', says: 'the same' },
  harmless: { sign: '≈', says: 'differs, does no harm' },
  adapt: { sign: '⤳', says: 'can be made to fit' },
  no: { sign: '≠', says: 'does not fit' },
  ask: { sign: '?', says: 'ask' },
}
