import { balance as rowsOf, openDebts, piecesOwed, stillOwed } from '@dialytica/core/ledger'
import { text } from '@dialytica/core/words'
import { columns, type Command } from './answer.ts'

/** What became of everything that came off, and what is still owed. */
export const balance: Command = {
  says: 'what became of everything that came off, and what is still owed',
  no: 'something is owed',
  run({ state }) {
    const rows = rowsOf(state)
    const owed = openDebts(state).map(d => ({
      debt: d.id,
      says: text(stillOwed(d)),
      count: d.owes,
      step: d.stepNumber,
      ...(d.cell && { cell: d.cell }),
      ...(d.zone && { zone: d.zone }),
    }))
    const head = ['kind', 'off', 'back', 'new', 'scrapped', 'missing', 'owed']
    const cells = rows.map(r => [
      r.item,
      ...[r.taken, r.refitted, r.replaced, r.scrapped, r.missing, r.owed].map(String),
    ])
    return {
      json: { rows, owed, pieces: piecesOwed(state.owed) },
      text: [
        columns([head, ...cells]),
        owed.length
          ? owed.map(o => `owed: ${o.says}${o.cell ? `, cell ${o.cell}` : ''}, from step ${o.step}`).join('\n')
          : 'Nothing is owed.',
      ].join('\n'),
      exit: owed.length ? 1 : 0,
    }
  },
}
