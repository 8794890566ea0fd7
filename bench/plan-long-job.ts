import { planReturn, bestOrder, type Instance } from '@dialytica/core/plan'
import { machineState } from '@dialytica/core/test/generated-machine.ts'
import { median, type Line } from './line.ts'

/** Returns of 400 steps and some 900 arcs that are not implied by "power comes last", with their bounds, against one of 60 steps. */
export async function planLongJob(): Promise<Line> {
  const instances = (steps: number, seeds: number[]): Instance[] =>
    seeds.flatMap(seed => planReturn(machineState(seed, steps), 'front-loader').on ?? [])
  const quick = (on: Instance) => bestOrder(on, 1, 1)
  const long = instances(400, [477, 554, 631, 708, 785, 862, 939])
  const short = instances(60, [1, 2, 3, 4, 5, 6, 7, 8])
  const time = async (set: readonly Instance[]) => {
    const each: number[] = []
    for (const on of set) each.push(await median(5, () => quick(on)))
    return each.sort((a, b) => a - b)[set.length >> 1]!
  }
  console.log('  steps  arcs  cost (broken/turns/tools/distance)  no order is below')
  for (const on of long) {
    const { cost, bound } = quick(on)
    console.log(
      `  ${on.n}   ${String(on.arcs.length).padStart(5)}  ${Object.values(cost).join('/').padEnd(34)}  ${Object.values(bound).join('/')}`,
    )
  }
  const [ms, few] = [await time(long), await time(short)]
  return {
    name: 'plan-long-job',
    figure: ms,
    unit: 'ms',
    against: 'returns of 60 steps',
    ratio: ms / few,
    target: 'under 50 ms, bound reported',
    holds: ms < 50,
  }
}
