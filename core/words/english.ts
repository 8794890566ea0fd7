import type { Phrase, Said } from './phrase.ts'

const small = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
const number = (n: number) => small[n] ?? String(n)

/** First letter upper case, a full stop at the end, no double spaces. */
function sentence(text: string): string {
  const clean = text
    .replace(/\s+/g, ' ')
    .replace(/ ([,.:;])/g, '$1')
    .trim()
  return clean && clean[0]!.toUpperCase() + clean.slice(1) + (/[.?]$/.test(clean) ? '' : '.')
}
const listed = (words: readonly string[]) =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** A phrase in English. */
export function english(phrase: Phrase): string {
  return typeof phrase === 'string' ? phrase : said(phrase)
}
function said(phrase: Said): string {
  if ('say' in phrase)
    return phrase.say.replace(/\{(\d+)\}/g, (_, i: string) => english(phrase.with?.[Number(i)] ?? ''))
  if ('number' in phrase) return number(phrase.number)
  if ('count' in phrase) return `${number(phrase.count)} ${english(phrase.count === 1 ? phrase.one : phrase.many)}`
  if ('parts' in phrase) return phrase.parts.map(english).join(phrase.by)
  if ('list' in phrase) return listed(phrase.list.map(english))
  const whole = sentence(english(phrase.sentence))
  return phrase.open ? whole.replace(/\.$/, '') : whole
}
