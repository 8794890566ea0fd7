import type { Floor, JobCard, KnownUnit, ListedModel } from '@dialytica/core/wire'
import { filled } from '../server/test/filled.ts'
import { asking } from './asking.ts'
import { inTurns, under, type Line } from './line.ts'
import { onScreen } from './on-screen.ts'
import { serving } from './serving.ts'

const jobs = Number(process.env.BENCH_JOBS ?? 10_000)
const sizes = {
  large: { models: 200, units: Math.ceil(jobs * 0.3), jobs, steps: 60, open: 200 },
  small: { models: 3, units: 6, jobs: 10, steps: 60, open: 4 },
}
/** Of each shop so many are taken, after some that do not count. */
const rounds = 120
const warm = 20

/** A shop, asked as a browser asks: what each view needs, over HTTP. */
async function asked(url: string, login: string) {
  const ask = await asking(url, login)
  const floor = await ask<Floor>('floor')
  const [model] = await ask<ListedModel[]>('models')
  const units = await ask<KnownUnit[]>(`units?model=${model!.id}`)
  const unit = units.find(u => u.jobs > 0) ?? units[0]!
  const card = floor.jobs[0]!
  const paths = {
    floor: 'floor',
    // As the list of models is asked for: those that fill it first.
    models: 'models?most=12',
    'one model': `units?model=${model!.id}`,
    "one unit's jobs": `jobs?unit=${unit.id}`,
    'closed lately': 'jobs?state=closed&most=6',
    'a plate': `units?serial=${encodeURIComponent(unit.serial)}`,
    completions: 'phrases',
    settings: 'settings',
    words: 'words',
    causes: 'solved',
    "one job's card": `jobs/${card.id}`,
  }
  return { paths, ask: (of: keyof typeof paths) => ask<JobCard[]>(paths[of]) }
}

/** The median of the times of the large shop, and how its median and 95th percentile stand to those of the small one. */
function against([large, small]: number[][]) {
  const [median, last] = [0.5, 0.95].map(s => under(s, large!) / under(s, small!)) as [number, number]
  return { ms: under(0.5, large!), median, last }
}

/** So often each floor is opened in a browser, after some that do not count. */
const views = 15
/** So many nodes the floor may have. */
const mostNodes = 2000
/** The floor of both shops in a browser, in turns: the milliseconds of the large one, their ratio, and its nodes. */
async function floorOnScreen(url: string) {
  const [large, small] = [await onScreen(url, 'lead'), await onScreen(url, 'stranger')]
  const times = await inTurns(views, 3, [large.floor, small.floor])
  const nodes = Math.max(await large.nodes(), await small.nodes())
  for (const shop of [large, small]) await shop.end()
  return { ...against(times), nodes }
}

/** What a shop of 10,000 jobs waits for on its lists, and for its floor on the screen, against one of ten on the same server; the worst of them. */
export async function largeShop(): Promise<Line> {
  const w = await serving()
  await filled(w, 'lead', sizes.large, line => console.error(line))
  await filled(w, 'stranger', sizes.small)
  const [large, small] = [await asked(w.url, 'lead'), await asked(w.url, 'stranger')]
  const names = Object.keys(large.paths) as (keyof typeof large.paths)[]
  const rows = []
  for (const name of names) {
    const times = await inTurns(rounds, warm, [() => large.ask(name), () => small.ask(name)])
    rows.push({ name, ...against(times) })
  }
  const floor = await floorOnScreen(w.url)
  rows.push({ name: 'floor on screen', ...floor })
  await w.end()
  console.error(`${floor.nodes} nodes on the floor`)
  console.error(
    rows.map(r => `${r.name}: ${r.ms.toFixed(1)} ms, ${r.median.toFixed(2)}x, ${r.last.toFixed(2)}x`).join('\n'),
  )
  const worst = rows.reduce((a, b) => (b.median > a.median ? b : a))
  return {
    name: 'large-shop',
    figure: worst.ms,
    unit: 'ms',
    against: `the same of a shop of ten jobs; the worst of ${rows.length} is ${worst.name}`,
    ratio: worst.median,
    target: `medians under 1.5, 95th percentiles under 2, ${mostNodes} nodes on the floor`,
    holds: floor.nodes <= mostNodes && rows.every(r => r.median < 1.5 && r.last < 2),
  }
}
