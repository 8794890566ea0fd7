import { text } from '../words/language.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** Why one step of the return comes before another. */
export const arcReasons = [
  'holds',
  'hides',
  'covers',
  'wall',
  'rides on',
  'passes through',
  'posture',
  'isolation',
  'said',
  'bench',
  'mirror',
] as const
export type ArcReason = (typeof arcReasons)[number]

/** One arc of the precedence of the return: `first` is done before `then`. Steps are named by their ids. */
export interface Arc {
  first: string
  then: string
  reason: ArcReason
  /** What it is about: the part that is held, the zone that is hidden, what was said. */
  about: Phrase
  /** True where it only follows from what is usual: it weighs less than what was named. */
  likely?: true
  /** Id of the constraint, where somebody said it. */
  said?: string
}

/** The name of an arc, by which it is dropped. */
export const arcKey = ({ first, then, reason }: Pick<Arc, 'first' | 'then' | 'reason'>): string =>
  `${first} ${then} ${reason}`

/** Why, in the trade's words; the two steps are named by the caller. */
export function why({ reason, about }: Pick<Arc, 'reason' | 'about'>): Phrase {
  switch (reason) {
    case 'holds':
      return say`it fastens the ${about}, which must be on first`
    case 'hides':
      return say`it lies in the ${about} zone, which is closed after it`
    case 'covers':
      return say`it lies under the ${about} and is out of reach once that is on`
    case 'wall':
      return say`it is out of reach once the machine is back at the wall`
    case 'rides on':
      return say`it belongs to the ${about} and is joined to it on the bench, before that goes on`
    case 'passes through':
      return say`it runs past the ${about} and cannot be laid once that is on`
    case 'posture':
      return say`it is done while the machine is ${about}`
    case 'isolation':
      return about
    case 'said':
      return say`somebody said so: ${about}`
    case 'bench':
      return say`the ${about} goes together on the bench as it came apart`
    case 'mirror':
      return say`too little is known of it, so the order of the descent stands`
  }
}
/** The same in words. */
export const arcWords = (arc: Arc): string => text(why(arc))
