import type { InferType } from 'yup'
import { route, waypointName } from '../items/route.ts'
import { join, list, sentence } from '../text/words.ts'
import { turns } from './checks.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('unroute', { route: route.required() })
type Unroute = InferType<typeof schema>

const name = (m: Unroute) => `the ${m.route.type ?? 'line'}`
const path = (m: Unroute) => m.route.waypoints.map(waypointName)

/** Takes a line out of its route; the inverse lays it past the same waypoints the other way round. */
export const unroute: MoveKind<Unroute> = {
  kind: 'unroute',
  item: 'line',
  schema,
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
