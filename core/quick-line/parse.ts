import type { Atom } from '../hearing/atom.ts'
import { certainKind, fieldLevel, levelOf } from '../hearing/certainty.ts'
import { hear, heardWith, nearOf, type Heard, type HeardAct } from '../hearing/hear.ts'
import type { Taught } from '../hearing/taught.ts'
import { tellAs } from '../hearing/tell/kinds.ts'
import { anatomy, type Family } from '../machine/families.ts'
import { afterMove } from '../moves/after-move.ts'
import type { Around } from '../moves/around.ts'
import { fieldsOf, leafOf, read, written } from '../moves/fields-of.ts'
import { freshMove, kindOf, moveSchema, type Move, type MoveKindName } from '../moves/registry.ts'
import { check } from '../schema/check.ts'
import type { Certainty, Token } from '../grammar/token.ts'
import { moveFrom, readExact } from './exact.ts'
import { saidOf } from './said-of.ts'
import { tokensOf, withGaps } from './tokens.ts'

/** What is known where a line is written: it fills in what was left out and gives `same again` its meaning. */
export interface LineContext {
  family: Family
  around: Around
  /** The move in hand: words that name no act of their own tell of it. */
  inHand?: Move | undefined
  /** The move recorded last: what `same again` repeats, and the cell that a bare `@` means. */
  last?: Move | undefined
  /** The words of the shop. */
  taught?: Taught | null
  /** Makes the id of each new move. */
  id: () => string
}

/** What a move is made with beside what is said of it. */
type Known = Pick<LineContext, 'around' | 'id' | 'family'>

