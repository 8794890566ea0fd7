import { hear, heardWith, type HeardAct } from '../hearing/hear.ts'
import { tellAs } from '../hearing/tell/kinds.ts'
import { fieldsOf, written } from '../moves/fields-of.ts'
import type { Move } from '../moves/registry.ts'
import { fitted, noted } from './clause-move.ts'
import { clauseOf, tokenAt, type ParsedClause } from './clause.ts'
import type { LineContext } from './context.ts'
import { saidOf } from './said-of.ts'
import { allAs, tokensOf } from './tokens.ts'

/** A line that repeats the move before. */
export const sameWords = /^\s*(?:same again|same|ditto|again same|and again|the same)\b(?!\s+cell)/i

/** `same again, bottom edge`: the move before, with what is said beside it. */
export function again(line: string, from: number, to: number, before: Move, context: LineContext): ParsedClause {
  const heard = hear(line.slice(from, to), heardWith(context.taught))
  const [told] = tellAs(before.kind, heard.atoms, { text: heard.text })
  const [plain = {}] = told ? saidOf({ ...told, kind: before.kind } as HeardAct) : []
  const { tokens, left } = told
    ? tokensOf(told.t, heard.text, from, allAs('sure'))
    : { tokens: [tokenAt(line, from, to, 'act', 'sure')], left: [] }
  const clause = clauseOf({ kind: before.kind, tokens, said: plain })
  let move: Move = { ...before, id: context.id() }
  for (const leaf of fieldsOf[before.kind]) {
    const value = plain[leaf.name as keyof typeof plain] as unknown
    if (value !== undefined) move = written(move, leaf, value ?? undefined)
    else if (leaf.name === 'place' || leaf.name === 'note' || leaf.name === 'condition')
      move = written(move, leaf, undefined)
  }
  return { ...clause, move: noted(fitted(move, clause), left) }
}
