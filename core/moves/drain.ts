import type { InferType } from 'yup'
import * as yup from 'yup'
import { oneOf } from '../schema.ts'
import { join, sentence } from '../text/words.ts'
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
  traits: () => ({ wet: true, unseen: true }),
  grammar: {
    verb: 'drain',
    acts: ['drain, drained, empty'],
    figure: ({ as, n }) => (as === 'number' ? { sets: { litres: n }, certainty: 'guess' } : undefined),
  },
  opens: m => [owes(m, 'isolation', 'open', 1, `open ${m.by}`)],
  invert: turned,
  subject: m => `open ${m.by}`,
  down: m => sentence(`${on(m)}drain by the ${join(', ', m.by, m.litres && `about ${m.litres} litres`)}`),
  back: m => sentence(`${on(m)}close the ${m.by}, seal clean`),
  notes: () => ['Dry round it, then look for drips at the first fill'],
  tools: () => ['flat tray', 'towel'],
  cautions: () => ['water', 'hot'],
}
