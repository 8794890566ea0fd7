import { wordPlaces, type FindableKind } from './findables.ts'
import { wordsOf } from './words.ts'

/** A word of the shop that a typed one may mean: the same, one that begins so, or one with so many slips between. */
export interface Reading {
  word: string
  how: 'same' | 'begins' | 'near'
  slips: number
}
/** A thing that was found: by which reading of each typed word, and how that word belongs to it. */
export interface Hit {
  kind: FindableKind
  title: string
  /** In how many jobs it was recorded. */
  jobs: number
  by: readonly { reading: Reading; place: number }[]
}

const readingWorth = ({ how, slips }: Reading) => ({ same: 4, begins: 3, near: 2 - slips / 2 })[how]
const placeWorth = { [wordPlaces.title]: 1, [wordPlaces.also]: 0.7, [wordPlaces.around]: 0.4 } as Record<number, number>
/** Who is looked up by name comes before what happened to it. */
const kindWorth: Record<FindableKind, number> = { model: 1.5, machine: 1, complaint: 0.5, step: 0.2, note: 0 }

/** What a reading of one word says for a thing. */
export const worthOf = ({ reading, place }: Hit['by'][number]): number =>
  readingWorth(reading) * (placeWorth[place] ?? 0)

/** How many of the words follow each other in the title as they do in what was typed. */
function inARow(title: string, by: Hit['by']): number {
  const words = wordsOf(title)
  const at = by.map(({ reading }) => words.indexOf(reading.word))
  return at.filter((place, i) => i > 0 && place >= 0 && at[i - 1] === place - 1).length
}

/** How well a thing fits what was typed: the words that it has, as they were typed and where they stand, then how often it was recorded. */
export const fitOf = ({ kind, title, jobs, by }: Hit): number =>
  by.reduce((sum, one) => sum + worthOf(one), 0) + 1.5 * inARow(title, by) + kindWorth[kind] + 0.2 * Math.log2(1 + jobs)

/** True when every typed word is there as it was typed, or begun. */
export const isAsTyped = ({ by }: Pick<Hit, 'by'>): boolean => by.every(({ reading }) => reading.how !== 'near')
