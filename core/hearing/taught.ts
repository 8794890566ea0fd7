import { once } from '../assembly/kept.ts'
import { moveKinds } from '../moves/registry.ts'
import type { Meant, TaughtWord } from '../moves/taught-word.ts'
import { forms, lexicon, plainWords, plural, type Entry } from './lexicon.ts'

/** Words of the shop as the reader takes them: they come before those of the trade. */
export interface Taught {
  entries: ReadonlyMap<string, readonly Entry[]>
  words: ReadonlySet<string>
  /** The most words that one of them has. */
  longest: number
}

/** A verb of the trade for each kind: a taught one is weighed like it. */
const verbOf = once(() => {
  const found = new Map<string, string>()
  for (const [kind, { grammar }] of Object.entries(moveKinds))
    found.set(kind, grammar.verbs.split(',')[0]!.trim().split('/')[0]!)
  return found
})

function entriesOf(key: string, means: Meant): [string, Entry][] {
  if (means === 'look') return [[key, { tag: 'look' }]]
  if (means === 'part')
    return [
      [key, { tag: 'part' }],
      [plural(key), { tag: 'part', plural: true }],
    ]
  const lemma = verbOf().get(means)!
  const { s, ed, ing } = forms(key)
  const verb = (form: 'base' | 's' | 'ed' | 'ing'): Entry => ({ tag: 'verb', verb: { lemma, kinds: [means], form } })
  const past = /ed$/.test(key)
  return past
    ? [[key, verb('ed')]]
    : [
        [key, verb('base')],
        [s, verb('s')],
        [ed, verb('ed')],
        [ing, verb('ing')],
      ]
}

/** The words of a shop, of each the last that was said of it; null where there is none. */
export function taughtBy(words: readonly TaughtWord[]): Taught | null {
  const last = new Map(words.map(({ word, means }) => [plainWords(word).join(' '), means]))
  const entries = new Map<string, Entry[]>()
  for (const [key, means] of last)
    if (key && means) for (const [form, entry] of entriesOf(key, means)) entries.set(form, [entry])
  if (!entries.size) return null
  const keys = [...entries.keys()]
  return {
    entries,
    words: new Set(keys.flatMap(k => k.split(' '))),
    longest: Math.max(...keys.map(k => k.split(' ').length)),
  }
}

/** Names of this machine's parts as words, as far as nobody in the trade knows them: what was called so before is a part. */
export const namesAtHand = (names: Iterable<string>): TaughtWord[] =>
  [...new Set(names)].flatMap(name => {
    const word = teachable(name)
    const { entries } = lexicon()
    const isNew = word !== undefined && word.split(' ').some(w => !entries.has(w)) && !entries.has(word)
    return isNew ? [{ word, means: 'part' as const }] : []
  })

/** A piece of a line as a word that can be taught; nothing where it is a figure, or longer than somebody would say for one thing. */
export function teachable(text: string): string | undefined {
  const words = plainWords(text.replace(/^["\s]+|["\s;,.]+$/g, '')).filter(
    (w, i) => i > 0 || !/^(?:the|a|an|its|his|my)$/.test(w),
  )
  const isWord = words.length > 0 && words.length <= 3 && words.every(w => /^\p{L}[\p{L}'-]*$/u.test(w))
  return isWord && words.join('').length > 2 ? words.join(' ') : undefined
}
