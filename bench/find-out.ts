import { drawFault, otherWorld } from '@dialytica/core/test/triage/faults.ts'
import { otherWays } from '@dialytica/core/test/triage/other-ways.ts'
import { bySchool, fieldOf, noEvidence, table, walk, type Walked, type Way } from '@dialytica/core/triage'
import type { Line } from './line.ts'

/** So many machines, over so many worlds with figures of their own. */
const machines = 2000
const worlds = 20
/** Seeds that nothing was tuned on. */
const first = 90_000

const ways: Record<string, Way> = { ours: bySchool('test first'), ...otherWays }

const at = (sorted: readonly number[], share: number) => sorted[Math.floor(share * (sorted.length - 1))]!
const mean = (all: readonly number[]) => all.reduce((sum, x) => sum + x, 0) / all.length

/** How each way fares over machines with faults drawn by other figures than the table's. */
function measured(): Record<string, Walked[]> {
  const drawn = Array.from({ length: worlds }, (_, i) => otherWorld(table, first + i))
  const fields = { 'front-loader': fieldOf(table, 'front-loader'), 'top-loader': fieldOf(table, 'top-loader') }
  const faults = Array.from({ length: machines }, (_, i) => drawFault(drawn[i % worlds]!, first + 1000 + i))
  return Object.fromEntries(
    Object.entries(ways).map(([name, way]) => [
      name,
      faults.map(f => walk(fields[f.family], { ...noEvidence, told: f.told }, { open: [], power: true }, way, f)),
    ]),
  )
}

/** Minutes until the cause is found, and parts bought in vain, over 2,000 faults: ours against four other ways with the same table. */
export async function findOut(): Promise<Line> {
  const told = Object.entries(measured()).map(([name, walked]) => {
    const minutes = walked.map(w => (w.found ? w.minutes : Math.max(w.minutes, 240))).sort((a, b) => a - b)
    return {
      name,
      median: at(minutes, 0.5),
      p90: at(minutes, 0.9),
      mean: mean(minutes),
      vain: mean(walked.map(w => w.vain)),
      bought: mean(walked.map(w => (w.vain > 0 ? 1 : 0))),
      found: mean(walked.map(w => (w.found ? 1 : 0))),
    }
  })
  for (const t of told)
    console.error(
      `  ${t.name.padEnd(34)} median ${t.median.toFixed(1)}, 90th ${t.p90.toFixed(0)}, mean ${t.mean.toFixed(1)} min; parts in vain ${t.vain.toFixed(3)} h a job, in ${(t.bought * 100).toFixed(1)} %; found ${(t.found * 100).toFixed(1)} %`,
    )
  const [mine, ...others] = told as [(typeof told)[0], ...typeof told]
  const best = others.reduce((a, b) => (b.median < a.median ? b : a))
  const holds = mine.median <= 0.6 * best.median && mine.p90 <= 0.6 * best.p90 && mine.vain <= 0.25 * best.vain
  return {
    name: 'find-out',
    figure: mine.median,
    unit: 'min',
    against: `${best.name} (90th × ${(mine.p90 / best.p90).toFixed(2)}, parts × ${(mine.vain / best.vain).toFixed(2)})`,
    ratio: mine.median / best.median,
    target: 'at most 0.6 of its minutes, a quarter of its parts',
    holds,
  }
}
