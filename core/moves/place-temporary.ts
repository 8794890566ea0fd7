import type { InferType } from 'yup'
import { count, line, oneOf } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { counted, say, sentence } from '../words/phrase.ts'
import { count as pieces, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('place-temporary', {
  thing: oneOf(['prop', 'towel', 'tape', 'strap', 'clamp', 'tray', 'block', 'mat']).required(),
  count: count().required(),
  why: line(),
})
type PlaceTemporary = InferType<typeof schema>

/** What keeps something in its place when the machine is turned, and what falls. */
const holding = new Set<string>(['tape', 'strap'])
const falling = new Set<string>(['prop', 'block', 'tray', 'clamp'])

const what = (m: PlaceTemporary) =>
  counted(m.count, { say: m.thing }, { say: m.thing === 'tape' ? 'strips of tape' : `${m.thing}s` })

/** Puts in what does not belong there: prop, towel, tape, strap; the inverse takes it away. */
export const placeTemporary: MoveKind<PlaceTemporary> = {
  kind: 'place-temporary',
  name: 'Put in',
  item: 'temporary',
  schema,
  fresh: () => ({ thing: 'towel', count: 1 }),
  fields: () => [
    pieces,
    {
      path: 'thing',
      label: 'what',
      how: 'choice',
      options: ['prop', 'towel', 'tape', 'strap', 'clamp', 'tray', 'block', 'mat'],
    },
    { path: 'why', label: 'why', how: 'words', options: ['under the tub', 'round the hose', 'holds the panel'] },
    place,
  ],
  traits: m => ({
    temporary: true,
    ...(holding.has(m.thing) && { whenTurned: 'holds' }),
    ...(falling.has(m.thing) && { whenTurned: 'falls' }),
  }),
  grammar: {
    verb: 'put in',
    verbs:
      'put/put, place, set/set, prop, chock, stuff, stick/stuck, wedge, lay/laid, slip, slide/slid, tape, strap, tie, bungee, support, jack, stand/stood, rest, shove, pop, ram, lash, pack, shim, clamp, secure, catch/caught, spread/spread, chuck, bung, hold/held, block, get/got, have, jam, plug, seal, wrap, cover, hang/hung, raise, tuck, insert, add',
    things: ['tape', 'temporary'],
    also: ['clamp'],
  },
  opens: m => [owes(m, 'temporary', 'placed', m.count, say`${what(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${what(m)}${at(m)}`,
  down: m => sentence(say`${on(m)}put in ${what(m)}${m.why ? ` ${m.why}` : ''}`),
  back: m => sentence(say`${on(m)}take away ${what(m)}`),
  notes: m => (m.count > 1 ? [note(say`Count them out`)] : []),
  tools: m => [m.thing],
  cautions: m => (m.thing === 'prop' || m.thing === 'block' ? ['tip'] : []),
}
