import { anatomy, type Family } from '../machine/families.ts'
import { fieldsOf, leafOf, read, written } from '../moves/fields-of.ts'
import { freshMove, kindOf, moveSchema, type Move } from '../moves/registry.ts'
import { check } from '../schema/check.ts'
import type { ParsedClause } from './clause.ts'
import type { Known } from './context.ts'
import { moveFrom } from './exact.ts'

/** The move that a clause tells, held against its schema: what does not fit is kept as its note. */
export function moveOf(clause: ParsedClause, { around, id, family }: Known): Move {
  let move = moveFrom(clause.kind!, clause.said, id(), around)
  if (kindOf(move).grammar.opensCovers && typeof clause.said.name === 'string' && !clause.said.opens)
    move = withCover(move, clause, family)
  return fitted(move, clause)
}
/** A part that this family knows as a cover opens its zones; a name that was put in quotes is taken as it is. */
function withCover(move: Move, clause: ParsedClause, family: Family): Move {
  const name = String(clause.said.name).toLowerCase()
  const exact = clause.tokens.some(t => t.role === 'name' && t.text.includes('='))
  const cover = exact ? undefined : anatomy[family].covers.find(c => c.name === name)
  return cover ? written(move, leafOf(move.kind, 'opens')!, [...cover.opens]) : move
}
/** A move whose fields fit its schema: what does not is taken out, its words go to the note. */
export function fitted(move: Move, clause: ParsedClause): Move {
  const checked = check(moveSchema, move)
  if (checked.ok) return move
  const fresh = freshMove(move.kind, move.id, { posture: 'upright', isolated: [] })
  let next = move
  const lost: string[] = []
  for (const leaf of fieldsOf[move.kind]) {
    const path = leaf.path.join('.')
    if (!checked.problems.some(p => p.path === path || p.path.startsWith(`${path}[`))) continue
    next = written(next, leaf, read(fresh, leaf))
    for (const t of clause.tokens)
      if (t.role === leaf.name && t.certainty !== 'text') {
        lost.push(t.text)
        t.role = 'note'
        t.certainty = 'text'
      }
  }
  return noted(next, lost)
}
/** A move with more in its note, as far as that has room. */
export const noted = (move: Move, more: readonly string[]): Move => {
  const note = [move.note, ...more].filter(Boolean).join('; ').slice(0, 500)
  return note ? { ...move, note } : move
}
