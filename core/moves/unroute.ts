import type { InferType } from 'yup'
import { lineKinds, route, waypointName } from '../items/route.ts'
import { note } from '../words/note.ts'
import { bare, join, list, say, sentence } from '../words/phrase.ts'
import { turns } from './checks.ts'
import { note as noteField, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('unroute', { route: route.required() })
type Unroute = InferType<typeof schema>

const line = (m: Unroute) => ({ say: m.route.type ?? 'line' })
const past = (m: Unroute) => join(': ', say`the ${line(m)}`, join(', then ', ...m.route.waypoints.map(waypointName)))

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
    noteField,
  ],
  along: {
    points: m => m.route.waypoints,
    with: (m, waypoints) => ({ ...m, route: { ...m.route, waypoints: [...waypoints] } }),
    back: m => sentence(say`${on(m)}lay the ${line(m)}, point by point`),
  },
  lacks: m =>
    m.route.waypoints.length
      ? []
      : [
          {
            field: 'route.waypoints',
            ask: say`Where ${line(m)}${at(m)} runs`,
            why: say`A line without its points is laid by guess`,
            minutes: 10,
          },
        ],
  grammar: {
    verb: 'free line',
    verbs:
      'free, thread, unthread, feed/fed, fish, route, work, unpick, lead/led, draw/drew/drawn, run/ran, pass, go/goes/went/gone, unwind/unwound, unroute, liberate, release, lift, pull, ease, loose, peel, unweave, slip, tuck, come/came, pluck, trace, unclip',
    things: ['line', 'retainer', 'groove', 'grommet'],
    also: ['clip', 'tie', 'hose', 'tube'],
  },
  opens: m => [owes(m, 'line', 'open', Math.max(1, m.route.waypoints.length), say`${line(m)}${at(m)}`)],
  invert: m => turned({ ...m, route: { ...m.route, waypoints: m.route.waypoints.toReversed() } }),
  subject: m => say`${line(m)}${at(m)}`,
  down: m => sentence(say`${on(m)}free ${past(m)}`),
  back: m => sentence(say`${on(m)}lay ${past(m)}`),
  notes: m => [
    ...(m.route.keepClear?.length
      ? [note(say`Keep clear of ${list(m.route.keepClear.map(k => say`the ${bare(k)}`))}`)]
      : []),
    ...(m.route.slack ? [note(say`Slack: ${m.route.slack}`)] : []),
    ...(m.route.type === 'ground strap' ? [note(say`Bare metal under the eyelet`)] : []),
  ],
  tools: () => [],
  cautions: () => [],
  checks: m => (turns(m.route.keepClear) ? ['spin'] : []),
}
