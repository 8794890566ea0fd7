import { certain } from './certainty.ts'
import { flatten, type FlatItem } from './flat.ts'
import { hear, type HeardWith } from './hear.ts'

/** A line as it was read: its items laid flat, whether any of them is not sure, and what is a remark. */
export interface ReadLine {
  text: string
  items: FlatItem[]
  unsure: boolean
  rest: string
}

/** From this plausibility of another reading on, a field is not sure. */
const doubtful = 0.3

/** Reads one line. What owes nothing on the way back is an item of its own kind; remarks are in `rest`. */
export function readOne(text: string, by?: HeardWith): ReadLine {
  const { acts, spans, atoms } = hear(text, by)
  const rest = spans
    .filter(s => s.reading === 'note')
    .map(s => text.slice(atoms[s.from]!.start, atoms[s.to - 1]!.end).replace(/^[\s,;.:-]+|[\s,;.:-]+$/g, ''))
    .filter(Boolean)
    .join('; ')
  return {
    text,
    items: flatten(acts),
    unsure: acts.some(a => a.likelihood < certain || a.t.doubts.some(d => d.near >= doubtful)),
    rest,
  }
}
