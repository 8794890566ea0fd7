import type { Heard, HeardAct } from '../hearing/hear.ts'
import { tellAs } from '../hearing/tell/kinds.ts'
import { is } from '../hearing/tell/telling.ts'
import type { Move } from '../moves/registry.ts'
import { moveOf, noted } from './clause-move.ts'
import { clauseOf, type ParsedClause } from './clause.ts'
import type { LineContext } from './context.ts'
import { saidOf } from './said-of.ts'
import { allAs, tokensOf } from './tokens.ts'

/** What tells of the move in hand where a line names no act of its own. */
export function adding(heard: Heard, at: number, inHand: Move, context: LineContext): ParsedClause | null {
  const tells = heard.atoms.some(
    a =>
      is(
        a,
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
      ) ||
      (is(a, 'thing') && a.sets),
  )
  if (!tells) return null
  const [told] = tellAs(inHand.kind, heard.atoms, { text: heard.text })
  if (!told) return null
  const [said = {}] = saidOf({ ...told } as HeardAct)
  const { tokens, left } = tokensOf(told.t, heard.text, at, allAs('likely'))
  const clause = clauseOf({ kind: inHand.kind, tokens, said, adds: true, likelihood: 0.9 })
  clause.move = noted(moveOf(clause, { ...context, id: () => inHand.id }), left)
  return clause
}
