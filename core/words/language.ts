import { english } from './english.ts'
import type { Phrase } from './phrase.ts'

/** Puts a phrase into words. */
export type Language = (phrase: Phrase) => string

let language: Language = english

/** From now on everything is said in this language. It changes words only: no rule and no screen reads them back. */
export const speak = (next: Language): void => void (language = next)

/** A phrase in the language that is spoken. */
export const text: Language = phrase => language(phrase)

/**
 * English in brackets and capitals: it shows at once what was not put into words at the last moment, and breaks whatever reads words
 * back.
 */
export const loud: Language = phrase => {
  const words = english(phrase)
  return words && typeof phrase !== 'string' ? `[${words.toUpperCase()}]` : words
}
