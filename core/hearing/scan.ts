import { unquoted } from '../grammar/quoted.ts'
import type { Atom } from './atom.ts'
import { spokenNumber } from './figures.ts'
import { lexicon, type Entry } from './lexicon.ts'
import { signPatterns } from './signs.ts'
import { meantBy } from './spelling.ts'
import type { Taught } from './taught.ts'

/** Signs that part clauses, by how they are written. */
const signs: Record<string, string> = {
  ';': ';',
  '\n': ';',
  ',': ',',
  ':': ':',
  '.': '.',
  '!': '.',
  '?': '?',
  '>': '>',
  '→': '>',
  '&': '&',
  '+': '+',
  '/': '/',
  '|': '|',
  '(': '(',
  ')': ')',
}

/** The text with every sign in its plain form, character by character, so that places in it stay where they are. */
export const plainText = (text: string): string =>
  text
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[‘’ʼ′]/g, "'")
    .replace(/[“”″]/g, '"')
    .replace(/[×✕]/g, 'x')
    .replace(/[A-Z]/g, c => c.toLowerCase())
    .replace(/[À-ÖØ-Þ]/g, c => c.toLowerCase())

const wordAt = /[\p{L}\p{M}][\p{L}\p{M}\p{N}']*(?:-(?=[\p{L}])[\p{L}\p{M}\p{N}']+)*/uy
const mayBeSign = /[\d#@("½¼¾⅛⅜⅝⅞~≈]/
const glued =
  /(?:torx|tx|t|torques|torks|star|phillips|philips|phil|ph|pozidriv|pozidrive|pozi|posi|pz|square drive|square|robertson|sq|r|m|no\.?|cn|con|tb|[pjxkwhsabcdef]|cell|tray|in tray|ears?|ribs?|st)[\s-]?(?:at\s)?#?\s?[\da-f]/iuy
const sticky = (form: RegExp, text: string, at: number): RegExpExecArray | null => {
  form.lastIndex = at
  return form.exec(text)
}

interface Word {
  start: number
  end: number
  /** As it stands, plain; then as the trade spells it. */
  typed: string
  norm: string
  off: number
}

/** A word as the trade writes it: in full, without apostrophe, spelt right. */
function normal(typed: string, taught: Taught | null): { norm: string; off: number } {
  if (taught?.words.has(typed)) return { norm: typed, off: 0 }
  const { entries, shortened, misheard, words } = lexicon()
  const known = (word: string) => entries.has(word) || words.has(word)
  const full = shortened.get(typed) ?? misheard.get(typed)
  if (full) return { norm: full, off: 0 }
  const owner = typed.replace(/'s?$/, '')
  const owns = owner !== typed && known(owner)
  if (owns && !/^(it|that|there|he|she|what|who|let)$/.test(owner)) return { norm: owner, off: 0 }
  const bare = typed.replace(/'/g, '')
  if (spokenNumber([bare], 0)) return { norm: bare, off: 0 }
  if (known(bare)) return { norm: bare, off: 0 }
  if (owns) return { norm: owner, off: 0 }
  if (/s$/.test(bare) && known(bare.slice(0, -1))) return { norm: bare.slice(0, -1), off: 0 }
  const meant = meantBy(bare)
  if (!meant || meant.off > 1) {
    // Two words written as one: `beltpulley`, `doorlock`.
    const two = compound(bare)
    if (two) return { norm: two, off: 0 }
  }
  return meant ? { norm: meant.word, off: meant.off } : { norm: bare, off: 0 }
}

/** A word that is two words of the trade, as the two; nothing where it is not. */
function compound(word: string): string | null {
  const { words } = lexicon()
  if (word.length < 7) return null
  for (let at = word.length - 3; at >= 3; at--) {
    const [a, b] = [word.slice(0, at), word.slice(at)]
    const second = words.has(b) ? b : b.endsWith('s') && words.has(b.slice(0, -1)) ? b : null
    if (second && b.length >= 3 && words.has(a)) return `${a} ${second}`
  }
  return null
}

const entryOf = (phrase: string): readonly Entry[] | undefined => lexicon().entries.get(phrase)

/** The candidates of the words from one on: the longest phrase that is known, and how many words it took. */
function phraseFrom(
  words: readonly Word[],
  at: number,
  taught: Taught | null,
): { took: number; key: string; entries: readonly Entry[] } | null {
  const { longer } = lexicon()
  const first = words[at]!.norm
  const most = Math.min(Math.max(longer.get(first.split(' ')[0]!) ?? 1, taught?.longest ?? 0), words.length - at)
  for (let took = most; took >= 1; took--) {
    const key = words
      .slice(at, at + took)
      .map(w => w.norm)
      .join(' ')
    const own = taught?.entries.get(key)
    if (own) return { took, key, entries: own }
    const entries = entryOf(key)
    // `on the back cover` is a cover, not how the machine lies.
    const next = words[at + took]?.norm
    const goesOn =
      entries?.[0]?.tag === 'posture' &&
      next !== undefined &&
      (next === 'of' ||
        ['part', 'thing', 'pos'].includes(entryOf(next)?.[0]?.tag ?? '') ||
        (!/\b(?:its|her|his|it's)\b/.test(key) &&
          (/^(?:is|are|there|i|we|you)$/.test(next) || spokenNumber([next], 0) !== null)))
    if (goesOn) continue
    if (entries) return { took, key, entries }
  }
  return null
}

/** An atom before it is known what its words mean here: its candidates in `can`. */
export interface Raw extends Atom {
  can: readonly Entry[]
}

/** What dictation heard as two words is put right: `bell owes` is `bellows`. */
function asMeant(heard: readonly Word[]): readonly Word[] {
  const { misheard } = lexicon()
  let words = heard
  for (let i = 0; i + 1 < words.length; i++) {
    const [a, b] = [words[i]!, words[i + 1]!]
    const meant = misheard.get(`${a.typed} ${b.typed}`)
    if (!meant) continue
    const parts = meant.split(' ')
    const put = parts.map((norm, k): Word =>
      k === 0 ? { ...a, norm, off: 1, ...(parts.length === 1 && { end: b.end }) } : { ...b, norm, off: 1 },
    )
    words = [...words.slice(0, i), ...put, ...words.slice(i + 2)]
  }
  return words
}

/** The words of a stretch as atoms: spoken numbers, known phrases, and what nobody knows. */
function wordsToAtoms(heard: readonly Word[], taught: Taught | null): Raw[] {
  const words = asMeant(heard)
  const atoms: Raw[] = []
  for (let i = 0; i < words.length;) {
    const { start, norm } = words[i]!
    const phrase = phraseFrom(words, i, taught)
    const spoken = spokenNumber(
      words.slice(i, i + 6).map(w => w.norm),
      0,
    )
    if (spoken && (!phrase || phrase.took <= spoken.took)) {
      const end = words[i + spoken.took - 1]!.end
      atoms.push({
        start,
        end,
        words: words
          .slice(i, i + spoken.took)
          .map(w => w.norm)
          .join(' '),
        tag: spoken.fraction ? 'inch' : 'num',
        n: spoken.n,
        ...(spoken.plural && { plural: true }),
        ...(spoken.fraction && { sets: { size: `${spoken.fraction} in` } }),
        can: [],
      })
      i += spoken.took
      continue
    }
    const took = phrase?.took ?? 1
    const first = phrase?.entries[0]
    atoms.push({
      start,
      end: words[i + took - 1]!.end,
      words: phrase?.key ?? norm,
      ...(first ?? { tag: 'word' }),
      off: words.slice(i, i + took).reduce((sum, w) => sum + w.off, 0),
      can: phrase?.entries ?? [],
    })
    i += took
  }
  return atoms
}

/**
 * Reads a line from left to right into atoms with their spans and candidates. Every character that is not white space lies in one
 * atom, or in a word that is no atom of its own.
 */
export function scan(original: string, taught: Taught | null = null): Raw[] {
  const text = plainText(original)
  const allCaps = original === original.toUpperCase()
  const atoms: Raw[] = []
  let words: Word[] = []
  const flush = () => {
    atoms.push(...wordsToAtoms(words, taught))
    words = []
  }
  const push = (start: number, end: number, read: Omit<Atom, 'start' | 'end' | 'words'>) => {
    flush()
    atoms.push({ start, end, words: text.slice(start, end), ...read, can: [] })
  }
  for (let at = 0; at < text.length;) {
    const c = text[at]!
    if (c !== '\n' && /\s/u.test(c)) {
      at += 1
      continue
    }
    const mayMatch = mayBeSign.test(c) || sticky(glued, text, at) !== null || /^[a-z]+=/i.test(text.slice(at, at + 24))
    let took = 0
    const afterSign = words.length === 0 && atoms.at(-1)?.end === at
    if (mayMatch && (afterSign || !/\p{L}/u.test(c) || !/[\p{L}\p{N}]/u.test(text[at - 1] ?? ' ')))
      for (const [form, read] of signPatterns) {
        const match = sticky(form, text, at)
        const means = match && match[0] !== '' ? read(match, text) : null
        if (!match || !means) continue
        took = match[0].length
        const isLabel = means.tag === 'times' && /^X\d/.test(original.slice(at)) && !allCaps
        push(
          at,
          at + took,
          means.tag === 'exact'
            ? exact(original, at, took, means)
            : isLabel
              ? { tag: 'label', sets: { label: original.slice(at, at + took) } }
              : means,
        )
        break
      }
    if (took) {
      at += took
      continue
    }
    if (c === '-') {
      const apart = /\s/.test(text[at - 1] ?? ' ') && /\s/.test(text[at + 1] ?? ' ')
      if (text[at + 1] === '>') {
        push(at, at + 2, { tag: 'sep', sign: '>' })
        at += 2
      } else {
        if (apart) push(at, at + 1, { tag: 'sep', sign: '-' })
        else flush()
        at += 1
      }
      continue
    }
    if (c === '.' && text.startsWith('...', at)) {
      push(at, at + 3, { tag: 'sep', sign: '-' })
      at += 3
      continue
    }
    const word = sticky(wordAt, text, at)
    if (word) {
      // A word with a slash in it may be short for something: `w/`, `c/wt`, `d/c'd`.
      const slashed = /[a-z]\/(?:[a-z']+)?/iuy
      const short = sticky(slashed, text, at)
      const whole = short && lexicon().shortened.get(short[0])
      const typed = whole ? short[0] : word[0]
      const pieces = whole ? [typed] : typed.split('-')
      let from = at
      for (const piece of pieces) {
        const { norm, off } = whole ? { norm: whole, off: 0 } : normal(piece, taught)
        const parts = norm.split(' ')
        let at0 = from
        for (const [k, part] of parts.entries()) {
          // A word that is two stands for both, each with its own letters where they are so written.
          const own =
            parts.length > 1 && piece.startsWith(part, at0 - from) && k < parts.length - 1
              ? part.length
              : from + piece.length - at0
          words.push({
            start: at0,
            end:
              parts.length > 1 && k < parts.length - 1 && own < from + piece.length - at0
                ? at0 + own
                : from + piece.length,
            typed: piece,
            norm: part,
            off,
          })
          if (parts.length > 1 && own < from + piece.length - at0) at0 += own
        }
        from += piece.length + 1
      }
      at += typed.length
      // A stop that only ends a shortening is no end of a sentence.
      if (text[at] === '.' && /[a-z]/.test(text[at + 2] ?? '') && lexicon().shortened.has(typed)) at += 1
      continue
    }
    const sign = signs[c]
    push(at, at + 1, sign ? { tag: 'sep', sign } : { tag: 'word' })
    at += 1
  }
  flush()
  return atoms
}

/** A field by its exact name, with its value as it was typed. */
function exact(
  original: string,
  at: number,
  took: number,
  means: Omit<Atom, 'start' | 'end' | 'words'>,
): Omit<Atom, 'start' | 'end' | 'words'> {
  const said = original.slice(at, at + took)
  return { ...means, sets: { value: unquoted(said.slice(said.indexOf('=') + 1)) } }
}
