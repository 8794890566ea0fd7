import type { Fact, Said } from '../grammar/fact.ts'
import { patterns } from './patterns.ts'
import { phrases } from './vocabulary.ts'

const signs: Record<string, Fact> = {
  ';': { as: 'end' },
  '\n': { as: 'end' },
  ',': { as: 'comma' },
  ':': { as: 'colon' },
  '>': { as: 'next' },
  '→': { as: 'next' },
  '&': { as: 'and' },
  '+': { as: 'and' },
}
const wordAt = /[^\s;,:>→&+]+/uy
const nextWord = /[ \t]+([^\s;,:>→&+"]+)/uy

const sticky = (form: RegExp, text: string, at: number): RegExpExecArray | null => {
  form.lastIndex = at
  return form.exec(text)
}
const plain = (word: string) =>
  word
    .toLowerCase()
    .replace(/[-‐–]/gu, ' ')
    .replace(/[.!?]+$/u, '')
const known = (phrase: string): Fact | undefined => phrases.get(phrase) ?? phrases.get(phrase.replace(/s$/, ''))

/** The longest phrase of the vocabulary that begins at a place, at most five words long. */
function phraseAt(text: string, start: number): Said | null {
  const first = sticky(wordAt, text, start)
  if (!first) return null
  let end = wordAt.lastIndex
  let phrase = plain(first[0])
  let found: Said | null = null
  for (let words = 1; words <= 5; words++) {
    const fact = known(phrase)
    if (fact) found = { start, end, fact }
    const more = sticky(nextWord, text, end)
    if (!more) break
    end = nextWord.lastIndex
    phrase += ` ${plain(more[1]!)}`
  }
  return found
}

function saidAt(text: string, start: number): Said {
  const sign = signs[text[start]!]
  if (sign) return { start, end: start + 1, fact: sign }
  if (text.startsWith('->', start)) return { start, end: start + 2, fact: { as: 'next' } }
  for (const [form, means] of patterns) {
    const match = sticky(form, text, start)
    const fact = match && means(match, text)
    if (match && fact) return { start, end: start + match[0].length, fact }
  }
  const phrase = phraseAt(text, start)
  if (phrase) return phrase
  const word = sticky(wordAt, text, start)
  return { start, end: start + (word?.[0].length ?? 1), fact: { as: 'word' } }
}

/**
 * Reads a line from left to right into facts with their spans. Every character that is not white space lies in exactly
 * one of them; what is not known is a `word`, and so is all that follows `note`.
 */
export function scan(text: string): Said[] {
  const said: Said[] = []
  let noting = false
  for (let at = 0; at < text.length;) {
    if (text[at] !== '\n' && /\s/u.test(text[at]!)) at += 1
    else {
      const next = saidAt(text, at)
      const before = said.at(-1)?.fact
      noting = next.fact.as !== 'end' && (noting || (before?.as === 'lead' && before.field === 'note'))
      said.push(noting && next.fact.as !== 'exact' ? { ...next, fact: { as: 'word' } } : next)
      at = next.end
    }
  }
  return said
}
