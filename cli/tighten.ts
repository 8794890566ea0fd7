import { subject } from '@dialytica/core/moves'
import { patternOf, standWords } from '@dialytica/core/tighten'
import { text } from '@dialytica/core/words'
import { Unfit, type Command } from './answer.ts'

/** The order in which each marked group is tightened, from the positions of its marks. */
export const tighten: Command = {
  says: 'the order in which each marked group is tightened, and its rounds',
  no: 'no group has a mark for every piece',
  options: ['--step NUMBER'],
  run({ state }, { step }) {
    if (step !== undefined && !(Number(step) >= 1 && Number(step) <= state.order.size))
      throw new Unfit(`--step: there is no step ${step}: the record has ${state.order.size}`)
    const groups = state.order.toArray().flatMap((id, i) => {
      const at = state.steps.get(id)!
      if (step !== undefined && Number(step) !== i + 1) return []
      return at.moves.flatMap(move => {
        const pattern = patternOf(at, move)
        if (!pattern) return []
        const points = pattern.marks.map(m => at.marks.find(x => x.id === m)!.path[0]!)
        return [{ step: i + 1, move: move.id, says: text(subject(move)), ...pattern, points }]
      })
    })
    const line = (g: (typeof groups)[number]) =>
      `step ${g.step}: ${g.says}, ${standWords[g.stand]}: ${g.points.map((p, i) => `${i + 1} at ${p.x.toFixed(2)}, ${p.y.toFixed(2)}`).join('; ')}. ${g.rounds.join(', then ')}.`
    return {
      json: { groups },
      text: groups.map(line).join('\n') || 'No group has a mark for every piece.',
      exit: groups.length ? 0 : 1,
    }
  },
}
