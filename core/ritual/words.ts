import { say, type Phrase } from '../words/phrase.ts'
import type { Beat } from './ritual.ts'

/** A beat as it is said: `hold START for 6 s`, `selector left`. */
export function beatWords({ kind, say: words, seconds }: Beat): Phrase {
  if (kind === 'wait') return say`wait ${seconds!} s`
  if (kind === 'see') return say`see: ${words}`
  return kind === 'hold' ? say`${words} for ${seconds!} s` : words
}
/** Beats as lines that can be read aloud: each with its place in its step, and the time that the step has. */
export const spoken = (beats: readonly Beat[]): Phrase[] =>
  beats.map(b => {
    const { n, of, within, apart } = b
    const place = of > 1 ? say`${n} of ${of}: ${beatWords(b)}` : beatWords(b)
    const timed = within && n === 1 ? say`${place}, all within ${within} s` : place
    return apart ? say`${timed}, ${apart} s after the one before` : timed
  })
