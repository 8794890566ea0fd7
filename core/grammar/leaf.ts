import type * as yup from 'yup'

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
/** The fields that a line can tell of what has this schema; their names are unique within it. */
export const leavesOf = (schema: yup.Schema): Leaf[] =>
  leaves((schema as yup.AnySchema).describe() as Described).filter(leaf => !fixed.has(leaf.name))

type Tree = Record<string, unknown>
/** The value of a field of a move; `undefined` when it is not known. */
export const read = (move: object, leaf: Leaf): unknown =>
  leaf.path.reduce<unknown>((at, key) => (at as Tree | undefined)?.[key], move)

/** The move with a field set; `undefined` makes it unknown. The move itself is not changed. */
export function written<M extends object>(move: M, leaf: Leaf, value: unknown): M {
  const put = (tree: Tree, [key, ...rest]: readonly string[]): Tree => {
    const next = { ...tree, [key!]: rest.length ? put((tree[key!] ?? {}) as Tree, rest) : value }
    if (!rest.length && value === undefined) delete next[key!]
    return next
  }
  return put(move as unknown as Tree, leaf.path) as unknown as M
}
