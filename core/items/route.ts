import type { InferType } from 'yup'
import { limits } from '../limits.ts'
import { line, listOf, oneOf, shape } from '../schema.ts'

export const lineKinds = ['harness', 'single wire', 'ground strap', 'hose', 'pressure tube', 'cable', 'belt'] as const
export const passings = ['retainer', 'tie', 'groove', 'grommet', 'over', 'under', 'behind', 'through'] as const

export type Passing = (typeof passings)[number]

export const waypoint = shape({ by: oneOf(passings).required(), of: line() })
export type Waypoint = InferType<typeof waypoint>

/** A line and the named points it passes, in the order in which it is freed. */
export const route = shape({
  type: oneOf(lineKinds),
  waypoints: listOf(waypoint.required(), limits.waypoints).required(),
  slack: line(),
  keepClear: listOf(line().required(), limits.waypoints),
})
export type Route = InferType<typeof route>

const verb: Record<Passing, string> = {
  retainer: 'in the retainer',
  tie: 'in the tie',
  groove: 'in the groove',
  grommet: 'through the grommet',
  over: 'over',
  under: 'under',
  behind: 'behind',
  through: 'through',
}
const bare = new Set<string>(['over', 'under', 'behind', 'through'])

/** `behind the spring`, `in the retainer at the tub rim`. */
export function waypointName(w: Waypoint): string {
  if (!w.of) return bare.has(w.by) ? `${verb[w.by]} it` : verb[w.by]
  return bare.has(w.by) ? `${verb[w.by]} the ${w.of}` : `${verb[w.by]} at the ${w.of}`
}
