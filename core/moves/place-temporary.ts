import type { InferType } from 'yup'
import { count, line, oneOf } from '../schema.ts'
import { counted, sentence } from '../text/words.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('place-temporary', {
  thing: oneOf(['prop', 'towel', 'tape', 'strap', 'clamp', 'tray', 'block', 'mat']).required(),
  count: count().required(),
  why: line(),
})
type PlaceTemporary = InferType<typeof schema>

const what = (m: PlaceTemporary) => counted(m.count, m.thing, m.thing === 'tape' ? 'strips of tape' : `${m.thing}s`)

/** Puts in what does not belong there: prop, towel, tape, strap; the inverse takes it away. */
export const placeTemporary: MoveKind<PlaceTemporary> = {
  kind: 'place-temporary',
  item: 'temporary',
  schema,
  opens: m => [owes(m, 'temporary', 'placed', m.count, what(m) + at(m))],
  invert: turned,
  subject: m => what(m) + at(m),
  down: m => sentence(`${on(m)}put in ${what(m)}${m.why ? ` ${m.why}` : ''}`),
  back: m => sentence(`${on(m)}take away ${what(m)}`),
  notes: m => (m.count > 1 ? ['Count them out'] : []),
  tools: m => [m.thing],
  cautions: m => (m.thing === 'prop' || m.thing === 'block' ? ['tip'] : []),
}
