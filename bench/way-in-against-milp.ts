import { cheapest } from '@dialytica/core/access'
import { madeOpenings } from '@dialytica/core/test/made-openings.ts'
import { batchesOf, milpWayIn } from '@dialytica/core/test/milp-way-in.ts'
import type { Line } from './line.ts'

/** Seeds on which nothing was tuned. */
const first = 70_000

/** Ways in through machines of 250 items, up to three ways into each place, against HiGHS with a minute for each, and one batch more than ours has. */
export async function wayInAgainstMilp(): Promise<Line> {
  let [ours, theirs, proven, same] = [0, 0, 0, 0]
  for (let seed = first; seed < first + 10; seed++) {
    const openings = madeOpenings(seed, 250)
    const began = performance.now()
    const way = cheapest(openings)!
    const took = performance.now() - began
    const start = performance.now()
    const minutes = await milpWayIn(openings, batchesOf(openings, way.order) + 1, 60)
    if (minutes === null) continue
    proven += 1
    ours += took
    theirs += performance.now() - start
    if (Math.abs(minutes - way.minutes) < 1e-4) same += 1
  }
  return {
    name: 'way-in-against-milp',
    figure: ours / proven,
    unit: 'ms',
    against: `HiGHS, the same minutes on ${same} of ${proven} that it proves`,
    ratio: ours / theirs,
    target: 'the same on all, in 1/20 of its time',
    holds: same === proven && ours / theirs <= 1 / 20,
  }
}
