import type { HeardAct } from '../hearing/hear.ts'
import type { Waypoint } from '../items/route.ts'
import { leafOf } from '../moves/fields-of.ts'
import type { MoveKindName } from '../moves/registry.ts'
import { putField } from './exact.ts'

/** Spanner sizes say their drive: only a hexagon is so many millimetres or so much of an inch wide. */
const isSpanner = (size: unknown): boolean => /^[\d.]+ mm$|^[\d/-]+ in$/.test(String(size))

/** What was heard of an act, by the names of the fields of its kind; one record for each move that it is. */
export function saidOf({ kind, values }: HeardAct): Record<string, unknown>[] {
  const said: Record<string, unknown> = {}
  for (const [name, value] of Object.entries(values))
    if (value !== undefined && leafOf(kind as MoveKindName, name)) said[name] = value
  // One where nothing counts is what a fresh move has anyway: it is not said.
  if (values.countImplied) delete said.count
  if (kind === 'unplug') {
    if (values.terminal === 'spade' || values.terminal === 'ring') {
      said.type = values.terminal
      delete said.terminal
    }
    if (said.count === 1) delete said.count
  }
  if (kind === 'remove-part' && typeof values.several === 'number' && values.several > 1) said.count = values.several
  if ((kind === 'remove-fasteners' || kind === 'slacken') && said.drive === undefined && isSpanner(said.size))
    said.drive = 'hex head'
  if (said.drive === 'nut') said.head ??= 'nut'
  if (Array.isArray(said.look)) said.look = said.look.join(' ')
  const points = values.points as { by: Waypoint['by']; of?: string; count?: number }[] | undefined
  if (points)
    said.waypoints = points.flatMap(({ by, of, count = 1 }) =>
      Array.from({ length: Math.min(20, Math.max(1, count)) }, () => ({ by, ...(of !== undefined && { of }) })),
    )
  for (const { field, value } of (values.exact as { field: string; value: string }[] | undefined) ?? []) {
    const leaf = leafOf(kind as MoveKindName, field)
    if (leaf) putField(said, leaf, value, true)
  }
  const labels = values.labels as string[] | undefined
  if (!labels?.length) return [said]
  if (labels.length === 1) return [{ ...said, label: labels[0] }]
  return labels.map(label => {
    const rest: Record<string, unknown> = { ...said, label }
    delete rest.count
    return rest
  })
}
