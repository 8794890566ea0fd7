import { isSame } from '../schema/equal.ts'
import { fieldsOf, leafOf, read, written } from '../moves/fields-of.ts'
import type { ParsedClause } from '../quick-line/clause.ts'
import type { Parsed } from '../quick-line/parse.ts'
import type { Around } from '../moves/around.ts'
import { freshMove, glyphFor, toldAs, type Move } from '../moves/registry.ts'
import { tell, type Captured } from './capture.ts'

const plainPoints = (value: unknown) =>
  Array.isArray(value) && value.every(w => w.by === 'retainer' && w.of === undefined)

/** True when a tapped move can be the one that a clause tells of: same glyph, nothing said that is known otherwise. */
function fits(tapped: Move, clause: ParsedClause, marks: number, around: Around): boolean {
  const said = clause.move!
  if (glyphFor(tapped.kind) !== glyphFor(said.kind)) return false
  if ('count' in said && clause.said.count !== undefined && (said.count ?? 1) < marks) return false
  const fresh = freshMove(tapped.kind, tapped.id, around)
  return Object.entries(clause.said).every(([name, value]) => {
    const leaf = leafOf(tapped.kind, name)
    if (!leaf || name === 'count' || name === 'cell') return true
    const known = read(tapped, leaf)
    const bare = leaf.type === 'waypoints' ? plainPoints(known) : isSame(known, read(fresh, leaf))
    return known === undefined || bare || isSame(known, value)
  })
}

/** A tapped move with what the line says of it; a count never falls below the marks on the photo. */
function told(tapped: Move, clause: ParsedClause, marks: number, around: Around): Move {
  const said = clause.move!
  let move = tapped.kind === said.kind || clause.adds ? tapped : toldAs(tapped, said.kind, around)
  for (const leaf of fieldsOf[move.kind]) {
    const value = clause.said[leaf.name]
    if (value === undefined) continue
    const say = leaf.name === 'count' ? Math.max(marks, Number(value)) : (value ?? undefined)
    move = written(move, leaf, say)
  }
  const opens = 'part' in said ? said.part.opens : undefined
  const note = said.note
  if (opens && 'part' in move && !move.part.opens) move = written(move, leafOf(move.kind, 'opens')!, opens)
  return note && note !== move.note && clause.said.note === undefined ? { ...move, note } : move
}

/**
 * A step in hand with a line taken into it: what the line tells goes to the moves that were tapped, where they fit, and what
 * was not tapped is added. Words without an act become the title of the step; a named zone becomes its zone.
 */
export function absorb(captured: Captured, line: Parsed, around: Around): Captured {
  const open = new Set(captured.step.moves.map(m => m.id))
  let next = captured
  const marksOf = (move: string) => next.step.marks.filter(m => m.move === move).length
  for (const clause of line.clauses) {
    if (!clause.move) continue
    const inHand = next.step.moves.find(m => m.id === next.move)
    const tapped = clause.adds
      ? (inHand ?? next.step.moves.at(-1))
      : next.step.moves.find(m => open.has(m.id) && fits(m, clause, marksOf(m.id), around))
    if (tapped) open.delete(tapped.id)
    next = tell(next, tapped ? told(tapped, clause, marksOf(tapped.id), around) : clause.move)
  }
  const title = [next.step.title, line.words].filter(Boolean).join(' ')
  const step = { ...next.step, ...(title && { title }), ...(line.zone && { zone: line.zone }) }
  return { ...next, step }
}
