import type { InferType } from 'yup'
import { connector, connectorName } from '../items/connector.ts'
import { join, sentence } from '../text/words.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('unplug', { connector: connector.required() })
type Unplug = InferType<typeof schema>

/** Unplugs one connector, locks first; the inverse plugs, seats, locks and tugs. */
export const unplug: MoveKind<Unplug> = {
  kind: 'unplug',
  item: 'connector',
  schema,
  opens: m => [owes(m, 'connector', 'open', 1, connectorName(m.connector) + at(m))],
  invert: turned,
  subject: m => connectorName(m.connector) + at(m),
  down: m =>
    sentence(
      `${on(m)}${m.connector.lock === 'secondary slider' ? 'slide the second lock, then ' : m.connector.lock === 'tab' ? 'press the tab and ' : ''}unplug ${connectorName(m.connector)}`,
    ),
  back: m => sentence(`${on(m)}plug ${connectorName(m.connector)} until it seats`),
  notes: m =>
    [
      m.connector.lock === 'secondary slider'
        ? 'Slide the second lock home'
        : m.connector.lock === 'tab'
          ? 'Hear the tab click'
          : '',
      'Tug the housing, not the wires',
      join(': ', m.connector.wires?.length && 'Wires in order', m.connector.wires?.join(', ')),
    ].filter(Boolean),
  tools: () => [],
  cautions: () => [],
  checks: m =>
    m.connector.lock === 'secondary slider'
      ? ['slide', 'tug']
      : m.connector.lock === 'tab'
        ? ['click', 'tug']
        : ['tug'],
}
