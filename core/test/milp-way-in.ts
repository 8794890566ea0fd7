import type { Openings } from '../access/openings.ts'
import { highs } from './highs.ts'

/**
 * The minutes of the best way in by mixed-integer programming, for acts that ask only for what comes before them in the list. A way is cut into
 * batches, each in one posture with one tool; `d_a_b` is 1 where an act is done by the end of a batch. A way of
 * more than so many `batches` is not looked at. Null where HiGHS does not prove it within `seconds`.
 */
export async function milpWayIn(
  { acts, goals, stands, turn, change }: Openings,
  batches: number,
  seconds: number,
): Promise<number | null> {
  const solver = await highs()
  const about = new Set<number>()
  const back = goals.flat()
  while (back.length) {
    const a = back.pop()!
    if (!about.has(a)) {
      about.add(a)
      back.push(...acts[a]!.needs.flat())
    }
  }
  const own = [...about]
  const postures = [...new Set([stands, ...own.flatMap(a => acts[a]!.posture || [])])]
  const tools = ['', ...new Set(own.flatMap(a => acts[a]!.tool || []))]
  const rows: string[] = []
  const objective: string[] = []
  const binaries: string[] = []
  const d = (a: number, b: number) => `d_${a}_${b}`
  for (const a of own) {
    objective.push(`${acts[a]!.minutes} ${d(a, batches - 1)}`)
    for (let b = 0; b < batches; b++) {
      binaries.push(d(a, b))
      const before = b > 0 ? ` - ${d(a, b - 1)}` : ''
      if (b > 0) rows.push(`${d(a, b)}${before} >= 0`)
      const p = postures.indexOf(acts[a]!.posture)
      if (acts[a]!.posture !== '') rows.push(`${d(a, b)}${before} - p_${b}_${p} <= 0`)
      const t = tools.indexOf(acts[a]!.tool)
      if (acts[a]!.tool !== '') rows.push(`${d(a, b)}${before} - t_${b}_${t} <= 0`)
      for (const group of acts[a]!.needs) rows.push(`${d(a, b)} - ${group.map(g => d(g, b)).join(' - ')} <= 0`)
    }
  }
  for (const group of goals) rows.push(`${group.map(g => d(g, batches - 1)).join(' + ')} >= 1`)
  for (let b = 0; b < batches; b++) {
    // From each posture to the next as a flow, so that a turn costs what it does.
    for (const [p, from] of postures.entries())
      for (const [q, to] of postures.entries()) {
        if (b === 0 && from !== stands) continue
        if (from !== to) objective.push(`${turn(from, to)} f_${b}_${p}_${q}`)
      }
    const sources = b === 0 ? [postures.indexOf(stands)] : [...postures.keys()]
    for (const [q] of postures.entries()) {
      binaries.push(`p_${b}_${q}`)
      rows.push(`${sources.map(p => `f_${b}_${p}_${q}`).join(' + ')} - p_${b}_${q} = 0`)
    }
    if (b === 0) rows.push(`${[...postures.keys()].map(q => `f_0_${sources[0]}_${q}`).join(' + ')} = 1`)
    else
      for (const [p] of postures.entries())
        rows.push(`${[...postures.keys()].map(q => `f_${b}_${p}_${q}`).join(' + ')} - p_${b - 1}_${p} = 0`)
    for (const [t, tool] of tools.entries()) {
      binaries.push(`t_${b}_${t}`)
      if (tool === '') continue
      objective.push(`${change} c_${b}_${t}`)
      rows.push(`c_${b}_${t} - t_${b}_${t}${b > 0 ? ` + t_${b - 1}_${t}` : ''} >= 0`)
    }
    rows.push(`${tools.map((_, t) => `t_${b}_${t}`).join(' + ')} = 1`)
    if (b === 0) continue
    // A batch takes another tool or posture than the one before it, or it is idle and so are all after it: else one way is many.
    const changes = [
      ...tools.flatMap((tool, t) => (tool === '' ? [] : [`c_${b}_${t}`])),
      ...postures.flatMap((_, p) => postures.flatMap((_, q) => (p === q ? [] : [`f_${b}_${p}_${q}`]))),
    ]
    binaries.push(`e_${b}`)
    if (changes.length) rows.push(`${changes.join(' + ')} + e_${b} >= 1`)
    for (const c of changes) rows.push(`${c} + e_${b} <= 1`)
    if (b > 1) rows.push(`e_${b} - e_${b - 1} >= 0`)
    rows.push(`t_${b}_0 - t_${b - 1}_0 <= 0`)
    for (const a of own) rows.push(`${d(a, b)} - ${d(a, b - 1)} + e_${b} <= 1`)
  }
  const text = [
    'Minimize',
    ` obj: ${objective.join(' + ')}`,
    'Subject To',
    ...rows.map((row, i) => ` r${i}: ${row}`),
    'Binary',
    ` ${binaries.join('\n ')}`,
    'End',
  ].join('\n')
  const found = solver.solve(text, { time_limit: seconds, mip_rel_gap: 0, output_flag: false })
  return found.Status === 'Optimal' ? found.ObjectiveValue : null
}

/** In how many batches a way is walked: runs of acts in one posture with one tool. */
export function batchesOf({ acts, stands }: Openings, order: readonly number[]): number {
  let [posture, tool, batches] = [stands, '', 1]
  for (const a of order) {
    const [p, t] = [acts[a]!.posture || posture, acts[a]!.tool || tool]
    if (p !== posture || t !== tool) batches++
    ;[posture, tool] = [p, t]
  }
  return batches
}
