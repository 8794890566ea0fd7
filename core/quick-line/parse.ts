import { hear, heardWith } from '../hearing/hear.ts'
import { afterMove } from '../moves/after-move.ts'
import type { Move } from '../moves/registry.ts'
import { again, sameWords } from './again.ts'
import { moveOf } from './clause-move.ts'
import { clauseOf, silent, tokenAt, type ParsedClause } from './clause.ts'
import { clausesHeard } from './clauses-heard.ts'
import type { LineContext } from './context.ts'
import { readExact } from './exact.ts'
import { adding } from './in-hand.ts'
import { stretchesOf, type Stretch } from './stretches.ts'
import { withGaps } from './tokens.ts'
import { zoneAt } from './zone-said.ts'

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

/** Every sign that no clause has goes to the clause before it, so that each character lies in one token. */
function shareOut(text: string, clauses: ParsedClause[]): void {
  const own = clauses.flatMap(c => c.tokens).sort((a, b) => a.start - b.start)
  const of = new Map(clauses.flatMap(c => c.tokens.map(t => [t.start, c] as const)))
  for (const c of clauses) c.tokens = []
  let last = clauses[0]
  for (const token of withGaps(own, text)) {
    const to = of.get(token.start) ?? last ?? clauses[clauses.push(silent([])) - 1]!
    to.tokens.push(token)
    last = to
  }
}

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
  /** Stretches that are heard together: what stands in one may belong to the other. */
  let waiting: Stretch[] = []
  const hearWaiting = () => {
    const [first, last] = [waiting[0], waiting.at(-1)]
    if (!first || !last) return
    waiting = []
    const [from, to] = [first.from, last.to]
    const heard = hear(text.slice(from, to), heardWith(context.taught))
    const here = { ...context, around }
    const added = context.inHand && !heard.acts.length ? adding(heard, from, context.inHand, here) : null
    if (added) add(added)
    else clausesHeard(heard, from, here, before).forEach(add)
  }
  for (const { from, to } of stretchesOf(text, zone?.end ?? 0)) {
    const said = text.slice(from, to)
    const lead = said.length - said.trimStart().length
    const exact = readExact(said.trim(), from + lead)
    const isAgain = sameWords.test(said)
    if (exact || isAgain) hearWaiting()
    if (exact) {
      const clause = clauseOf(exact)
      clause.move = moveOf(clause, { ...context, around })
      add(clause)
    } else if (isAgain && before) {
      add(again(text, from, to, before, { ...context, around }))
    } else waiting.push({ from, to })
  }
  hearWaiting()
  shareOut(text, clauses)
  const words = clauses.flatMap(c => c.tokens.filter(t => t.role === 'words').map(t => t.text))
  return {
    text,
    clauses: clauses.filter(c => c.tokens.length || c.move),
    moves: clauses.flatMap(c => (c.move && !c.adds ? [c.move] : [])),
    ...(zone && { zone: zone.zone }),
    words: words.join(' '),
  }
}
