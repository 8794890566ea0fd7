import { lookAlikes as pairsOf, lotOf } from '@dialytica/core/look-alikes'
import { text } from '@dialytica/core/words'
import type { Command } from './answer.ts'

/** Pairs that a tired eye or a blind hand would swap, over all that was taken off. */
export const lookAlikes: Command = {
  says: 'pairs of fasteners and of connectors that would be swapped, what differs, what a swap would do',
  no: 'a swap of some pair would do harm',
  run({ state, family }) {
    const lots = state.order
      .toArray()
      .flatMap((id, i) => state.steps.get(id)!.moves.flatMap(m => lotOf(m, state.steps.get(id)!, i + 1, family) ?? []))
    const at = ({ id, stepNumber, cell }: (typeof lots)[number]) => ({
      move: id,
      step: stepNumber,
      ...(cell && { cell }),
    })
    const pairs = pairsOf(family, lots).map(p => ({
      a: at(p.a),
      b: at(p.b),
      danger: p.danger,
      differs: p.differs.map(d => ({ ...d, a: text(d.a), b: text(d.b) })),
      effects: p.effects.map(e => text(e.says)),
    }))
    const line = (p: (typeof pairs)[number]) =>
      `${p.danger}: ${p.a.cell ?? `step ${p.a.step}`} and ${p.b.cell ?? `step ${p.b.step}`} differ in ${p.differs.map(d => `${d.what} (${d.a}, ${d.b})`).join(', ')}. ${p.effects.join('. ')}`
    return {
      json: { pairs },
      text: pairs.map(line).join('\n') || 'Nothing looks alike.',
      exit: pairs.some(p => p.danger === 'harm') ? 1 : 0,
    }
  },
}
