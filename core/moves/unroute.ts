import type { InferType } from 'yup'
import { tellRoute } from '../grammar/waypoints.ts'
import { lineKinds, route, waypointName } from '../items/route.ts'
import { join, list, sentence } from '../text/words.ts'
import { turns } from './checks.ts'
import { note, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('unroute', { route: route.required() })
type Unroute = InferType<typeof schema>

const name = (m: Unroute) => `the ${m.route.type ?? 'line'}`
const path = (m: Unroute) => m.route.waypoints.map(waypointName)

/** Takes a line out of its route; the inverse lays it past the same waypoints the other way round. */
export const unroute: MoveKind<Unroute> = {
  kind: 'unroute',
  name: 'Free',
  item: 'line',
  schema,
  fresh: () => ({ route: { waypoints: [] } }),
  fields: () => [
    { path: 'route.type', label: 'line', how: 'choice', options: lineKinds.filter(k => k !== 'belt') },
    { path: 'route.waypoints', label: 'past', how: 'list' },
    {
      path: 'route.keepClear',
      label: 'clear of',
      how: 'list',
      options: ['pulley', 'belt', 'rotor', 'drum', 'heater', 'sharp edge'],
    },
    { path: 'route.slack', label: 'slack', how: 'words' },
    place,
    note,
  ],
  along: {
    points: m => m.route.waypoints,
    with: (m, waypoints) => ({ ...m, route: { ...m.route, waypoints: [...waypoints] } }),
  },
  lacks: m =>
    m.route.waypoints.length
      ? []
      : [
          {
            field: 'route.waypoints',
            ask: `Where ${(m.route.type ?? 'line') + at(m)} runs`,
            why: 'A line without its points is laid by guess',
            minutes: 10,
          },
        ],
  grammar: {
    verb: 'free line',
    acts: ['free, freed, unroute, unthread, pull out of clips'],
    things: {
      line: [
        ['loom, harness, wiring', { type: 'harness' }],
        ['wire, single wire, lead', { type: 'single wire' }],
        ['ground strap, earth strap, earth wire, ground wire, earth, ground, braid', { type: 'ground strap' }],
        ['pressure tube, air tube, tube', { type: 'pressure tube' }],
        ['cable, cord, mains lead', { type: 'cable' }],
        'line',
      ],
    },
    takes: { line: {} },
    yieldsTo: ['connector', 'clip', 'belt'],
    alsoSaid: true,
    then: tellRoute,
  },
  opens: m => [owes(m, 'line', 'open', Math.max(1, m.route.waypoints.length), `${m.route.type ?? 'line'}${at(m)}`)],
  invert: m => turned({ ...m, route: { ...m.route, waypoints: m.route.waypoints.toReversed() } }),
  subject: m => (m.route.type ?? 'line') + at(m),
  down: m => sentence(`${on(m)}free ${join(': ', name(m), path(m).join(', then '))}`),
  back: m => sentence(`${on(m)}lay ${join(': ', name(m), path(m).join(', then '))}`),
  notes: m => [
    ...(m.route.keepClear?.length ? [`Keep clear of ${list(m.route.keepClear.map(k => `the ${k}`))}`] : []),
    ...(m.route.slack ? [`Slack: ${m.route.slack}`] : []),
    ...(m.route.type === 'ground strap' ? ['Bare metal under the eyelet'] : []),
  ],
  tools: () => [],
  cautions: () => [],
  checks: m => (turns(m.route.keepClear) ? ['spin'] : []),
}