/** One act of the line with its tokens, its fields by name and its move; `adds` when it tells of the move in hand instead of a new one. */
export interface ParsedClause {
  kind: MoveKindName | null
  tokens: Token[]
  said: Record<string, unknown>
  move: Move | null
  adds: boolean
  /** How likely it is right as a whole, 0 to 1. */
  likelihood: number
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

const silent = (tokens: Token[]): ParsedClause => ({
  kind: null,
  tokens,
  said: {},
  move: null,
  adds: false,
  likelihood: 1,
})
const tokenAt = (line: string, start: number, end: number, role: string, certainty: Certainty): Token => ({
  start,
  end,
  text: line.slice(start, end),
  role,
  certainty,
})

/** `rear:` or `zone rear` at the start of a line: where it all happens, and how much of the line says so. */
function zoneAt(line: string, family: Family): { zone: string; end: number } | null {
  const { zones } = anatomy[family]
  const names = zones
    .flatMap(z => [z.id, z.name].map(said => ({ said, zone: z.id })))
    .sort((a, b) => b.said.length - a.said.length)
  const start = /^\s*(zone\s+)?/i.exec(line)!
  const rest = line.slice(start[0].length)
  for (const { said, zone } of names) {
    if (!rest.toLowerCase().startsWith(said)) continue
    const after = /^\s*([:,;]|$)/.exec(rest.slice(said.length))
    const named = start[1] !== undefined
    if (named ? /^(\s|[:,;]|$)/.test(rest.slice(said.length)) : after?.[1] === ':')
      return { zone, end: start[0].length + said.length + (after?.[1] === ':' ? after[0].length : 0) }
  }
  return null
}

/** Where a line parts whatever stands around: at `;` and line ends that are in no quotes. */
function clausesOf(line: string, from: number): { from: number; to: number }[] {
  const found: { from: number; to: number }[] = []
  let start = from
  let quoted = false
  for (let i = from; i <= line.length; i++) {
    const c = line[i]
    if (quoted && c === '\\') i += 1
    else if (c === '"' && (quoted || /[\s=]|^$/.test(line[i - 1] ?? '')))
      quoted = !quoted && line.indexOf('"', i + 1) > 0
    else if (c === undefined || (!quoted && (c === ';' || c === '\n'))) {
      if (line.slice(start, i).trim()) found.push({ from: start, to: i })
      start = i + 1
    }
  }
  return found
}

/** The move that a clause tells, held against its schema: what does not fit is kept as its note. */
function moveOf(clause: ParsedClause, { around, id, family }: Known): Move {
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
function fitted(move: Move, clause: ParsedClause): Move {
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
const noted = (move: Move, more: readonly string[]): Move => {
  const note = [move.note, ...more].filter(Boolean).join('; ').slice(0, 500)
  return note ? { ...move, note } : move
}

/** A heading or a remark as one token, the signs at its ends apart. */
function plainTokens(own: readonly Atom[], line: string, at: number, role: 'place' | 'words'): Token[] {
  const [first, last] = [own.findIndex(a => a.tag !== 'sep'), own.findLastIndex(a => a.tag !== 'sep')]
  const sign = (a: Atom): Token => tokenAt(line, a.start, a.end, 'sign', 'sure')
  const tokens =
    first < 0
      ? own.map(sign)
      : [
          ...own.slice(0, first).map(sign),
          tokenAt(line, own[first]!.start, own[last]!.end, role, role === 'place' ? 'likely' : 'text'),
          ...own.slice(last + 1).map(sign),
        ]
  return tokens.map(t => ({ ...t, start: t.start + at, end: t.end + at }))
}

/** What was heard of a stretch of the line, as clauses: one for each act, in the order of the line; remarks go to the act before them. */
function clausesHeard(heard: Heard, at: number, context: LineContext, before: Move | undefined): ParsedClause[] {
  const clauses: ParsedClause[] = []
  const line = heard.text
  for (const span of heard.spans) {
    const own = heard.atoms.slice(span.from, span.to)
    const acts = heard.acts.filter(a => a.span === span)
    if (!acts.length) {
      const isKind = span.reading !== 'note' && span.reading !== 'head'
      if (isKind) {
        const [told] = tellAs(span.reading, own, { text: line })
        if (!told) continue
        const { tokens, left } = tokensOf(told.t, line, at, { kind: 'likely', field: () => 'likely' })
        // What it adds was taken in by the act that it goes on from; what nobody understood of it is noted there.
        const of = clauses.findLast(c => c.move)
        if (of) of.move = noted(of.move!, left)
        clauses.push(silent(tokens))
        continue
      }
      clauses.push(silent(plainTokens(own, line, at, span.reading === 'head' ? 'place' : 'words')))
      continue
    }
    for (const [n, act] of acts.entries()) {
      const sure = {
        kind: levelOf(act.kindLikelihood),
        field: (name: string): Certainty => fieldLevel(name, nearOf(act, name), act),
      }
      const { tokens, left } = n === 0 ? tokensOf(act.t, line, at, sure) : { tokens: [], left: [] }
      const other = act.kindLikelihood < certainKind ? act.or : undefined
      const said = saidOf(act)
      for (const [k, fields] of said.entries()) {
        const clause = clauseOf(act, fields, k === 0 ? tokens : [])
        if (k === 0 && other) orAct(clause, other)
        if (act.t.atoms.some(a => a.tag === 'same-cell') && before?.cell && leafOf(clause.kind!, 'cell'))
          fields.cell = before.cell
        clause.move = noted(moveOf(clause, context), k === 0 ? left : [])
        clauses.push(clause)
        before = clause.move
      }
    }
  }
  for (const [place, { tokens }] of clauses.entries()) {
    const remark = tokens.find(t => t.role === 'words')
    const to = remark && (clauses.slice(0, place).findLast(c => c.move) ?? clauses.slice(place).find(c => c.move))
    if (!to) continue
    to.move = noted(to.move!, [remark.text])
    remark.role = 'note'
  }
  return clauses
}
/** A clause that tells an act which was heard, its move still to be made. */
const clauseOf = ({ kind, likelihood }: HeardAct, said: Record<string, unknown>, tokens: Token[]): ParsedClause => ({
  kind: kind as MoveKindName,
  tokens,
  said,
  move: null,
  adds: false,
  likelihood,
})
/** The moves that an act is which was heard, with what is known where it was said. */
export const movesHeard = (act: HeardAct, context: Known): Move[] =>
  saidOf(act).map(said => moveOf(clauseOf(act, said, []), context))

/** The second reading of a kind stands on the token of its act. */
function orAct(clause: ParsedClause, kind: string): void {
  const act =
    clause.tokens.find(t => t.role === 'act') ??
    clause.tokens.find(t => t.role === 'thing') ??
    clause.tokens.find(t => t.role !== 'sign')
  if (act) act.or = { label: kindOf({ kind } as Move).name, text: `kind=${kind} ${act.text}` }
}

/** `same again, bottom edge`: the move before, with what is said beside it. */
function again(line: string, from: number, to: number, before: Move, context: LineContext): ParsedClause {
  const heard = hear(line.slice(from, to), heardWith(context.taught))
  const [told] = tellAs(before.kind, heard.atoms, { text: heard.text })
  const [plain = {}] = told ? saidOf({ ...told, kind: before.kind } as HeardAct) : []
  const { tokens, left } = told
    ? tokensOf(told.t, heard.text, from, { kind: 'sure', field: () => 'sure' })
    : { tokens: [tokenAt(line, from, to, 'act', 'sure')], left: [] }
  const clause: ParsedClause = { kind: before.kind, tokens, said: plain, move: null, adds: false, likelihood: 1 }
  let move: Move = { ...before, id: context.id() }
  for (const leaf of fieldsOf[before.kind]) {
    const value = plain[leaf.name as keyof typeof plain] as unknown
    if (value !== undefined) move = written(move, leaf, value ?? undefined)
    else if (leaf.name === 'place' || leaf.name === 'note' || leaf.name === 'condition')
      move = written(move, leaf, undefined)
  }
  return { ...clause, move: noted(fitted(move, clause), left) }
}

/** What tells of the move in hand where a line names no act of its own. */
function adding(heard: Heard, at: number, inHand: Move, context: LineContext): ParsedClause | null {
  const tells = heard.atoms.some(
    a =>
      [
        'quality',
        'look',
        'colour',
        'size',
        'thread',
        'mm',
        'inch',
        'times',
        'count',
        'num',
        'label',
        'ways',
        'cell',
        'exact',
        'lead',
        'litres',
        'turns',
        'clock',
        'torque',
        'measure',
        'pass',
      ].includes(a.tag) ||
      (a.tag === 'thing' && a.sets),
  )
  if (!tells) return null
  const [told] = tellAs(inHand.kind, heard.atoms, { text: heard.text })
  if (!told) return null
  const [said = {}] = saidOf({ ...told } as HeardAct)
  const { tokens, left } = tokensOf(told.t, heard.text, at, { kind: 'likely', field: () => 'likely' })
  const clause: ParsedClause = { kind: inHand.kind, tokens, said, move: null, adds: true, likelihood: 0.9 }
  clause.move = noted(moveOf(clause, { ...context, id: () => inHand.id }), left)
  return clause
}

const sameWords = /^\s*(?:same again|same|ditto|again same|and again|the same)\b(?!\s+cell)/i

/**
 * Reads a line of up to 500 characters as moves. It never fails: what is not understood stays as the note or the place of its
 * move, or, where there is no move, in `words`. Every character that is not white space lies in exactly one token.
 */
export function parseLine(text: string, context: LineContext): Parsed {
  const zone = zoneAt(text, context.family)
  const clauses: ParsedClause[] = []
  let before = context.last
  let around = context.around
  if (zone) clauses.push(silent([tokenAt(text, text.length - text.trimStart().length, zone.end, 'zone', 'sure')]))
  const add = (clause: ParsedClause) => {
    clauses.push(clause)
    if (!clause.move || clause.adds) return
    before = clause.move
    around = afterMove(around, before)
  }
  let waiting: { from: number; to: number } | null = null
  const flush = () => {
    if (!waiting) return
    const { from, to } = waiting
    waiting = null
    const heard = hear(text.slice(from, to), heardWith(context.taught))
    const here = { ...context, around }
    const added = context.inHand && !heard.acts.length ? adding(heard, from, context.inHand, here) : null
    if (added) add(added)
    else clausesHeard(heard, from, here, before).forEach(add)
  }
  for (const { from, to } of clausesOf(text, zone?.end ?? 0)) {
    const lead = /^\s*/.exec(text.slice(from, to))![0].length
    const exact = readExact(text.slice(from + lead, to).trimEnd(), from + lead)
    if (exact) {
      flush()
      const clause: ParsedClause = { ...exact, move: null, adds: false, likelihood: 1 }
      clause.move = moveOf(clause, { ...context, around })
      add(clause)
    } else if (sameWords.test(text.slice(from, to)) && (flush(), before)) {
      add(again(text, from, to, before, { ...context, around }))
    } else waiting = waiting ? { from: (waiting as { from: number }).from, to } : { from, to }
  }
  flush()
  const tokens = withGaps(
    clauses.flatMap(c => c.tokens).sort((a, b) => a.start - b.start),
    text,
  )
  const kept = new Map(clauses.flatMap(c => c.tokens.map(t => [t.start, c] as const)))
  for (const c of clauses) c.tokens = []
  let last = clauses[0]
  for (const t of tokens) {
    const to = kept.get(t.start) ?? last ?? clauses[clauses.push(silent([])) - 1]!
    to.tokens.push(t)
    last = to
  }
  const words = clauses.flatMap(c => c.tokens.filter(t => t.role === 'words').map(t => t.text))
  return {
    text,
    clauses: clauses.filter(c => c.tokens.length || c.move),
    moves: clauses.flatMap(c => (c.move && !c.adds ? [c.move] : [])),
    ...(zone && { zone: zone.zone }),
    words: words.join(' '),
  }
}
