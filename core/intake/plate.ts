/** What is known by its plate: a model by its code, or a unit by its serial. */
export interface Plated {
  id: string
  code: string
}

/** A model that a typed plate can mean: as it is written, or with letters read for figures, or only begun. */
export interface PlateMatch<T extends Plated> {
  of: T
  /** What follows the code on the plate: the serial, as typed. */
  rest: string
  how: 'same' | 'misread' | 'begun' | 'near'
}

/** Letters and figures that a worn plate lets an eye take for one another, each to one of them. */
const read: Record<string, string> = { O: '0', Q: '0', D: '0', I: '1', L: '1', B: '8', S: '5', Z: '2', G: '6' }
/** The letters and figures of a code or serial, as capitals. */
export const letters = (text: string): string => text.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '')
/** A code or serial as an eye may take it from a worn plate: without signs, letters that are taken for figures as these. */
export const asRead = (text: string): string => [...letters(text)].map(c => read[c] ?? c).join('')

/** Fewest insertions, deletions and changes of one letter from `a` to `b` (Wagner and Fischer 1974), up to `most`. */
function apart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1
  let row = Array.from({ length: b.length + 1 }, (_, j) => j)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++)
      next.push(Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1)))
    row = next
  }
  return row[b.length]!
}

/** The typed text after its first `n` letters and figures. */
function after(typed: string, n: number): string {
  let left = n
  let at = 0
  for (const c of typed) {
    if (left === 0) break
    at += c.length
    if (/[\p{L}\p{N}]/u.test(c)) left -= 1
  }
  return typed.slice(at).replace(/^[\s\p{P}]+/u, '')
}

const order = ['same', 'misread', 'begun', 'near'] as const

/**
 * The models that a typed plate can mean, best first. Case, spaces and hyphens do not count; `0` and `O`, `1` and `I`, `8` and
 * `B`, and the like, are taken for one another; a code of four signs or more may also have one sign wrong.
 */
export function findPlates<T extends Plated>(typed: string, known: readonly T[]): PlateMatch<T>[] {
  const seen = letters(typed)
  if (!seen) return []
  const [first = ''] = typed.trim().split(/\s+/)
  return known
    .flatMap((of): PlateMatch<T>[] => {
      const code = letters(of.code)
      const rest = after(typed.trim(), code.length)
      if (seen.startsWith(code)) return [{ of, rest, how: 'same' }]
      if (asRead(seen).startsWith(asRead(code))) return [{ of, rest, how: 'misread' }]
      if (asRead(code).startsWith(asRead(seen))) return [{ of, rest: '', how: 'begun' }]
      const near = code.length >= 4 && apart(asRead(first), asRead(code), 1) <= 1
      return near ? [{ of, rest: after(typed.trim(), letters(first).length), how: 'near' }] : []
    })
    .sort((a, b) => order.indexOf(a.how) - order.indexOf(b.how) || b.of.code.length - a.of.code.length)
}

/** True when a code is that of a model, or of one that was made one with it. */
export const isCodeOf = ({ code, also }: { code: string; also: readonly string[] }, typed: string): boolean =>
  [code, ...also].some(own => letters(own) === letters(typed))

/** True when two serials or codes are the same as they can be read from a plate. */
export const readsAs = (a: string, b: string): boolean => asRead(a) === asRead(b)

/** What a plate says, in its fields. */
export interface ReadPlate {
  code: string
  serial: string
}
/**
 * A typed or scanned plate in its fields: behind the code of a known model its serial; else the last word is the serial, since the code of a
 * model is often of several words, and a serial hardly ever. For the hand to see and to put right before anything is opened.
 */
export function readPlate(typed: string, known: readonly Plated[]): ReadPlate {
  const words = typed.trim().toUpperCase().split(/\s+/).filter(Boolean)
  const exact = findPlates(typed, known).find(m => m.how === 'same')
  // A code that ends within a word, or before more than one word, may be the beginning of a longer one.
  if (exact && !/\s/.test(exact.rest.trim())) return { code: exact.of.code, serial: exact.rest.trim().toUpperCase() }
  return words.length < 2
    ? { code: words[0] ?? '', serial: '' }
    : { code: words.slice(0, -1).join(' '), serial: words.at(-1)! }
}
