import { entriesOf, type EntryOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import { verdictOf } from '../readings/told.ts'
import { text } from '../words/language.ts'

/** A value as it was read. */
export type Reading = EntryOf<'reading-taken'>['body']
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
    pair[back !== undefined && at > back ? 'after' : 'before'].push(body)
  }
  return [...pairs.values()]
}

const valueWords = ({ state, over, value, unit, note }: Reading) =>
  `${state ? `${state} ` : ''}${over ? 'OL' : `${value} ${unit}`}${note ? ` (${note})` : ''}`

/** Readings of one side in words, with what they say: `1.9 Ω (others 2.6 Ω), 2.5 Ω`, `across 27.1 Ω: good. It is as its plate says`; a dash where there is none. */
export function readingWords(side: readonly Reading[]): string {
  const verdict = verdictOf(side)
  const values = side.map(valueWords).join(', ') || '–'
  return verdict ? `${values}: ${verdict.says}. ${text(verdict.because)}` : values
}

const verdicts: Partial<Record<string, string>> = { good: 'as it should be', bad: 'not as it should be', worn: 'worn' }
/** What was measured last of a thing and what that says, for somebody who has no meter. */
export function plainReading({ of, before, after }: ReadingPair): string[] {
  const last = after.length ? after : before
  const says = verdicts[verdictOf(last)?.says ?? '']
  return last.length ? [`${of}: ${last.map(valueWords).join(', ')}${says ? `, ${says}` : ''}`] : []
}

/** What a reading says against its thing, on either side of the way back; empty where nothing does. */
export const badOf = ({ of, before, after }: ReadingPair): string[] =>
  [before, after].flatMap(side => {
    const verdict = verdictOf(side)
    return verdict?.says === 'bad' ? [`${of}: ${text(verdict.because)}`] : []
  })
