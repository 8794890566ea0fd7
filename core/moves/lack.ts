import { anatomy, type Family } from '../machine/families.ts'
import type { Part } from '../items/part.ts'
import { bare, type Phrase, say } from '../words/phrase.ts'

/** What a move by itself lacks that would help the return. */
export interface Lack {
  /** Path of the field in the move, like `connector.wires`. */
  field: string
  /** What to record, in few words. */
  ask: Phrase
  /** What it would save in the return. */
  why: Phrase
  /** Minutes that the return is likely to lose without it: our own estimate, for the order of the list only. */
  minutes: number
}

/** What a part that came off lacks: a name, and which way it faces where that is not plain. */
export function ofPart(part: Part, family: Family): Lack[] {
  const isCover = anatomy[family].covers.some(c => c.name === part.name)
  const lacks: Lack[] = []
  if (part.name === 'part')
    lacks.push({
      field: 'part.name',
      ask: say`Name of the part`,
      why: say`A part without a name is no help on the way back`,
      minutes: 3,
    })
  if (!part.orientation && !isCover)
    lacks.push({
      field: 'part.orientation',
      ask: say`Which way the ${bare(part.name)} faces`,
      why: say`It goes in more than one way`,
      minutes: 3,
    })
  return lacks
}
