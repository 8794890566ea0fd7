import { describe, toolsFor } from '@dialytica/core/moves'
import { arcWords, planReturn, bestOrder, type Arc } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { columns, type Command } from './answer.ts'

/** The return as it is planned: its steps in order, why some stand elsewhere than in the mirror, and how good the order is known to be. */
export const plan: Command = {
  says: 'the return as it is planned, with its reasons, its cost and its bound',
  no: 'what was recorded and said contradicts itself; the mirror stands',
  run({ state, family }) {
    const { steps, departures, cost, proven, bound, breaks, contradiction } = planReturn(state, family, on =>
      bestOrder(on),
    )
    const number = new Map(steps.map(r => [r.step.id, r.number]))
    const why = new Map(departures.map(d => [d.step, d]))
    const arc = (a: Arc) => ({
      first: number.get(a.first),
      then: number.get(a.then),
      reason: a.reason,
      words: arcWords(a),
    })
    const told = steps.map((r, i) => ({
      place: i + 1,
      from: r.number,
      step: r.step.id,
      ...(r.step.zone && { zone: r.step.zone }),
      says: r.moves.map(m => describe(m.move)),
      tools: [...new Set(r.moves.flatMap(m => toolsFor(m.move)))],
      done: r.debts.length > 0 && r.owes === 0,
      ...(why.has(r.step.id) && { moved: why.get(r.step.id)!.moved, why: text(why.get(r.step.id)!.why) }),
    }))
    return {
      json: {
        steps: told,
        cost,
        proven,
        bound,
        breaks: breaks.map(arc),
        contradiction: contradiction?.map(arc) ?? null,
      },
      text: [
        columns(
          told.map(s => [
            String(s.place),
            `(${s.from})`,
            s.zone ?? '',
            `${s.done ? '✓ ' : ''}${s.says.join(' ')}${s.why ? `  [moved ${s.moved}: ${s.why}]` : ''}`,
          ]),
        ),
        contradiction
          ? `These cannot all hold: ${contradiction.map(a => `${number.get(a.first)} before ${number.get(a.then)}, ${arcWords(a)}`).join('; ')}`
          : `${cost.broken} preferences broken, ${cost.turns} turns, ${cost.tools} changes of tool, distance ${cost.distance}; ${proven ? 'no order is better' : 'not proven best'}.`,
      ].join('\n'),
      exit: contradiction ? 1 : 0,
    }
  },
}
