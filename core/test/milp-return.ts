import type { Cost, Instance } from '../plan/instance.ts'
import { highs } from './highs.ts'

/** A linear program under construction, in the CPLEX LP format. */
interface Program {
  rows: string[]
  binaries: Set<string>
}

/**
 * Which posture or tool is in hand after each place, and where it changes, from `stands` at the beginning to `home` in the end; returns the
 * terms of all changes, by their places.
 */
function needs(
  program: Program,
  on: Instance,
  of: readonly string[],
  name: string,
  [stands, home]: readonly [string, string] = ['', ''],
): string[] {
  const kinds = [...new Set([...of, stands, home])].filter(k => k !== '')
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
    const change = `${name}c_${p}`
    if (p > 0 || stands !== '') terms.push(change)
    for (const [k, kind] of kinds.entries())
      if (p > 0) program.rows.push(`${change} - ${hand(p, k)} + ${hand(p - 1, k)} >= 0`)
      else if (stands !== '' && kind !== stands) program.rows.push(`${change} - ${hand(0, k)} >= 0`)
  }
  if (home !== '') {
    terms.push(`${name}c_${on.n}`)
    for (const [k, kind] of kinds.entries())
      if (kind !== home) program.rows.push(`${name}c_${on.n} - ${hand(on.n - 1, k)} >= 0`)
  }
  return terms
}

/** Where the machine is turned while something could fall; returns the terms of all such turns. A turn is made just before the step that needs it. */
function falling(program: Program, on: Instance, turns: readonly string[]): string[] {
  if (turns.length === 0 || on.holdings.length === 0) return []
  const places = [...Array(on.n).keys()]
  const terms: string[] = []
  for (const turn of turns) {
    const at = Number(turn.split('_').at(-1))
    const before = (s: number) => places.slice(0, at).map(q => `y_${s}_${q}`)
    const term = `u_${at}`
    terms.push(term)
    const less = (of: readonly string[]) => of.map(y => ` - ${y}`).join('')
    const more = (of: readonly string[]) => of.map(y => ` + ${y}`).join('')
    for (const { seat, by } of on.holdings) {
      const seated = seat < 0 ? [] : before(seat)
      const free = seat < 0 ? 1 : 0
      // In place and nothing of `by` done: u ≥ turn + seated - all of `by` done so far - 1.
      program.rows.push(`${term} - ${turn}${less(seated)}${more([...new Set(by)].flatMap(before))} >= ${free - 1}`)
      for (const f of new Set(by)) {
        const posture = on.posture[f]!
        const kinds = [...new Set([...on.posture, on.stands, on.home])].filter(k => k !== '')
        const k = kinds.indexOf(posture)
        // … and the machine stands where it is fastened.
        const here = posture === '' ? '' : at === 0 ? '' : ` - p_${at - 1}_${k}`
        const stands = posture === '' || (at === 0 && on.stands === posture) ? 1 : 0
        if (at === 0 && posture !== '' && on.stands !== posture) continue
        program.rows.push(`${term} - ${turn}${less(seated)}${here}${more(before(f))} >= ${free + stands - 2}`)
      }
    }
  }
  return terms
}

/**
 * The same order by mixed-integer programming: places are assigned to steps (`y`), pairs are before or after each other (`x`), and a
 * tournament whose scores are the places is an order. The five figures of the cost are minimised one after the other, each fixed before
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
  const turns = needs(program, on, on.posture, 'p', [on.stands, on.home])
  const unsafe = falling(program, on, turns)
  const tools = needs(program, on, on.tool, 't')
  const goals: [keyof Cost, string[]][] = [
    ['unsafe', unsafe],
    ['broken', steps.slice(1).map(s => `x_${s - 1}_${s}`)],
    ['turns', turns],
    ['tools', tools],
    ['distance', pairs.map(([i, j]) => `x_${i}_${j}`)],
  ]
  const cost: Cost = { unsafe: 0, broken: 0, turns: 0, tools: 0, distance: 0 }
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
      ...turns.concat(tools, unsafe).map(c => ` 0 <= ${c} <= 1`),
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
