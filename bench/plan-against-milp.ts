import { planReturn, bestOrder, type Cost, type Instance } from '@dialytica/core/plan'
import { machineState } from '@dialytica/core/test/generated-machine.ts'
import { milpCost } from '@dialytica/core/test/milp-return.ts'
import { median, type Line } from './line.ts'

const seconds = 60
const told = (c: Cost) => `${c.broken}/${c.turns}/${c.tools}/${c.distance}`
const same = (a: Cost, b: Cost) => told(a) === told(b)

/** The next machine of so many steps, from a seed on, of which the mirror would break something. */
function hard(steps: number, from: number): { seed: number; on: Instance } {
  for (let seed = from; ; seed++) {
    const { on } = planReturn(machineState(seed, steps, 1), 'front-loader')
    if (on) return { seed, on }
  }
}

/**
 * Returns of 20 to 60 steps against HiGHS (MILP, WebAssembly) on the same instance: the same cost wherever it proves one within 60 s, in
 * at most a twentieth of its time. The cost is told as preferences broken / turns / changes of tool / distance from the mirror.
 */
export async function planAgainstMilp(): Promise<Line> {
  const ratios: number[] = []
  let [differ, slow] = [0, 0]
  console.log('  steps  arcs   ours (ms)  proven  cost            HiGHS (ms)  cost            times')
  for (const [steps, from] of [
    [20, 1],
    [20, 40],
    [25, 1],
    [30, 1],
    [30, 60],
    [40, 1],
    [60, 1],
    [60, 90],
  ] as const) {
    const { on } = hard(steps, from)
    const ms = await median(3, () => bestOrder(on))
    const found = bestOrder(on)
    const began = performance.now()
    const milp = await milpCost(on, seconds, () => performance.now())
    const took = performance.now() - began
    if (milp && !same(milp, found.cost)) differ += 1
    if (milp && ms > took / 20) slow += 1
    ratios.push(took / ms)
    console.log(
      [
        `  ${String(steps).padStart(5)}`,
        String(on.arcs.length).padStart(5),
        ms.toFixed(1).padStart(11),
        (found.proven ? 'yes' : `no, ≥ ${told(found.bound)}`).padEnd(7),
        told(found.cost).padEnd(15),
        took.toFixed(0).padStart(11),
        (milp ? told(milp) : `none in ${seconds} s`).padEnd(15),
        `× ${(took / ms).toFixed(0)}`,
      ].join(' '),
    )
  }
  const least = Math.min(...ratios)
  return {
    name: 'plan-against-milp',
    figure: least,
    unit: 'times',
    against: `HiGHS on the same instances; ${differ} differ, ${slow} slower than 1/20`,
    ratio: least,
    target: 'the same cost wherever it is proven, at most 1/20 of the time',
    holds: differ === 0 && slow === 0,
  }
}
