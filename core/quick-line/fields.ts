import type * as yup from 'yup'
import { moveKinds, type Move, type MoveKindName } from '../moves/registry.ts'

/** One field of a kind of move: its own name, and where in the move it stands. */
export interface Leaf {
  name: string
  path: readonly string[]
  type: 'string' | 'number' | 'boolean' | 'strings' | 'waypoints'
}

interface Described {
  type: string
  fields?: Record<string, Described>
  innerType?: Described
}

function leaves(description: Described, path: string[] = []): Leaf[] {
  return Object.entries(description.fields ?? {}).flatMap(([name, field]): Leaf[] => {
    const at = [...path, name]
    if (field.type === 'object') return leaves(field, at)
    if (field.type !== 'array') return [{ name, path: at, type: field.type as Leaf['type'] }]
    return [{ name, path: at, type: field.innerType?.type === 'object' ? 'waypoints' : 'strings' }]
  })
}

const fixed = new Set(['id', 'kind', 'way'])
/** The fields of each kind of move, read from its schema; names are unique within a kind. */
export const fieldsOf = Object.fromEntries(
  Object.entries(moveKinds).map(([kind, { schema }]) => [
    kind,
    leaves((schema as yup.AnySchema).describe() as Described).filter(leaf => !fixed.has(leaf.name)),
  ]),
) as Record<MoveKindName, Leaf[]>

/** Every name that a field can have. */
export const fieldNames = new Set(Object.values(fieldsOf).flatMap(all => all.map(leaf => leaf.name)))

export const leafOf = (kind: MoveKindName, name: string): Leaf | undefined =>
  fieldsOf[kind].find(leaf => leaf.name === name)

type Tree = Record<string, unknown>
/** The value of a field of a move; `undefined` when it is not known. */
export const read = (move: Move, leaf: Leaf): unknown =>
  leaf.path.reduce<unknown>((at, key) => (at as Tree | undefined)?.[key], move)

/** The move with a field set; `undefined` makes it unknown. The move itself is not changed. */
export function written(move: Move, leaf: Leaf, value: unknown): Move {
  const put = (tree: Tree, [key, ...rest]: readonly string[]): Tree => {
    const next = { ...tree, [key!]: rest.length ? put((tree[key!] ?? {}) as Tree, rest) : value }
    if (!rest.length && value === undefined) delete next[key!]
    return next
  }
  return put(move as unknown as Tree, leaf.path) as unknown as Move
}
