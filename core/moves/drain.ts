import type { InferType } from 'yup'
import * as yup from 'yup'
import { oneOf } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { join, say, sentence } from '../words/phrase.ts'
import { moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('drain', {
  by: oneOf(['filter', 'plug', 'cap', 'drain tube', 'hose']).required(),
  litres: yup.number().positive('${path} must be more than 0 litres').max(200, '${path} can be 200 litres at most'),
})
type Drain = InferType<typeof schema>

/** Drains the tub by its low opening; the inverse closes that opening. */
export const drain: MoveKind<Drain> = {
  kind: 'drain',
  name: 'Drain',
  item: 'isolation',
  schema,
  fresh: () => ({ by: 'filter' }),
  fields: () => [
    { path: 'by', label: 'by', how: 'choice', options: ['filter', 'plug', 'cap', 'drain tube', 'hose'] },
    { path: 'litres', label: 'litres', how: 'number', unit: 'l' },
  ],
  traits: () => ({ wet: true, drains: true, unseen: true }),
  grammar: {
    verb: 'drain',
    verbs:
      'drain, empty, open, bail, run/ran, let/let, come/came, tip, pour, release, dump, catch/caught, collect, syphon, siphon, suck, undo/undid/undone, unscrew',
    things: ['filter', 'drain'],
    also: ['hose'],
  },
  opens: m => [owes(m, 'isolation', 'open', 1, say`open ${{ say: m.by }}`)],
  invert: turned,
  subject: m => say`open ${{ say: m.by }}`,
  down: m =>
    sentence(say`${on(m)}drain by the ${join(', ', { say: m.by }, m.litres && say`about ${m.litres} litres`)}`),
  back: m => sentence(say`${on(m)}close the ${{ say: m.by }}, seal clean`),
  notes: () => [note(say`Dry round it, then look for drips at the first fill`)],
  tools: () => ['flat tray', 'towel'],
  cautions: () => ['water', 'hot'],
}
