import { check } from '../schema/check.ts'
import { anatomy, type Family } from '../machine/families.ts'
import type { Around } from '../moves/around.ts'
import { freshMove, kindOf, moveSchema, traitsOf, type Move } from '../moves/registry.ts'
import { assemble } from './assemble.ts'
import { decide, isBareThing, lists, opens } from './decide.ts'
import type { Said } from '../grammar/fact.ts'
import { fieldsOf, leafOf, read, written } from './fields.ts'
import { scan } from './scan.ts'
import { isSign as isSignOf } from '../grammar/telling.ts'
import type { Token } from '../grammar/token.ts'
import type { Clause } from './clause.ts'

/** What is known where a line is written: it fills in what was left out and gives `same again` its meaning. */
export interface LineContext {
  family: Family
  around: Around
  /** The move in hand: words that name no act of their own tell of it. */
  inHand?: Move | undefined
  /** The move recorded last: what `same again` repeats, and the cell that a bare `@` means. */
  last?: Move | undefined
  /** Makes the id of each new move. */
  id: () => string
}

/** One act of the line with its move; `adds` when it tells of the move in hand instead of a new one. */
export interface ParsedClause extends Clause {
  move: Move | null
  adds: boolean
}

/** What a line of text was read as: its moves, its zone, and the words that are neither. */
export interface Parsed {
  text: string
  clauses: ParsedClause[]
  moves: Move[]
  /** The zone that the line names: what follows in it lies there. */
  zone?: string | undefined
  /** Words that belong to no act, as written. */
  words: string
}

const isSeparator = (s: Said) => s.fact.as === 'comma' || s.fact.as === 'and'

/** Stretches of the line, one for each act: always apart at `;`, and at a comma or `and` where both sides are acts. */
function stretches(said: readonly Said[]): Said[][] {
  const found: Said[][] = []
  let current: Said[] = []
  let segment: Said[] = []
  const close = () => {
    if (current.length) found.push(current)
    current = []
  }
  const join = (separator?: Said) => {
    const goesOn = lists(current) && isBareThing(segment)
    if (current.length && !goesOn && opens(segment) && decide(current) !== null && isAct(segment)) close()
    current.push(...segment, ...(separator ? [separator] : []))
    segment = []
  }
  for (const s of said) {
    if (s.fact.as === 'end') {
      join()
      current.push(s)
      close()
    } else if (isSeparator(s)) join(s)
    else segment.push(s)
  }
  join()
  close()
  return found
}

const isAct = (said: readonly Said[]) => decide(said) !== null || said.some(s => s.fact.as === 'same')

const token = (
  text: string,
  s: { start: number; end: number },
  role: string,
  certainty: Token['certainty'],
): Token => ({
  start: s.start,
  end: s.end,
  text: text.slice(s.start, s.end),
  role,
  certainty,
})

/** `rear:` or `zone rear` at the start of a line: where it all happens. */
function zoneAt(said: readonly Said[], text: string, family: Family): { zone: string; taken: number } | null {
  const colon = said.findIndex(s => s.fact.as === 'colon')
  const zones = anatomy[family].zones
  const zoneOf = (from: number, to: number) => {
    if (to < from) return undefined
    const words = text.slice(said[from]!.start, said[to]!.end).toLowerCase()
    return zones.find(z => z.id === words || z.name === words)?.id
  }
  const wordAt = (i: number) => said[i] && text.slice(said[i].start, said[i].end).toLowerCase()
  if (wordAt(0) === 'zone') {
    for (const last of [3, 2, 1]) {
      const zone = said[last] && zoneOf(1, last)
      if (zone) return { zone, taken: last + 1 + (said[last + 1]?.fact.as === 'colon' ? 1 : 0) }
    }
    return null
  }
  let from = 0
  while (said[from]?.fact.as === 'filler') from += 1
  const zone = colon > 0 ? zoneOf(from, colon - 1) : undefined
  return zone ? { zone, taken: colon + 1 } : null
}

/** The move that a clause tells, held against its schema: what does not fit is kept as its note. */
function moveOf(clause: Clause, { around, id, family }: LineContext): Move {
  const kind = clause.kind!
  let move = freshMove(kind, id(), around)
  for (const leaf of fieldsOf[kind]) {
    const value = clause.said[leaf.name]
    if (value !== undefined) move = written(move, leaf, value ?? undefined)
  }
  if (kindOf(move).grammar.opensCovers && typeof clause.said.name === 'string' && !clause.said.opens)
    move = withCover(move, clause, family)
  return fitted(move, clause)
}

