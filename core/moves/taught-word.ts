import { moveKinds, type MoveKindName } from './registry.ts'

/** What a word can be taught to mean: a part, how something looks, or what is done. */
export const meanings: readonly ('part' | 'look' | MoveKindName)[] = [
  'part',
  'look',
  ...(Object.keys(moveKinds) as MoveKindName[]),
]
/** One of these meanings. */
export type Meant = (typeof meanings)[number]

/** A word of the shop, and what it means from the moment on that somebody corrected it. Without a meaning it is forgotten again. */
export interface TaughtWord {
  word: string
  means?: Meant | undefined
}
