import type { InferType } from 'yup'
import { part } from '../items/part.ts'
import { line } from '../schema/atoms.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { note, ofPart } from './field.ts'
import { moveShape, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('adapt', {
  part: part.required(),
  /** What is done to make it fit: `skim the brush until it slides`. */
  work: line().required('say what is done to make it fit'),
})
type Adapt = InferType<typeof schema>

/** A new part does not go on as it comes: something is done to it, or to what it meets, and owed until it is. */
export const adapt: MoveKind<Adapt> = {
  kind: 'adapt',
  name: 'Make fit',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' }, work: 'make it fit' }),
  fields: where => [...ofPart(where).slice(0, 1), { path: 'work', label: 'by', how: 'words' }, note],
  grammar: { verb: 'adapt', name: 'name', verbs: 'adapt' },
  opens: m => [owes(m, 'part', 'unfit', 1, say`new ${bare(m.part.name)}: ${m.work}`)],
  invert: turned,
  subject: m => say`new ${bare(m.part.name)}: ${m.work}`,
  thing: m => say`new ${bare(m.part.name)}`,
  down: m => sentence(say`the new ${bare(m.part.name)} does not go on as it comes: ${m.work}`),
  back: m => sentence(say`new ${bare(m.part.name)}: ${m.work}`),
  notes: () => [],
  tools: () => [],
  cautions: () => [],
}