/** A part that this family knows as a cover opens its zones; a name that was put in quotes is taken as it is. */
function withCover(move: Move, clause: Clause, family: Family): Move {
  const name = String(clause.said.name).toLowerCase()
  const exact = clause.tokens.some(t => t.role === 'name' && t.text.includes('='))
  const cover = exact ? undefined : anatomy[family].covers.find(c => c.name === name)
  return cover ? written(move, leafOf(move.kind, 'opens')!, [...cover.opens]) : move
}

function fitted(move: Move, clause: Clause): Move {
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
  const note = [next.note, ...lost].filter(Boolean).join(' ')
  return note ? { ...next, note } : next
}

/** `same again, bottom edge`: the move before, with what is said beside it. */
function again(said: readonly Said[], text: string, before: Move, context: LineContext): ParsedClause {
  const clause = assemble(text, said, before.kind, true)
  let move: Move = { ...before, id: context.id() }
  for (const leaf of fieldsOf[before.kind]) {
    const value = clause.said[leaf.name]
    if (value !== undefined) move = written(move, leaf, value ?? undefined)
    else if (leaf.name === 'place' || leaf.name === 'note' || leaf.name === 'condition')
      move = written(move, leaf, undefined)
  }
  return { ...clause, move: fitted(move, clause), adds: false }
}

function clauseFrom(said: readonly Said[], text: string, context: LineContext, before: Move | undefined): ParsedClause {
  if (before && said.some(s => s.fact.as === 'same')) return again(said, text, before, context)
  const kind = decide(said)
  const about = kind ?? (tellsSomething(said) ? context.inHand?.kind : undefined)
  if (!about) {
    const tokens = said.map(s => token(text, s, isSign(s) ? 'sign' : 'words', isSign(s) ? 'sure' : 'text'))
    return { kind: null, tokens, said: {}, move: null, adds: false }
  }
  const clause = assemble(text, said, about)
  const cell = said.findIndex(s => s.fact.as === 'same-cell')
  if (cell >= 0 && before?.cell && leafOf(about, 'cell')) clause.said.cell = before.cell
  const adds = !kind
  const of = adds ? { ...context, id: () => context.inHand!.id } : context
  return { ...clause, move: moveOf(clause, of), adds }
}
const isSign = ({ fact }: Said) => fact.as === 'end' || isSignOf(fact)
const telling = new Set([
  'set',
  'look',
  'label',
  'colour',
  'count',
  'mm',
  'times',
  'exact',
  'lead',
  'passing',
  'number',
])
const tellsSomething = (said: readonly Said[]) => said.some(s => telling.has(s.fact.as))

/**
 * Reads a line of up to 500 characters as moves. It never fails: what is not understood stays as the note or the place of its
 * move, or, where there is no move, in `words`. Every character that is not white space lies in exactly one token.
 */
export function parseLine(text: string, context: LineContext): Parsed {
  const all = scan(text)
  const zone = zoneAt(all, text, context.family)
  const clauses: ParsedClause[] = []
  let before = context.last
  let around = context.around
  if (zone) {
    const tokens = all.slice(0, zone.taken).map(s => token(text, s, isSign(s) ? 'sign' : 'zone', 'sure'))
    clauses.push({ kind: null, tokens, said: {}, move: null, adds: false })
  }
  for (const said of stretches(all.slice(zone?.taken ?? 0))) {
    const clause = clauseFrom(said, text, { ...context, around }, before)
    clauses.push(clause)
    if (!clause.move) continue
    before = clause.move
    const { isolates, turns } = traitsOf(clause.move)
    if (isolates) around = { ...around, isolated: [...around.isolated, isolates] }
    if (turns) around = { ...around, posture: turns.to }
  }
  const loose = clauses.filter(c => c.kind === null && c.tokens.some(t => t.role === 'words'))
  return {
    text,
    clauses,
    moves: clauses.flatMap(c => (c.move && !c.adds ? [c.move] : [])),
    ...(zone && { zone: zone.zone }),
    words: loose.map(c => text.slice(c.tokens[0]!.start, c.tokens.at(-1)!.end)).join(' '),
  }
}
