import type { InferType } from 'yup'
import * as yup from 'yup'
import { glyphs, type Glyph } from '../items/kinds.ts'
import type { Waypoint } from '../items/route.ts'
import type { Around } from './around.ts'
import { moveKinds } from './kinds.ts'
import type { MoveKind } from './move-kind.ts'
import type { Phrase } from '../words/phrase.ts'
import type { Traits } from './traits.ts'

export { moveKinds } from './kinds.ts'

/** The name of a kind of move. */
export type MoveKindName = keyof typeof moveKinds
const kindNames = Object.keys(moveKinds) as MoveKindName[]
/** One change to the machine, of any kind, down as recorded or back as its inverse. */
export type Move = { [K in MoveKindName]: InferType<(typeof moveKinds)[K]['schema']> }[MoveKindName]
/** A move of one kind. */
export type MoveOf<K extends MoveKindName> = InferType<(typeof moveKinds)[K]['schema']>

/** The kind of a move. */
export const kindOf = (move: Move): MoveKind<Move> => moveKinds[move.kind] as unknown as MoveKind<Move>

/** The schema of any move: that of its kind; an unknown kind is an error that lists the known ones. */
export const moveSchema = yup.lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | undefined)?.kind as MoveKindName
  if (typeof kind === 'string' && Object.hasOwn(moveKinds, kind))
    return moveKinds[kind].schema as unknown as yup.Schema<Move>
  return yup
    .mixed<Move>()
    .test('kind', `\${path}.kind must be one of ${Object.keys(moveKinds).join(', ')}`, () => false)
})

/** The kinds of move that one glyph can mean, in the order of their list; the first is what a tap means until told otherwise. */
export const variantsOf = Object.fromEntries(
  glyphs.map(glyph => [glyph, kindNames.filter(kind => moveKinds[kind].item === glyph)]),
) as unknown as Record<Glyph, readonly MoveKindName[]>

/** The glyph under which a kind of move is recorded. */
export const glyphFor = (kind: MoveKindName): Glyph => moveKinds[kind].item

/** A new move of a kind, on its way down, with the least that makes it complete. */
export const freshMove = (kind: MoveKindName, id: string, around: Around): Move =>
  ({ id, kind, way: 'down', ...moveKinds[kind].fresh(around) }) as Move

const always = ['place', 'note', 'condition', 'cell']
/** The same act told as another kind of its glyph: what both know is carried over. */
export function toldAs(move: Move, kind: MoveKindName, around: Around): Move {
  const fresh = freshMove(kind, move.id, around)
  const kept = Object.fromEntries(Object.entries(move).filter(([key]) => key in fresh || always.includes(key)))
  return { ...fresh, ...kept, kind } as Move
}

/** What a move does to the machine. */
export const traitsOf = (move: Move): Traits => kindOf(move).traits?.(move) ?? {}

/** The points that a move goes along; none where it is no line. */
export const pointsOf = (move: Move | undefined): readonly Waypoint[] | undefined =>
  move && kindOf(move).along?.points(move)
/** The act on the way back of a line whose points are told one by one. */
export const pointByPoint = (move: Move): Phrase | undefined => kindOf(move).along?.back(move)
/** The same line along other points. */
export const alongPoints = (move: Move, points: readonly Waypoint[]): Move =>
  kindOf(move).along?.with(move, points) ?? move
