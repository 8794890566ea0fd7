import type { InferType } from 'yup'
import { connector, connectorName, isSingle, sittings } from '../items/connector.ts'
import { count } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { say, sentence, type Phrase } from '../words/phrase.ts'
import { note as noteField, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('unplug', {
  connector: connector.required(),
  /** How many came off, where they are not told apart. One where nothing is said. */
  count: count(),
})
type Unplug = InferType<typeof schema>

const many = ({ count: n, connector: c }: Unplug): Phrase =>
  n && n > 1 ? say`${n} × ${connectorName(c)}` : connectorName(c)

/** True when it is the plug at the wall: power, not a connector of the machine. */
const isAtTheWall = ({ connector: { label = '', housing = '' }, place = '' }: Unplug): boolean =>
  [place, label].some(said =>
    /^(at |from |in |out of )?(the )?(wall|wall socket|wall outlet|outlet)$/i.test(said.trim()),
  ) || /^(mains|wall|power)( plug)?$/i.test(housing || label)

/** Unplugs one connector, locks first; the inverse plugs, seats, locks and tugs. */
export const unplug: MoveKind<Unplug> = {
  kind: 'unplug',
  name: 'Unplug',
  item: 'connector',
  schema,
  fresh: () => ({ connector: {} }),
  fields: () => [
    { path: 'connector.type', label: 'is a', how: 'choice', options: ['plug', 'spade', 'ring'] },
    { path: 'connector.label', label: 'label', how: 'words', options: ['P1', 'P2', 'P3', 'P4'] },
    { path: 'connector.housing', label: 'housing', how: 'words', options: ['white', 'black', 'blue', 'red'] },
    { path: 'connector.ways', label: 'ways', how: 'number' },
    {
      path: 'connector.wires',
      label: 'wires',
      how: 'list',
      options: ['red', 'blue', 'green', 'brown', 'black', 'white', 'grey', 'yellow'],
    },
    { path: 'connector.lock', label: 'lock', how: 'choice', options: ['tab', 'secondary slider', 'none'] },
    { path: 'connector.sits', label: 'sits', how: 'choice', options: sittings },
    { path: 'connector.terminal', label: 'terminal', how: 'words' },
    { path: 'count', label: 'counted', how: 'count' },
    place,
    noteField,
  ],
  traits: m => (isAtTheWall(m) ? { isolates: 'power', restores: 'power', unseen: true } : {}),
  lacks: m =>
    isSingle(m.connector) && !m.connector.sits && !m.connector.terminal
      ? [
          {
            field: 'connector.sits',
            ask: say`Where the ${connectorName(m.connector)}${at(m)} sits`,
            why: say`A terminal without a housing fits on every tongue near it`,
            minutes: 4,
          },
        ]
      : [],
  grammar: {
    verb: 'unplug',
    verbs:
      'unplug, disconnect, unseat, part, pull, uncouple, plug, disco, squeeze, slide/slid, pop, unclip, separate, remove, slip, release, detach',
    things: ['plug', 'spade'],
    also: ['line', 'capacitor'],
  },
  opens: m => [owes(m, 'connector', 'open', m.count ?? 1, say`${many(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${many(m)}${at(m)}`,
  thing: m => connectorName(m.connector),
  down: m =>
    sentence(
      isSingle(m.connector)
        ? say`${on(m)}pull off ${many(m)}`
        : m.connector.lock === 'secondary slider'
          ? say`${on(m)}slide the second lock, then unplug ${many(m)}`
          : m.connector.lock === 'tab'
            ? say`${on(m)}press the tab and unplug ${many(m)}`
            : say`${on(m)}unplug ${many(m)}`,
    ),
  back: m =>
    sentence(
      m.connector.type === 'ring'
        ? say`${on(m)}put on ${many(m)}, then its screw`
        : say`${on(m)}push home ${many(m)}, until ${m.count && m.count > 1 ? say`each seats` : say`it seats`}`,
    ),
  notes: m =>
    [
      m.connector.lock === 'secondary slider' ? [say`Slide the second lock home`] : [],
      m.connector.lock === 'tab' ? [say`Hear the tab click`] : [],
      [isSingle(m.connector) ? say`Tug the terminal, not the wire` : say`Tug the housing, not the wires`],
      m.connector.wires?.length && !isSingle(m.connector) ? [say`Wires in order: ${m.connector.wires.join(', ')}`] : [],
    ]
      .flat()
      .map(says => note(says)),
  tools: () => [],
  cautions: () => [],
  checks: m =>
    m.connector.lock === 'secondary slider'
      ? ['slide', 'tug']
      : m.connector.lock === 'tab'
        ? ['click', 'tug']
        : ['tug'],
}
