import { leavesOf, type Leaf } from '../grammar/leaf.ts'
import { moveKinds, type MoveKindName } from './registry.ts'

export { read, written, type Leaf } from '../grammar/leaf.ts'

/** The fields of each kind of move, read from its schema. */
export const fieldsOf = Object.fromEntries(
  Object.entries(moveKinds).map(([kind, { schema }]) => [kind, leavesOf(schema)]),
) as Record<MoveKindName, Leaf[]>

/** Every name that a field can have. */
export const fieldNames = new Set(Object.values(fieldsOf).flatMap(all => all.map(leaf => leaf.name)))

export const leafOf = (kind: MoveKindName, name: string): Leaf | undefined =>
  fieldsOf[kind].find(leaf => leaf.name === name)
