import type { InferType } from 'yup'
import { part } from '../items/part.ts'
import { note } from '../words/note.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('fit-new', { part: part.required() })
type FitNew = InferType<typeof schema>

/** Fits something new on the way down, before the old one goes: it owes nothing; what it is tied and clipped with is said for itself. */
export const fitNew: MoveKind<FitNew> = {
  kind: 'fit-new',
  name: 'Fit new',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: () => [
    { path: 'part.name', label: 'what', how: 'words', options: ['loom', 'hose', 'cable', 'tie', 'strap'] },
    { path: 'part.lies', label: 'lies', how: 'words', options: ['along the old one', 'in its retainers'] },
    place,
  ],
  grammar: {
    verb: 'fit new',
    name: 'name',
    verbs: 'fit, install, put/put, tie, mount, lay/laid, slip, secure, add, attach, tap, press',
  },
  opens: () => [],
  invert: turned,
  traits: m => ({ renews: m.part.name }),
  subject: m => say`new ${bare(m.part.name)}${at(m)}`,
  thing: m => say`new ${bare(m.part.name)}`,
  down: m =>
    sentence(
      m.part.lies
        ? say`${on(m)}fit the new ${bare(m.part.name)}, ${m.part.lies}`
        : say`${on(m)}fit the new ${bare(m.part.name)}`,
    ),
  back: m => sentence(say`${on(m)}the new ${bare(m.part.name)} is on: nothing to do`),
  notes: () => [note(say`Its ties and clips are owed for themselves`)],
  tools: () => [],
  cautions: () => [],
}
