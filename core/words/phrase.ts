/**
 * What is to be said, as data: it is put into a language only where it is shown (`text`). A bare string is a name or the words of a
 * person, and stands in every language as it is.
 */
export type Phrase = string | Said
export type Said =
  /** Words of the product; `{0}`, `{1}` … stand for what they are said with. */
  | { readonly say: string; readonly with?: readonly Phrase[] }
  /** A number as people say it. */
  | { readonly number: number }
  /** So many of a thing, in its singular and its plural. */
  | { readonly count: number; readonly one: Phrase; readonly many: Phrase }
  /** Parts one after the other with a sign between them. */
  | { readonly parts: readonly Phrase[]; readonly by: string }
  /** All of these. */
  | { readonly list: readonly Phrase[] }
  /** A whole sentence; `open` without the sign at its end, to stand within another. */
  | { readonly sentence: Phrase; readonly open?: true }

/** Words of the product, with what fills them: say`take out ${what}`. */
export const say = (words: TemplateStringsArray, ...slots: readonly (Phrase | number)[]): Phrase => ({
  say: words.reduce((all, next, i) => `${all}{${i - 1}}${next}`),
  ...(slots.length && { with: slots.map(slot => (typeof slot === 'number' ? String(slot) : slot)) }),
})

/** A count as people say it: a word up to twelve, figures above. */
export const inWords = (n: number): Phrase => ({ number: n })

/** `one screw`, `four screws`; the plural is the noun with an `s` where it is not given. */
export function counted(n: number, noun: Phrase, plural?: Phrase): Phrase {
  if (plural !== undefined) return { count: n, one: noun, many: plural }
  return typeof noun === 'string'
    ? { count: n, one: { say: noun }, many: { say: `${noun}s` } }
    : { count: n, one: noun, many: say`${noun}s` }
}

/** `a, b and c`. */
export const list = (parts: readonly Phrase[]): Phrase => (parts.length === 1 ? parts[0]! : { list: parts })

/** A whole sentence: it begins and ends as the language has it. */
export const sentence = (of: Phrase): Phrase => ({ sentence: of })
/** A sentence that stands within another. */
export const nested = (phrase: Phrase): Phrase =>
  typeof phrase === 'object' && 'sentence' in phrase ? { ...phrase, open: true } : phrase

type Part = Phrase | undefined | false | null | 0
/** Joins what is there and leaves out what is not; empty when nothing is. */
export function join(by: string, ...all: readonly Part[]): Phrase {
  const parts = all.filter((part): part is Phrase => Boolean(part))
  return parts.length < 2 ? (parts[0] ?? '') : { parts, by }
}

/** A name without the article that somebody said before it, for sentences that have one: `the motor` is a motor. */
export const bare = (name: string): string => name.replace(/^(the|an?)\s+(?=\S)/i, '')
