import type { InferType } from 'yup'
import { count, line, oneOf } from '../schema.ts'
import { counted, join, sentence } from '../text/words.ts'
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
    join(' ', m.size, m.consumable),
    join(' ', m.size, m.consumable === 'tape' ? 'strips of tape' : `${m.consumable}s`),
  )

/** Cuts a tie, peels tape or a seal: what is owed is a new one of its kind. */
export const cut: MoveKind<Cut> = {
  kind: 'cut',
  item: 'consumable',
  schema,
  opens: m => [owes(m, 'consumable', 'owed', m.count, what(m) + at(m))],
  invert: turned,
  subject: m => what(m) + at(m),
  down: m => sentence(`${on(m)}${m.consumable === 'tie' || m.consumable === 'clamp' ? 'cut' : 'peel off'} ${what(m)}`),
  back: m => sentence(`${on(m)}put on ${counted(m.count, join(' ', 'new', m.size, m.consumable))}`),
  notes: m => (m.consumable === 'tie' ? ['Same place, tail cut flush, not into a loom'] : []),
  tools: m => (m.consumable === 'tie' || m.consumable === 'clamp' ? ['side cutters'] : []),
  cautions: () => [],
}
