import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'

/** A value as it was read. */
export interface Reading {
  value: number
  unit: string
  note: string
}
/** What was measured of one thing before the way back began, and since, each in the order of its time. */
export interface ReadingPair {
  of: string
  before: Reading[]
  after: Reading[]
}

/** The readings of a job by what was measured, in the order in which each was measured first; a name counts however it is capitalised. */
export function readingPairs(state: JobState): ReadingPair[] {
  const back = state.turns
    .valueSeq()
    .filter(t => t.phase === 'return' || t.phase === 'proof')
    .map(t => t.at)
    .min()
  const pairs = new Map<string, ReadingPair>()
  for (const { at, body } of entriesOf(state, 'reading-taken')) {
    const key = body.of.toLocaleLowerCase('en')
    const pair = pairs.get(key) ?? { of: body.of, before: [], after: [] }
    pairs.set(key, pair)
    pair[back !== undefined && at > back ? 'after' : 'before'].push({
      value: body.value,
      unit: body.unit,
      note: body.note ?? '',
    })
  }
  return [...pairs.values()]
}

/** Readings of one side in words: `1.9 Ω (others 2.6 Ω), 2.5 Ω`; a dash where there is none. */
export const readingWords = (side: readonly Reading[]): string =>
  side.map(r => `${r.value} ${r.unit}${r.note && ` (${r.note})`}`).join(', ') || '–'
