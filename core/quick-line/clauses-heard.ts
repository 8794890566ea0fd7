import type { Atom } from '../hearing/atom.ts'
import { certainKind, fieldLevel, levelOf } from '../hearing/certainty.ts'
import { nearOf, type Heard, type HeardAct } from '../hearing/hear.ts'
import { tellAs } from '../hearing/tell/kinds.ts'
import { leafOf } from '../moves/fields-of.ts'
import { kindOf, type Move, type MoveKindName } from '../moves/registry.ts'
import type { Token } from '../grammar/token.ts'
import { moveOf, noted } from './clause-move.ts'
import { clauseOf, silent, tokenAt, type ParsedClause } from './clause.ts'
import type { Known, LineContext } from './context.ts'
import { saidOf } from './said-of.ts'
import { allAs, tokensOf, type Sureness, type Told } from './tokens.ts'

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

/** Words of an act that was told already: they show as its tokens, and what nobody understood of them is noted there. */
function goesOn(kind: string, own: readonly Atom[], line: string, at: number, of: ParsedClause | undefined): Token[] {
  const [told] = tellAs(kind, own, { text: line })
  if (!told) return []
  const { tokens, left } = tokensOf(told.t, line, at, allAs('likely'))
  if (of) of.move = noted(of.move!, left)
  return tokens
}

/** One clause for each move that an act is; the first has the tokens. `before` is the move before it. */
function clausesOfAct(act: HeardAct, told: Told, context: LineContext, before: Move | undefined): ParsedClause[] {
  const inSameCell = act.t.atoms.some(a => a.tag === 'same-cell') && before?.cell
  return saidOf(act).map((said, i) => {
    const clause = clauseHeard(act, said, i === 0 ? told.tokens : [])
    if (i === 0 && act.kindLikelihood < certainKind && act.or) orAct(clause, act.or)
    if (inSameCell && leafOf(clause.kind!, 'cell')) said.cell = before.cell
    clause.move = noted(moveOf(clause, context), i === 0 ? told.left : [])
    return clause
  })
}

/** Remarks are noted at the act before them, else at the one behind. */
function noteRemarks(clauses: readonly ParsedClause[]): void {
  for (const [place, { tokens }] of clauses.entries()) {
    const remark = tokens.find(t => t.role === 'words')
    const to = remark && (clauses.slice(0, place).findLast(c => c.move) ?? clauses.slice(place).find(c => c.move))
    if (!to) continue
    to.move = noted(to.move!, [remark.text])
    remark.role = 'note'
  }
}

/** What was heard of a stretch of the line, as clauses: one for each act, in the order of the line. `last` is the move before it. */
export function clausesHeard(heard: Heard, at: number, context: LineContext, last: Move | undefined): ParsedClause[] {
  const clauses: ParsedClause[] = []
  const line = heard.text
  const before = () => clauses.findLast(c => c.move)
  for (const span of heard.spans) {
    const own = heard.atoms.slice(span.from, span.to)
    const acts = heard.acts.filter(a => a.span === span)
    for (const [i, act] of acts.entries()) {
      const told = i === 0 ? tokensOf(act.t, line, at, surenessOf(act)) : { tokens: [], left: [] }
      clauses.push(...clausesOfAct(act, told, context, before()?.move ?? last))
    }
    if (acts.length) continue
    const { reading } = span
    const tokens =
      reading === 'note' || reading === 'head'
        ? plainTokens(own, line, at, reading === 'head' ? 'place' : 'words')
        : goesOn(reading, own, line, at, before())
    if (tokens.length) clauses.push(silent(tokens))
  }
  noteRemarks(clauses)
  return clauses
}

/** How surely an act tells what it tells. */
const surenessOf = (act: HeardAct): Sureness => ({
  kind: levelOf(act.kindLikelihood),
  field: name => fieldLevel(name, nearOf(act, name), act),
})

/** A clause that tells an act which was heard. */
const clauseHeard = ({ kind, likelihood }: HeardAct, said: ParsedClause['said'], tokens: Token[]): ParsedClause =>
  clauseOf({ kind: kind as MoveKindName, tokens, said, likelihood })
/** The moves that an act is which was heard, with what is known where it was said. */
export const movesHeard = (act: HeardAct, context: Known): Move[] =>
  saidOf(act).map(said => moveOf(clauseHeard(act, said, []), context))

/** The second reading of a kind stands on the token of its act. */
function orAct(clause: ParsedClause, kind: string): void {
  const act =
    clause.tokens.find(t => t.role === 'act') ??
    clause.tokens.find(t => t.role === 'thing') ??
    clause.tokens.find(t => t.role !== 'sign')
  if (act) act.or = { label: kindOf({ kind } as Move).name, text: `kind=${kind} ${act.text}` }
}
