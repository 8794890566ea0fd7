import { termsOf } from '../assembly/terms.ts'

/** The longest word that is kept, in letters. */
const longest = 40

/** Sizes are read apart as they are said: `8mm` is `8 mm`, `T20x18` is `T20 × 18`. */
const apart = (text: string) =>
  text
    .replace(/(\d)\s*[x×]\s*(?=\d)/giu, '$1 ')
    .replace(/(\d)(?=(mm|cm|nm|n·m|in|v|w|uf|µf|hz|ohm|Ω|mbar|bar)(?![\p{L}\p{N}]))/giu, '$1 ')

/** True where letters and digits are joined by signs into one name, as on a plate: `2231-0417`, `FL-84`. */
const isPlate = (raw: string, terms: readonly string[]) => terms.length > 1 && /\d/.test(raw)

const eachOf = (text: string): { whole: string | null; terms: string[] }[] =>
  apart(text)
    .split(/\s+/)
    .filter(raw => raw !== '')
    .map(raw => {
      const terms = termsOf(raw).map(t => t.slice(0, longest))
      return { whole: isPlate(raw, terms) ? terms.join('').slice(0, longest) : null, terms }
    })

/** The words by which a text is found, each once: in the singular, without accents; what stands on a plate as a whole too. */
export const wordsOf = (text: string): string[] => [
  ...new Set(eachOf(text).flatMap(({ whole, terms }) => (whole === null ? terms : [whole, ...terms]))),
]

/** How many words of what is typed are looked for. */
const mostAsked = 8

/** The words that are looked for in what somebody typed, each once and in its order; what stands on a plate as a whole. */
export const wordsAsked = (typed: string): string[] =>
  [...new Set(eachOf(typed).flatMap(({ whole, terms }) => (whole === null ? terms : [whole])))].slice(0, mostAsked)
