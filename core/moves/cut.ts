import type { InferType } from 'yup'
import { count, line, oneOf } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { counted, join, say, sentence } from '../words/phrase.ts'
import { count as pieces, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('cut', {
  consumable: oneOf(['tie', 'tape', 'seal', 'gasket', 'clamp']).required(),
  count: count().required(),
  size: line(),
})
type Cut = InferType<typeof schema>

const what = (m: Cut) =>
  counted(
    m.count,
    join(' ', m.size, { say: m.consumable }),
    join(' ', m.size, { say: m.consumable === 'tape' ? 'strips of tape' : `${m.consumable}s` }),
  )

/** Cuts a tie, peels tape or a seal: what is owed is a new one of its kind. */
export const cut: MoveKind<Cut> = {
  kind: 'cut',
  name: 'Cut',
  item: 'consumable',
  schema,
  fresh: () => ({ consumable: 'tie', count: 1 }),
  fields: () => [
    pieces,
    { path: 'consumable', label: 'what', how: 'choice', options: ['tie', 'tape', 'seal', 'gasket', 'clamp'] },
    { path: 'size', label: 'size', how: 'words' },
    place,
  ],
  grammar: {
    verb: 'cut',
    verbs:
      'cut/cut, snip, chop, nip, slit/slit, slice, sever, clip, tear/tore/torn, break/broke/broken, peel, scrape, remove, shear',
    things: ['tie'],
    also: ['tape', 'seal'],
    measure: 'size',
  },
  opens: m => [owes(m, 'consumable', 'owed', m.count, say`${what(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${what(m)}${at(m)}`,
  down: m =>
    sentence(
      m.consumable === 'tie' || m.consumable === 'clamp'
        ? say`${on(m)}cut ${what(m)}`
        : say`${on(m)}peel off ${what(m)}`,
    ),
  back: m => sentence(say`${on(m)}put on ${counted(m.count, join(' ', say`new`, m.size, { say: m.consumable }))}`),
  notes: m => (m.consumable === 'tie' ? [note(say`Same place, tail cut flush, not into a loom`)] : []),
  tools: m => (m.consumable === 'tie' || m.consumable === 'clamp' ? ['side cutters'] : []),
  cautions: () => [],
}
