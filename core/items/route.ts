import type { InferType } from 'yup'
import { limits } from '../schema/limits.ts'
import { line, listOf, oneOf, shape } from '../schema/atoms.ts'
import { bare, type Phrase, say } from '../words/phrase.ts'

export const lineKinds = ['harness', 'single wire', 'ground strap', 'hose', 'pressure tube', 'cable', 'belt'] as const
/** The ways in which a line passes a waypoint. */
export const passings = ['retainer', 'tie', 'groove', 'grommet', 'over', 'under', 'behind', 'through'] as const

/** How a line passes a waypoint. */
export type Passing = (typeof passings)[number]

export const waypoint = shape({ by: oneOf(passings).required(), of: line() })
/** One point of the way that a line takes: how it passes there, and what. */
export type Waypoint = InferType<typeof waypoint>

/** A line and the named points it passes, in the order in which it is freed. */
export const route = shape({
  type: oneOf(lineKinds),
  waypoints: listOf(waypoint.required(), limits.waypoints).required(),
  slack: line(),
  keepClear: listOf(line().required(), limits.waypoints),
})
export type Route = InferType<typeof route>

const at = {
  retainer: say`in the retainer`,
  tie: say`in the tie`,
  groove: say`in the groove`,
  grommet: say`through the grommet`,
}
const past = { over: say`over`, under: say`under`, behind: say`behind`, through: say`through` }

/** `behind the spring`, `in the retainer at the tub rim`. */
export function waypointName({ by, of }: Waypoint): Phrase {
  if (by in past)
    return of ? say`${past[by as keyof typeof past]} the ${bare(of)}` : say`${past[by as keyof typeof past]} it`
  const where = at[by as keyof typeof at]
  return of ? say`${where} at the ${bare(of)}` : where
}
