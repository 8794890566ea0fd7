import { waypointName, type Waypoint } from '@dialytica/core/items'
import { anatomy, type Family } from '@dialytica/core/machine'
import { moveSchema, type Field, type Move } from '@dialytica/core/moves'
import { check } from '@dialytica/core/schema'
import { text } from '@dialytica/core/words'

type Tree = Record<string, unknown>

/** The value at a path of a move. */
export const valueAt = (move: Move, path: string): unknown =>
  path.split('.').reduce<unknown>((at, key) => (at as Tree | undefined)?.[key], move)

/** The move with another value at a path; `undefined` makes it unknown again. */
export function withValue(move: Move, path: string, value: unknown): Move {
  const [key, ...rest] = path.split('.') as [string, ...string[]]
  const tree = move as unknown as Tree
  const inner = rest.length ? withValue((tree[key] ?? {}) as Move, rest.join('.'), value) : value
  const next = { ...tree, [key]: inner }
  if (inner === undefined) delete next[key]
  return next as unknown as Move
}

const driveOf = (size: string): string | undefined =>
  /^T\d/i.test(size)
    ? 'torx'
    : /^PH/i.test(size)
      ? 'phillips'
      : /^PZ/i.test(size)
        ? 'pozidriv'
        : /(mm|in)$/.test(size)
          ? 'hex head'
          : undefined

/** A move told by one field; what follows from the words of the trade is filled in with it. */
export function told(move: Move, field: Field, value: unknown, family: Family): Move {
  let next = withValue(move, field.path, value === '' ? undefined : value)
  if (field.path === 'fastener.size' && typeof value === 'string') {
    const drive = driveOf(value)
    if (drive) next = withValue(next, 'fastener.drive', drive)
  }
  if (field.path === 'part.name') {
    const cover = anatomy[family].covers.find(c => c.name === value)
    if (cover) next = withValue(next, 'part.opens', cover.opens)
  }
  return next
}

/** What is wrong with a move as told, in words; null when nothing is. */
export function wrongWith(move: Move): string | null {
  const checked = check(moveSchema, move)
  return checked.ok ? null : checked.problems.map(p => p.message).join('; ')
}

/** A value as shown on its tile; empty when unknown. */
export function shown(value: unknown, field: Field): string {
  if (value === undefined || value === '') return ''
  if (field.how === 'count') return `×${value as number}`
  if (field.how === 'yes') return value ? 'yes' : 'no'
  if (field.path === 'route.waypoints') {
    const points = value as Waypoint[]
    return points.length > 2 ? `${points.length} points` : points.map(w => text(waypointName(w))).join(', ')
  }
  if (Array.isArray(value)) return value.join(' ')
  const words = String(value as string | number)
  return field.unit ? `${words} ${field.unit}` : words
}
