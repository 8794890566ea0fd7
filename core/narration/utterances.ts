import type { Cue } from './timed.ts'

/** What one person says in one breath, with the second at which each of its characters is said. */
export interface Utterance {
  text: string
  from: number
  to: number
  who?: string
  /** Starts of its words, and when each is said. */
  words: readonly { at: number; from: number; to: number }[]
}

/** A pause of so many seconds ends what is heard together. */
const pause = 0.8
/** What is heard together has so many words at most: beyond, it is cut where somebody would draw breath. */
const most = 42
const least = 8

interface Word {
  text: string
  from: number
  to: number
  who?: string | undefined
  line: number
}

/** The words of the cues, each with its own time: a cue is spoken at an even pace. */
function wordsOf(cues: readonly Cue[]): Word[] {
  return cues.flatMap(({ from, to, text, who }, line) => {
    const words = text.split(' ').filter(Boolean)
    const all = words.reduce((sum, w) => sum + w.length + 1, 0)
    let before = 0
    return words.map((word): Word => {
      const start = from + ((to - from) * before) / all
      before += word.length + 1
      return { text: word, from: start, to: from + ((to - from) * before) / all, who, line }
    })
  })
}

/** How well a stretch can end before a word: the more, the better. */
function breath(words: readonly Word[], at: number): number {
  const [before, word, after] = [words[at - 1]!, words[at]!, words[at + 1]]
  const gap = Math.min(1, word.from - before.to)
  if (/[.?!;]$/.test(before.text)) return 4 + gap
  const lower = word.text.toLowerCase()
  if (/^(okay|ok|alright|anyway|next)$/.test(lower)) return 3 + gap
  if (/^(now|so|also)$/.test(lower)) return 2.4 + gap
  if (lower === 'and' && /^(then|now|the|i|that|we|you)$/.test(after?.text.toLowerCase() ?? '')) return 2 + gap
  if (lower === 'then' && before.text.toLowerCase() !== 'and') return 2 + gap
  if (/^(i|we|you|there|it)$/.test(lower) && !/^(and|so|then|that|which|where|because|if|when|as)$/i.test(before.text))
    return 1.2 + gap
  if (before.text.endsWith(',')) return 1 + gap
  return gap
}

function utterance(words: readonly Word[]): Utterance {
  let text = ''
  const starts = words.map(({ text: word, from, to }) => {
    const at = text ? text.length + 1 : 0
    text = text ? `${text} ${word}` : word
    return { at, from, to }
  })
  const { who } = words[0]!
  return { text, from: words[0]!.from, to: words.at(-1)!.to, words: starts, ...(who && { who }) }
}

/** A stretch of words in pieces that can be heard as one line each. */
function cutLong(words: readonly Word[]): Word[][] {
  if (words.length <= most) return [[...words]]
  let best = Math.floor(words.length / 2)
  let worth = -Infinity
  for (let at = least; at <= Math.min(most, words.length - least); at++) {
    const score = breath(words, at) + at / most
    if (score > worth) [best, worth] = [at, score]
  }
  return [words.slice(0, best), ...cutLong(words.slice(best))]
}

/** What was said, parted where somebody pauses, where somebody else speaks, and where it would be too long to be heard at once. */
export function utterancesOf(cues: readonly Cue[]): Utterance[] {
  const runs: Word[][] = []
  let last: Word | undefined
  for (const word of wordsOf(cues)) {
    if (!last || word.who !== last.who || word.from - last.to >= pause) runs.push([])
    runs.at(-1)!.push(word)
    last = word
  }
  return runs.flatMap(cutLong).map(utterance)
}

/** When a character of an utterance is said, in seconds. */
export function secondOf({ words, from }: Utterance, at: number): number {
  return words.findLast(w => w.at <= at)?.from ?? from
}
