import { planReturn } from '@dialytica/core/plan'
import { stance } from '@dialytica/core/machine'
import { troubles, turnedState } from '@dialytica/core/test/turned-machine.ts'
import type { Line } from './line.ts'

const machines = 10_000

/**
 * Returns of 10,000 machines that were turned, each walked by somebody who knows only the machine: turns with a heavy part in place that
 * nothing holds, steps in another posture than that of the descent, machines that do not stand in the end as they stood.
 */
export function safeTurns(): Promise<Line> {
  let [falls, wrong, astray, turns] = [0, 0, 0, 0]
  const began = performance.now()
  for (let seed = 1; seed <= machines; seed++) {
    const { state, heavy, home } = turnedState(seed, 6 + (seed % 40))
    const { steps } = planReturn(state, 'front-loader')
    const walk = steps.flatMap((r): (number | { to: string })[] =>
      !r.turn ? [r.number] : r.turn.from === r.turn.to ? [] : [{ to: r.turn.to }],
    )
    const found = troubles(state, heavy, walk, stance(state).posture)
    turns += walk.length - steps.filter(r => !r.turn).length
    falls += found.falls.length ? 1 : 0
    wrong += found.wrong.length ? 1 : 0
    astray += found.ends !== home ? 1 : 0
  }
  const unsafe = falls + wrong + astray
  return Promise.resolve({
    name: 'safe-turns',
    figure: unsafe,
    unit: 'returns',
    against: `${machines} machines, ${turns} turns: ${falls} with something that falls, ${wrong} in a wrong posture, ${astray} not as it stood; ${((performance.now() - began) / machines).toFixed(1)} ms each`,
    ratio: unsafe,
    target: '0 unsafe',
    holds: unsafe === 0,
  })
}
