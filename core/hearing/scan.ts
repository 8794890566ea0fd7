import { unquoted } from '../grammar/quoted.ts'
import type { Atom } from './atom.ts'
import { lexicon } from './lexicon.ts'
import { normalWord } from './normal-word.ts'
import { wordsToAtoms, type Raw, type Word } from './phrases.ts'
import { signPatterns } from './signs.ts'
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

const mayBeSign = /[\d#@("½¼¾⅛⅜⅝⅞~≈]/
const glued =
  /(?:torx|tx|t|torques|torks|star|phillips|philips|phil|ph|pozidriv|pozidrive|pozi|posi|pz|square drive|square|robertson|sq|r|m|no\.?|cn|con|tb|[pjxkwhsabcdef]|cell|tray|in tray|ears?|ribs?|st)[\s-]?(?:at\s)?#?\s?[\da-f]/iuy
const sticky = (form: RegExp, text: string, at: number): RegExpExecArray | null => {
  form.lastIndex = at
  return form.exec(text)
}

/** A line while it is read: what stands there, the atoms so far, and the words that wait to be joined to phrases. */
interface Reading {
  readonly original: string
  /** The same in its plain form. */
  readonly text: string
  readonly isCapitals: boolean
  readonly taught: Taught | null
  readonly atoms: Raw[]
  words: Word[]
}
type Meaning = Omit<Atom, 'start' | 'end' | 'words'>

/** The words that wait become atoms. */
function flush(line: Reading): void {
  line.atoms.push(...wordsToAtoms(line.words, line.taught))
  line.words = []
}
/** Adds an atom of its own behind the words that waited; returns its length. */
function push(line: Reading, at: number, length: number, means: Meaning): number {
  flush(line)
  const end = at + length
  line.atoms.push({ start: at, end, words: line.text.slice(at, end), ...means, can: [] })
  return length
}

/** White space; the end of a line is a sign. */
const readSpace = ({ text }: Reading, at: number): number => (text[at] !== '\n' && /\s/u.test(text[at]!) ? 1 : 0)

/** Figures, sizes, cells, labels and fields by name. */
function readForm(line: Reading, at: number): number {
  const { original, text } = line
  const mayMatch =
    mayBeSign.test(text[at]!) || sticky(glued, text, at) !== null || /^[a-z]+=/i.test(text.slice(at, at + 24))
  const isBehindAtom = line.words.length === 0 && line.atoms.at(-1)?.end === at
  const isInWord = /\p{L}/u.test(text[at]!) && /[\p{L}\p{N}]/u.test(text[at - 1] ?? ' ')
  if (!mayMatch || (isInWord && !isBehindAtom)) return 0
  for (const [form, read] of signPatterns) {
    const match = sticky(form, text, at)
    const means = match && match[0] !== '' ? read(match, text) : null
    if (!match || !means) continue
    const typed = original.slice(at, at + match[0].length)
    // `X5` is the name of a plug where not everything is in capitals.
    const isLabel = means.tag === 'times' && /^X\d/.test(typed) && !line.isCapitals
    const meant: Meaning = isLabel
      ? { tag: 'label', sets: { label: typed } }
      : means.tag === 'exact'
        ? { ...means, sets: { value: unquoted(typed.slice(typed.indexOf('=') + 1)) } }
        : means
    return push(line, at, typed.length, meant)
  }
  return 0
}

/** An arrow, a dash that stands apart, one that joins words, dots. */
function readDash(line: Reading, at: number): number {
  const { text } = line
  if (text.startsWith('->', at)) return push(line, at, 2, { tag: 'sep', sign: '>' })
  if (text.startsWith('...', at)) return push(line, at, 3, { tag: 'sep', sign: '-' })
  if (text[at] !== '-') return 0
  if (/\s/.test(text[at - 1] ?? ' ') && /\s/.test(text[at + 1] ?? ' '))
    return push(line, at, 1, { tag: 'sep', sign: '-' })
  flush(line)
  return 1
}

const wordAt = /[\p{L}\p{M}][\p{L}\p{M}\p{N}']*(?:-(?=[\p{L}])[\p{L}\p{M}\p{N}']+)*/uy
/** What may be short for something: `w/`, `c/wt`, `d/c'd`. */
const slashedAt = /[a-z]\/(?:[a-z']+)?/iuy

/** A word, or several that dashes join. */
function readWord(line: Reading, at: number): number {
  const { text, taught } = line
  const word = sticky(wordAt, text, at)
  if (!word) return 0
  const { shortened } = lexicon()
  const short = sticky(slashedAt, text, at)
  const whole = short && shortened.get(short[0])
  const typed = whole ? short[0] : word[0]
  let start = at
  for (const piece of whole ? [typed] : typed.split('-')) {
    const { norm, off } = whole ? { norm: whole, off: 0 } : normalWord(piece, taught)
    line.words.push(...wordsOf(piece, norm, off, start))
    start += piece.length + 1
  }
  // A stop that only ends a shortening is no end of a sentence.
  const isShortened = text[at + typed.length] === '.' && /[a-z]/.test(text[at + typed.length + 2] ?? '')
  return typed.length + (isShortened && shortened.has(typed) ? 1 : 0)
}
/** A word that is two stands for both, each with its own letters where they are so written. */
function wordsOf(typed: string, norm: string, off: number, start: number): Word[] {
  const parts = norm.split(' ')
  let from = 0
  return parts.map((part, i) => {
    const to = from + part.length
    const isOwn = i < parts.length - 1 && to < typed.length && typed.startsWith(part, from)
    const word = { start: start + from, end: start + (isOwn ? to : typed.length), typed, norm: part, off }
    if (isOwn) from = to
    return word
  })
}

/** Signs that part clauses, and what nobody knows. */
const readSign = (line: Reading, at: number): number => {
  const sign = signs[line.text[at]!]
  return push(line, at, 1, sign ? { tag: 'sep', sign } : { tag: 'word' })
}

/** In the order in which they are tried; each gives how many characters it took, none where it is not its. */
const readers = [readSpace, readForm, readDash, readWord, readSign]

/**
 * Reads a line from left to right into atoms with their spans and candidates. Every character that is not white space lies in one
 * atom, or in a word that is no atom of its own.
 */
export function scan(original: string, taught: Taught | null = null): Raw[] {
  const line: Reading = {
    original,
    text: plainText(original),
    isCapitals: original === original.toUpperCase(),
    taught,
    atoms: [],
    words: [],
  }
  for (let at = 0; at < line.text.length;) at += readers.reduce((took, read) => took || read(line, at), 0)
  flush(line)
  return line.atoms
}
