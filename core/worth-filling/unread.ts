import type { Parsed } from '../quick-line/parse.ts'
import { spokenNumber } from '../hearing/figures.ts'
import { say } from '../words/phrase.ts'
import type { Gap } from './gaps.ts'

const hasFigure = (text: string): boolean =>
  /\d/.test(text) ||
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .some(word => (spokenNumber([word], 0)?.n ?? 0) > 1)

/** Figures of the line in hand that fit nowhere: they stand in the note of their move, and what they say is asked for. `step` is the step in hand. */
export const unread = (line: Parsed, step: string): Gap[] =>
  line.clauses.flatMap(({ tokens, move }) =>
    tokens
      .filter(t => t.certainty === 'text' && move && hasFigure(t.text))
      .map((t): Gap => ({
        step,
        move: move!.id,
        field: 'note',
        ask: say`What “${t.text}” says`,
        why: say`It was not understood, and stands in the note`,
        minutes: 4,
      })),
  )
