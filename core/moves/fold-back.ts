import type { InferType } from 'yup'
import { part } from '../items/part.ts'
import { note } from '../words/note.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('fold-back', { part: part.required() })
type FoldBack = InferType<typeof schema>

/** Folds a lip or a mat back, still attached: nothing came off and nothing new is owed, but it is laid again. */
export const foldBack: MoveKind<FoldBack> = {
  kind: 'fold-back',
  name: 'Fold back',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'lip' } }),
  fields: () => [
    {
      path: 'part.name',
      label: 'what',
      how: 'words',
      options: ['lip of the bellows', 'foam', 'sound mat', 'rubber boot', 'flap'],
    },
    place,
  ],
  grammar: {
    verb: 'fold back',
    name: 'name',
    verbs: 'fold, peel, roll, turn, tuck, lay/laid, push, pull, bend/bent, flip, flap, stuff, shove, press, work',
    things: ['soft'],
  },
  opens: m => [owes(m, 'part', 'parked', 1, say`${bare(m.part.name)}, folded back${at(m)}`)],
  invert: turned,
  subject: m => say`${bare(m.part.name)}${at(m)}`,
  thing: m => bare(m.part.name),
  down: m => sentence(say`${on(m)}fold the ${bare(m.part.name)} back`),
  back: m => sentence(say`${on(m)}lay the ${bare(m.part.name)} again`),
  notes: () => [note(say`All round, no fold left in it`)],
  tools: () => [],
  cautions: () => [],
}
