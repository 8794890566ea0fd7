import highsLoader, { type LegacyHighs as Highs } from 'highs'
import type { Cost, Instance } from '../plan/instance.ts'

let loaded: Promise<Highs> | null = null
const highs = (): Promise<Highs> => (loaded ??= highsLoader() as Promise<Highs>)

/** A linear program under construction, in the CPLEX LP format. */
interface Program {
  rows: string[]
  binaries: Set<string>
}

/** Which posture or tool is in hand after each place, and where it changes; returns the terms of all changes. */
function needs(program: Program, on: Instance, of: readonly string[], name: string): string[] {
  const kinds = [...new Set(of)].filter(k => k !== '')
  if (kinds.length < 2) return []
  const places = [...Array(on.n).keys()]
  const hand = (p: number, k: number) => `${name}_${p}_${k}`
  const terms: string[] = []
  for (const p of places) {
    for (const k of kinds.keys()) program.binaries.add(hand(p, k))
    program.rows.push(`${kinds.map((_, k) => hand(p, k)).join(' + ')} = 1`)
    for (const [k, kind] of kinds.entries()) {
      const takers = places.filter(s => of[s] === kind)
      program.rows.push(`${hand(p, k)} - ${takers.map(s => `y_${s}_${p}`).join(' - ')} >= 0`)
    }
    if (p === 0) continue
    const change = `${name}c_${p}`
    terms.push(change)
    for (const k of kinds.keys()) program.rows.push(`${change} - ${hand(p, k)} + ${hand(p - 1, k)} >= 0`)
  }
  return terms
}

/**
 * The same order by mixed-integer programming: places are assigned to steps (`y`), pairs are before or after each other (`x`), and a
 * tournament whose scores are the places is an order. The four figures of the cost are minimised one after the other, each fixed before
 * the next. `null` where HiGHS does not prove it within `seconds` in all by the clock `now` (ms).
 */
export async function milpCost(on: Instance, seconds: number, now: () => number): Promise<Cost | null> {
  const solver = await highs()
  const steps = [...Array(on.n).keys()]
  const program: Program = { rows: [], binaries: new Set() }
  const { rows, binaries } = program
  const pairs = steps.flatMap(i => steps.slice(i + 1).map(j => [i, j] as const))
  // x_i_j is 1 where the pair is turned round: j before i.
  for (const [i, j] of pairs) binaries.add(`x_${i}_${j}`)
  for (const s of steps) {
    for (const p of steps) binaries.add(`y_${s}_${p}`)
    rows.push(`${steps.map(p => `y_${s}_${p}`).join(' + ')} = 1`)
    rows.push(`${steps.map(t => `y_${t}_${s}`).join(' + ')} = 1`)
    const before = [
      ...steps.filter(i => i < s).map(i => ` + x_${i}_${s}`),
      ...steps.filter(j => j > s).map(j => ` - x_${s}_${j}`),
    ]
    rows.push(`${steps.map(p => `${p} y_${s}_${p}`).join(' + ')}${before.join('')} = ${s}`)
  }
  for (const [a, b] of on.arcs) {
    rows.push(a < b ? `x_${a}_${b} = 0` : `x_${b}_${a} = 1`)
    for (const p of steps)
      rows.push(
        [...steps.slice(0, p + 1).map(q => `y_${b}_${q}`)].join(' + ') +
          steps
            .slice(0, p)
            .map(q => ` - y_${a}_${q}`)
            .join('') +
          ' <= 0',
      )
  }
  // Three steps are never round in a circle: implied for whole numbers, and a tighter relaxation.
  if (on.n <= 30)
    for (const [i, j] of pairs)
      for (const k of steps.slice(j + 1)) {
        rows.push(`x_${i}_${j} + x_${j}_${k} - x_${i}_${k} <= 1`)
        rows.push(`x_${i}_${k} - x_${i}_${j} - x_${j}_${k} <= 0`)
      }
  const turns = needs(program, on, on.posture, 'p')
  const tools = needs(program, on, on.tool, 't')
  const goals: [keyof Cost, string[]][] = [
    ['broken', steps.slice(1).map(s => `x_${s - 1}_${s}`)],
    ['turns', turns],
    ['tools', tools],
    ['distance', pairs.map(([i, j]) => `x_${i}_${j}`)],
  ]
  const cost: Cost = { broken: 0, turns: 0, tools: 0, distance: 0 }
  const end = now() + seconds * 1000
  for (const [name, terms] of goals) {
    if (terms.length === 0) continue
    const left = (end - now()) / 1000
    if (left <= 0) return null
    const text = [
      'Minimize',
      ` obj: ${terms.join(' + ')}`,
      'Subject To',
      ...rows.map((row, i) => ` r${i}: ${row}`),
      'Bounds',
      ...turns.concat(tools).map(c => ` 0 <= ${c} <= 1`),
      'Binary',
      ` ${[...binaries].join('\n ')}`,
      'End',
    ].join('\n')
    const found = solver.solve(text, { time_limit: left, mip_rel_gap: 0, output_flag: false })
    if (found.Status !== 'Optimal') return null
    cost[name] = Math.round(found.ObjectiveValue)
    rows.push(`${terms.join(' + ')} <= ${cost[name]}`)
  }
  return cost
}
