import distance from 'damerau-levenshtein'
import { kept } from './kept.ts'

/** Words that name nothing. */
const empty = new Set('the a an of on in at to for from with its his that this and'.split(' '))

/** Words that say where on a thing, and name none. */
const positions = new Set(
  'rear back left right top bottom upper lower front middle centre center inside under over corner edge end side far near'.split(
    ' ',
  ),
)
export const isPosition = (term: string): boolean => positions.has(term)
/** What the bench cuts short. */
const inFull: Record<string, string> = { assy: 'assembly', temp: 'temperature', mech: 'mechanism', brkt: 'bracket' }

/** One of several: `brushes` and `brush` are one word. */
const singular = (word: string): string =>
  /(sh|ch|x|ss)es$/.test(word) ? word.slice(0, -2) : /[^sui]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word

/** A name as the words that carry it, in the singular. */
export const termsOf = (text: string): string[] =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(word => word !== '' && !empty.has(word))
    .map(word => singular(inFull[word] ?? word))

/**
 * How alike two words are: 1 for the same, 0 for others; between them where one is the other with a slip of the hand or the ear. Slips are
 * counted by the edit distance with transpositions (Damerau 1964): one in a word of four to six letters, two in a longer one.
 */
export function alike(a: string, b: string): number {
  if (a === b) return 1
  const longer = Math.max(a.length, b.length)
  const slips = longer >= 7 ? 2 : longer >= 4 ? 1 : 0
  if (slips === 0 || Math.abs(a.length - b.length) > slips || /\d/.test(a + b)) return 0
  // One slip changes two kinds of letters at most: most words are told apart by that alone.
  if (kindsOfLetters(lettersIn(a) ^ lettersIn(b)) > 2 * slips) return 0
  const steps = stepsBetween(`${a} ${b}`)
  return steps > slips ? 0 : 1 - 0.12 * steps - (a[0] === b[0] ? 0 : 0.1)
}
/** Which letters occur in a word, a bit each; two that share a bit count as one. */
function lettersIn(word: string): number {
  let bits = 0
  for (let i = 0; i < word.length; i++) bits |= 1 << (word.charCodeAt(i) & 31)
  return bits
}
function kindsOfLetters(bits: number): number {
  let n = 0
  for (let left = bits; left; left &= left - 1) n += 1
  return n
}
const stepsBetween = kept(50_000, pair => {
  const [a, b] = pair.split(' ') as [string, string]
  return distance(a, b).steps
})
