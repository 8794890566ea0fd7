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
  item: 'isolation',
  schema,
  opens: m => [owes(m, 'isolation', 'open', 1, `open ${m.by}`)],
  invert: turned,
  subject: m => `open ${m.by}`,
  down: m => sentence(`${on(m)}drain by the ${join(', ', m.by, m.litres && `about ${m.litres} litres`)}`),
  back: m => sentence(`${on(m)}close the ${m.by}, seal clean`),
  notes: () => ['Dry round it, then look for drips at the first fill'],
  tools: () => ['flat tray', 'towel'],
  cautions: () => ['water', 'hot'],
}
