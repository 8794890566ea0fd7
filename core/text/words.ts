const small = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']

/** A count as people say it: a word up to twelve, figures above. */
export const inWords = (n: number): string => small[n] ?? String(n)

/** `one screw`, `four screws`. */
export const counted = (n: number, noun: string, plural = `${noun}s`): string =>
  `${inWords(n)} ${n === 1 ? noun : plural}`

/** `a, b and c`. */
export function list(words: readonly string[], last = 'and'): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`
}

/** First letter upper case, a full stop at the end, no double spaces. */
export function sentence(text: string): string {
  const clean = text
    .replace(/\s+/g, ' ')
    .replace(/ ([,.:;])/g, '$1')
    .trim()
  return clean && clean[0]!.toUpperCase() + clean.slice(1) + (/[.?]$/.test(clean) ? '' : '.')
}

/** Joins what is there and leaves out what is not. */
export const join = (separator: string, ...parts: (string | undefined | false | null | 0)[]): string =>
  parts.filter(Boolean).join(separator)
