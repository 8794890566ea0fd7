import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf } from '../schema/atoms.ts'
import { say, sentence } from '../words/phrase.ts'
import { moveShape, turned, type MoveKind } from './move-kind.ts'

/** What is done to a thing without taking anything off. The last three have no counterpart on the way back, ever. */
export const attentions = [
  'measure',
  'inspect',
  'photograph',
  'clean',
  'lubricate',
  'knock loose',
  'turn by hand',
  'clear the alarm of',
] as const

const schema = moveShape('attend', {
  act: oneOf(attentions).required(),
  thing: line().required('say what it is done to'),
  /** True when the return must do it again. */
  again: yup.boolean(),
})
type Attend = InferType<typeof schema>

/** Measures, inspects, cleans, knocks loose, turns by hand and the like: owes nothing, repeated only if asked. */
export const attend: MoveKind<Attend> = {
  kind: 'attend',
  name: 'Attend',
  item: 'mark',
  schema,
  fresh: () => ({ act: 'inspect', thing: 'this place' }),
  fields: () => [
    { path: 'act', label: 'act', how: 'choice', options: attentions },
    { path: 'thing', label: 'what', how: 'words' },
    { path: 'again', label: 'again going back', how: 'yes' },
  ],
  grammar: {
    verb: 'attend',
    name: 'thing',
    verbs:
      'measure, test, inspect, check, clean, photograph, wipe, grease, lubricate, look, count, read, meter, snap, spray, oil, brush, rinse, lube, examine, verify, film',
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
