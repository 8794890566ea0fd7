import type { Act } from './items.ts'

/** An act as `dialytica read` prints it: its kind and attributes laid flat, and only what the line says. */
export type FlatItem = { kind: string } & Record<string, unknown>

const hidden = new Set(['countImplied', 'exact', 'nameFrom', 'several', 'labels', 'points', 'washers'])
const uncounted = new Set(['remove-part', 'open-joint', 'replace-part', 'pull-off', 'park-part'])

/** The items of a line, one object an act. */
export function flatten(acts: readonly Act[]): FlatItem[] {
  return acts.flatMap(({ kind, values }): FlatItem[] => {
    const item: FlatItem = { kind }
    for (const [key, value] of Object.entries(values)) if (!hidden.has(key) && value !== undefined) item[key] = value
    if (uncounted.has(kind)) delete item.count
    if (typeof item.look === 'string') item.look = item.look.split(' ')
    if (values.points) item.waypoints = values.points
    const labels = values.labels as string[] | undefined
    if (labels?.length === 1) item.label = labels[0]
    else if (labels) return labels.map(label => ({ ...item, label, count: 1 }))
    return [item]
  })
}
