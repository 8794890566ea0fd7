import distance from 'damerau-levenshtein'

/** So many slips are forgiven at most, however long a word is. */
const most = 3
/** So many letters of a word are looked up; the rest is compared after. */
const looked = 10

/** How many slips of the hand are forgiven in a word: one in five letters. */
const spared = (word: string): number => Math.min(most, Math.floor(word.length / 5))

/** A word and all that is left of it when up to `k` of its letters are left out. */
function leftOf(word: string, k: number): Set<string> {
  let last = new Set([word])
  const all = new Set(last)
  for (let i = 0; i < k; i++) {
    const next = new Set<string>()
    for (const w of last) for (let at = 0; at < w.length; at++) next.add(w.slice(0, at) + w.slice(at + 1))
    for (const w of next) all.add(w)
    last = next
  }
  return all
}

/**
 * Under what a word is kept so that it is found with slips: what is left of its first letters when as many are left out as slips are
 * forgiven. Two words with so few slips between them have one of these in common (deletion neighbourhoods, Mor and Fraenkel 1982).
 */
export const keptUnder = (word: string): string[] => [...leftOf(word.slice(0, looked), spared(word))]

/** Under what a typed word is looked up. It may be shorter than the word that was meant, by the slips that this one forgives. */
export const lookedUnder = (typed: string): string[] => [
  ...leftOf(typed.slice(0, looked), Math.min(most, Math.floor(typed.length / 4))),
]

/** How many slips lie between a typed word and one that was meant; null where they are more than are forgiven. A swap of neighbours is one. */
export function slipsBetween(typed: string, meant: string): number | null {
  const { steps } = distance(typed, meant)
  return steps <= spared(meant) ? steps : null
}
