import type { InferType } from 'yup'
import { part } from '../items/part.ts'
import { note } from '../words/note.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('exchange', { part: part.required() })
type Exchange = InferType<typeof schema>

/** Takes the old one off and puts the new one on in one go: nothing is owed afterwards. Of two alike, one after the other. */
export const exchange: MoveKind<Exchange> = {
  kind: 'exchange',
  name: 'Exchange',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: () => [
    {
      path: 'part.name',
      label: 'what',
      how: 'words',
      options: ['brush', 'left brush', 'right brush', 'valve', 'sensor'],
    },
    {
      path: 'part.orientation',
      label: 'faced',
      how: 'words',
      options: ['slope to the left', 'slope to the right', 'arrow up', 'label outwards'],
    },
    place,
  ],
  grammar: {
    verb: 'exchange',
    name: 'name',
    verbs: 'exchange, swap, change',
  },
  opens: () => [],
  invert: turned,
  traits: m => ({ renews: m.part.name }),
  subject: m => say`${bare(m.part.name)}${at(m)}`,
  thing: m => bare(m.part.name),
  down: m => sentence(say`${on(m)}exchange the ${bare(m.part.name)}: old off, new on`),
  back: m => sentence(say`${on(m)}the ${bare(m.part.name)} is exchanged: nothing to do`),
  notes: m => (m.part.orientation ? [note(say`Faces as the old one did: ${m.part.orientation}`)] : []),
  tools: () => [],
  cautions: () => [],
}
