import { find, type Question } from '@dialytica/core/finder'
import type { Fastener } from '@dialytica/core/items'
import { openDebts } from '@dialytica/core/ledger'
import { planReturn } from '@dialytica/core/plan'
import { parseLine } from '@dialytica/core/quick-line'
import type { ReadRecord } from '@dialytica/core/record'
import { text } from '@dialytica/core/words'
import { Unfit, columns, type Command, type Options } from './answer.ts'

/** A fastener as it is said in the quick line: `T20x18 stainless`. */
function fastenerOf(words: string, { family }: ReadRecord): Fastener {
  const around = { posture: 'upright' as const, isolated: [] }
  let n = 0
  const id = () => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`
  const move = parseLine(`1x ${words}`, { family, around, id }).moves.find(m => 'fastener' in m)
  const fastener = move && 'fastener' in move ? move.fastener : {}
  if (Object.keys(fastener).length === 0)
    throw new Unfit(`--left: nothing of a fastener is understood in "${words}": say it like T20x18 stainless`)
  return fastener
}
/** The debt of which one is short: by its id, or by the cell in which its things lay. */
function shortOf(of: string, { state }: ReadRecord): string {
  if (state.debts.has(of)) return of
  const inCell = state.debts
    .valueSeq()
    .filter(d => d.cell === of.toUpperCase())
    .toArray()
  if (inCell.length === 1) return inCell[0]!.id
  const cells = [...new Set(state.debts.valueSeq().flatMap(d => (d.cell ? [d.cell] : [])))].sort()
  throw new Unfit(`--short: ${of} is neither a debt nor a cell with one group: cells are ${cells.join(', ') || 'none'}`)
}
function questionOf(record: ReadRecord, { left, short }: Options): Question {
  const known = left ? { item: 'fastener' as const, fastener: fastenerOf(left, record) } : undefined
  if (known && short) return { asks: 'swap', known, short: shortOf(short, record) }
  if (known) return { asks: 'left over', known }
  if (short) return { asks: 'one short', short: shortOf(short, record) }
  throw new Unfit('finder needs --left WORDS, --short CELL, or both')
}

/** Where a thing that is left over belongs, or where one that is short is. */
export const finder: Command = {
  says: 'where a fastener that is left over belongs (--left), where one that is short is (--short), or both for a swap',
  no: 'there is no place to look',
  options: ['--left WORDS', '--short CELL', '--missed PLACE'],
  run(record, options) {
    const { state, family } = record
    const found = find(state, family, planReturn(state, family), questionOf(record, options), options.missed ?? [])
    const order = found.order.map(s => ({
      ...(s.opens && { opens: s.opens }),
      ...(s.turns && { turns: s.turns }),
      ...(s.place && {
        place: s.id,
        words: text(s.place.words),
        likelihood: s.place.likelihood,
        reasons: s.place.reasons.map(r => text(r.says)),
      }),
      minutes: s.minutes,
    }))
    const words = (s: (typeof found.order)[number]) =>
      s.place ? `${(s.place.likelihood * 100).toFixed(1)} %` : s.turns ? 'turn' : 'open'
    const step = (id: string) => `step ${state.order.indexOf(id) + 1}`
    return {
      json: {
        order,
        expected: found.expected,
        plainReverse: found.plain,
        later: found.later,
        owed: openDebts(state).length,
      },
      text: [
        columns(
          found.order.map((s, i) => [
            String(i + 1),
            words(s),
            `${s.minutes.toFixed(1)} min`,
            s.place ? text(s.place.words) : s.turns ? `turn it ${s.turns}` : `undo ${step(s.opens!)}`,
          ]),
        ),
        `Expected: ${found.expected.toFixed(1)} min in this order, ${found.plain.toFixed(1)} min in plain reverse.`,
      ].join('\n'),
      exit: found.places.length ? 0 : 1,
    }
  },
}
