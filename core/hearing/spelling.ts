import distance from 'damerau-levenshtein'
import { kept, once } from '../assembly/kept.ts'
import { lexicon } from './lexicon.ts'
import { plainLines } from './words/plain.ts'
import { unitOf } from './words/units.ts'

const everyday = once(() => new Set([...plainLines.split(' '), ...Object.keys(unitOf)]))
/** Words of the trade by their length, so that only those are looked at that a slip can reach. */
const byLength = once(() => {
  const found = new Map<number, string[]>()
  for (const word of lexicon().words)
    if (word.length > 2 && /^[a-z]+$/.test(word)) found.set(word.length, [...(found.get(word.length) ?? []), word])
  return found
})
/** Letters that sound alike are one, doubled ones single, and what is not heard is left out. */
const sound = kept(20_000, (word: string): string =>
  word
    .replace(/ph/g, 'f')
    .replace(/ck|qu|q|c(?![hei])/g, 'k')
    .replace(/c(?=[ei])/g, 's')
    .replace(/x/g, 'ks')
    .replace(/wh/g, 'w')
    .replace(/kn/g, 'n')
    .replace(/wr/g, 'r')
    .replace(/mb\b/g, 'm')
    .replace(/h/g, '')
    .replace(/z/g, 's')
    .replace(/(?!^)[aeiouy]+/g, '')
    .replace(/^[aeiouy]+/g, 'a')
    .replace(/(.)\1+/g, '$1'),
)

/** How many slips a word may have: the longer it is the more. */
const slipsFor = (length: number): number => (length >= 7 ? 2 : length >= 4 ? 1 : 0)

/**
 * The word of the trade that was meant by one that nobody knows, with how far it is; nothing where no word is near. Slips are counted by the edit
 * distance with transpositions (Damerau 1964); a word that sounds the same may be one slip further.
 */
export const meantBy = kept(4000, (word: string): { word: string; off: number } | null => {
  if (everyday().has(word) || /\d/.test(word) || word.length < 4) return null
  const most = slipsFor(word.length)
  const heard = sound(word)
  let found: { word: string; off: number } | null = null
  for (let length = word.length - most - 1; length <= word.length + most + 1; length++)
    for (const known of byLength().get(length) ?? []) {
      if (known[0] !== word[0] && known[1] !== word[1] && known.at(-1) !== word.at(-1)) continue
      const alike = sound(known) === heard && heard.length > 1
      const steps = distance(word, known).steps
      // Two slips only where it sounds the same; one only in a word that is long enough to be known by the rest.
      if (steps > (alike ? most + 1 : 1) || (!alike && (word.length < 5 || known[0] !== word[0]))) continue
      const doubled = word.replace(/(.)\1/g, '$1') === known.replace(/(.)\1/g, '$1')
      const off = steps - (alike ? 0.6 : 0) - (doubled ? 0.2 : 0) + (known[0] === word[0] ? 0 : 0.5)
      if (!found || off < found.off || (off === found.off && known.length > found.word.length))
        found = { word: known, off }
    }
  return found
})
