import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf } from '../schema.ts'
import { sentence } from '../text/words.ts'
import { moveShape, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('attend', {
  act: oneOf(['measure', 'inspect', 'photograph', 'clean', 'lubricate']).required(),
  thing: line().required('say what it is done to'),
  /** True when the return must do it again. */
  again: yup.boolean(),
})
type Attend = InferType<typeof schema>

/** Measures, inspects, photographs, cleans or lubricates: owes nothing, repeated only if asked. */
export const attend: MoveKind<Attend> = {
  kind: 'attend',
  item: 'mark',
  schema,
  opens: () => [],
  invert: turned,
  subject: m => m.thing,
  down: m => sentence(`${m.act} ${m.thing}`),
  back: m => sentence(m.again ? `${m.act} ${m.thing} again` : `${m.thing}: nothing to do`),
  notes: () => [],
  tools: m => (m.act === 'measure' ? ['meter'] : []),
  cautions: () => [],
}
