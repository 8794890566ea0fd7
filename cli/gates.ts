import { stillOwed } from '@dialytica/core/ledger'
import { gateSays, gates as gatesOf, planReturn } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import type { Command } from './answer.ts'

/** The gates of the return: what each closes, turns or covers, what is owed behind it, what is counted out. */
export const gates: Command = {
  says: 'the gates of the return: what each closes, what is owed behind it, what to count out',
  no: 'something is owed behind a gate that is closed',
  run({ state, family }) {
    const { steps, assembly } = planReturn(state, family)
    const all = gatesOf(family, steps, assembly).map(g => ({
      place: g.at + 1,
      from: steps[g.at]!.number,
      step: g.step,
      does: text(gateSays(g, family)),
      zones: g.zones,
      closed: g.closed,
      behind: g.behind.map(d => ({ debt: d.id, says: text(stillOwed(d)), step: d.step })),
      counts: g.counts,
    }))
    const shut = all.some(g => g.closed && g.behind.length > 0)
    const line = (g: (typeof all)[number]) =>
      [
        `${g.place}. step ${g.from} ${g.does}${g.closed ? ' (closed)' : ''}`,
        ...g.behind.map(b => `   owed behind it: ${b.says}`),
        ...(g.counts.length ? [`   count out: ${g.counts.join(', ')}`] : []),
      ].join('\n')
    return { json: { gates: all }, text: all.map(line).join('\n') || 'No gate.', exit: shut ? 1 : 0 }
  },
}
