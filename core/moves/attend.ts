import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf } from '../schema/atoms.ts'
import { say, sentence } from '../words/phrase.ts'
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
  name: 'Attend',
  item: 'mark',
  schema,
  fresh: () => ({ act: 'inspect', thing: 'this place' }),
  fields: () => [
    { path: 'act', label: 'act', how: 'choice', options: ['measure', 'inspect', 'photograph', 'clean', 'lubricate'] },
    { path: 'thing', label: 'what', how: 'words' },
    { path: 'again', label: 'again going back', how: 'yes' },
  ],
  grammar: {
    verb: 'attend',
    acts: [
      'attend',
      ['measure, measured, meter', { act: 'measure' }],
      ['inspect, inspected, check, checked, look at', { act: 'inspect' }],
      ['photograph, photographed, photo, picture of', { act: 'photograph' }],
      ['clean, cleaned, wipe, wiped', { act: 'clean' }],
      ['lubricate, lubricated, lube, grease up, oil', { act: 'lubricate' }],
    ],
    name: 'thing',
  },
  opens: () => [],
  invert: turned,
  subject: m => m.thing,
  down: m => sentence(say`${{ say: m.act }} ${m.thing}`),
  back: m => sentence(m.again ? say`${{ say: m.act }} ${m.thing} again` : say`${m.thing}: nothing to do`),
  notes: () => [],
  tools: m => (m.act === 'measure' ? ['meter'] : []),
  cautions: () => [],
}
