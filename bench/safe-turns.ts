import { foldAll } from '@dialytica/core/log'
import { planReturn } from '@dialytica/core/plan'
import { stance } from '@dialytica/core/machine'
import { event } from '@dialytica/core/test/arbitrary-log.ts'
import { troubles, turnedMachine } from '@dialytica/core/test/turned-machine.ts'
import type { Line } from './line.ts'

const machines = 10_000

/**
 * Returns of 10,000 machines that were turned, of many shapes, half of them with an order that somebody said, each walked by somebody who
 * knows only the machine: turns with a heavy part in place that nothing holds, steps in another posture than that of the descent, machines
 * that do not stand in the end as they stood. Where a said order leaves no safe turn the plan must say so; where it contradicts the rest
 * the mirror stands, and nothing is walked.
 */
export function safeTurns(): Promise<Line> {
  let [falls, wrong, astray, turns, said, refused, contradicted] = [0, 0, 0, 0, 0, 0, 0]
  const began = performance.now()
  for (let seed = 1; seed <= machines; seed++) {
    const { log, heavy, home } = turnedMachine(seed, 6 + (seed % 40), { odd: seed % 3 > 0 })
    let { state } = foldAll(log)
    const steps = state.order.toArray()
    const [first, then] = [steps[(seed * 7) % steps.length]!, steps[(seed * 13 + 3) % steps.length]!]
    const orders = seed % 2 === 1 && first !== then
    if (orders) {
      state = foldAll([...log, event('constraint-added', { first, then, reason: 'so' }, 5000)]).state
      said += 1
    }
    const plan = planReturn(state, 'front-loader')
    if (plan.contradiction) {
      contradicted += 1
      continue
    }
    const walk = plan.steps.flatMap((r): (number | { to: string })[] =>
      !r.turn ? [r.number] : r.turn.from === r.turn.to ? [] : [{ to: r.turn.to }],
    )
    const found = troubles(state, heavy, walk, stance(state).posture)
    turns += walk.length - plan.steps.filter(r => !r.turn).length
    // A turn that a said order makes unsafe is told by its gate, and not taken.
    if (orders && plan.cost.unsafe > 0) refused += 1
    else falls += found.falls.length || plan.cost.unsafe > 0 ? 1 : 0
    wrong += found.wrong.length ? 1 : 0
    astray += found.ends !== home ? 1 : 0
  }
  const unsafe = falls + wrong + astray
  return Promise.resolve({
    name: 'safe-turns',
    figure: unsafe,
    unit: 'returns',
    against: `${machines} machines, ${said} with a said order (${contradicted} contradicted, ${refused} unsafe by it and told so), ${turns} turns: ${falls} with something that falls, ${wrong} in a wrong posture, ${astray} not as it stood; ${((performance.now() - began) / machines).toFixed(1)} ms each`,
    ratio: unsafe,
    target: '0 unsafe',
    holds: unsafe === 0,
  })
}
