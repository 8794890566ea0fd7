import { wordsOf } from '@dialytica/core/findable'

/** A piece of a title, and whether it is one of the words that were looked for. */
export interface Piece {
  text: string
  is: boolean
}

/** A title in pieces, those that were found by apart from the rest. */
export function matched(title: string, by: readonly string[]): Piece[] {
  const words = new Set(by)
  const pieces: Piece[] = []
  // A plate stays whole; signs after a word stay outside.
  for (const text of title.split(/([\p{L}\p{N}]+(?:[-.][\p{L}\p{N}]+)*)/u)) {
    const is = wordsOf(text).some(word => words.has(word))
    const last = pieces.at(-1)
    if (last && last.is === is) last.text += text
    else if (text) pieces.push({ text, is })
  }
  return pieces
}
