import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { madeOpenings } from '../test/made-openings.ts'
import { batchesOf, milpWayIn } from '../test/milp-way-in.ts'
import { cheapest } from './cheapest.ts'
import type { Openable, Openings } from './openings.ts'

/** Small openings of any shape, also such as ask for each other in a circle. */
function anyShape(seed: number): Openings {
  const d = dice(seed + 900)
  const n = d.int(3, 8)
  const group = () => Array.from({ length: d.int(1, 3) }, () => d.int(0, n - 1))
  const acts = Array.from({ length: n }, (): Openable => ({
    minutes: d.int(0, 20) / 10,
    needs: d.hit(0.4) ? [] : Array.from({ length: d.int(1, 2) }, group),
    posture: d.pick(['', 'up', 'back', 'front']),
    tool: d.pick(['', 'a', 'b']),
  }))
  const far = { up: 0, back: 1, front: 3 } as Record<string, number>
  return {
    acts,
    goals: Array.from({ length: d.int(1, 2) }, group),
    stands: 'up',
    turn: (a, b) => Math.abs(far[a]! - far[b]!),
    change: 0.5,
  }
}

/** The fewest minutes by looking at every set of acts done, with every posture and tool (Dijkstra 1959). */
function byEveryOrder({ acts, goals, stands, turn, change }: Openings): number {
  const best = new Map<string, number>()
  const open: { done: number; posture: string; tool: string; minutes: number }[] = [
    { done: 0, posture: stands, tool: '', minutes: 0 },
  ]
  const has = (done: number, group: readonly number[]) => group.some(g => done & (1 << g))
  while (open.length) {
    open.sort((a, b) => b.minutes - a.minutes)
    const { done, posture, tool, minutes } = open.pop()!
    if (goals.every(g => has(done, g))) return minutes
    const key = `${done} ${posture} ${tool}`
    if ((best.get(key) ?? Infinity) <= minutes) continue
    best.set(key, minutes)
    acts.forEach((a, i) => {
      if (done & (1 << i) || !a.needs.every(g => has(done, g))) return
      const [p, t] = [a.posture || posture, a.tool || tool]
      const moving = turn(posture, p) + (t === tool ? 0 : change)
      open.push({ done: done | (1 << i), posture: p, tool: t, minutes: minutes + a.minutes + moving })
    })
  }
  return Infinity
}
/** Minutes of a way as it is walked; fails where an act comes before what it asks for. */
function walked({ acts, stands, turn, change }: Openings, order: readonly number[]): number {
  let [posture, tool, minutes] = [stands, '', 0]
  order.forEach((a, at) => {
    expect(acts[a]!.needs.every(g => g.some(b => order.indexOf(b) >= 0 && order.indexOf(b) < at))).toBe(true)
    const [p, t] = [acts[a]!.posture || posture, acts[a]!.tool || tool]
    minutes += acts[a]!.minutes + turn(posture, p) + (t === tool ? 0 : change)
    ;[posture, tool] = [p, t]
  })
  return minutes
}

describe('the cheapest way in', () => {
  it('costs what looking at every order finds, on openings of any shape', () => {
    for (let seed = 0; seed < 400; seed++) {
      const openings = anyShape(seed)
      const truth = byEveryOrder(openings)
      const way = cheapest(openings)
      expect(way?.minutes ?? Infinity, `seed ${seed}`).toBeCloseTo(truth, 6)
      if (!way) continue
      expect(way.atLeast).toBeCloseTo(way.minutes, 6)
      expect(walked(openings, way.order)).toBeCloseTo(way.minutes, 6)
    }
  })
  it('costs what mixed-integer programming proves, on machines', async () => {
    for (const seed of [2, 3, 5, 6, 8]) {
      const openings = madeOpenings(seed, 40)
      const way = cheapest(openings)!
      expect(await milpWayIn(openings, batchesOf(openings, way.order) + 1, 60)).toBeCloseTo(way.minutes, 5)
    }
  })
  it('goes by nothing that is ruled out, and says where nothing leads', () => {
    const openings = madeOpenings(3, 60)
    const way = cheapest(openings)!
    for (const a of way.order) {
      const other = cheapest(openings, new Set([a]))
      expect(other?.order ?? []).not.toContain(a)
      expect(other?.minutes ?? Infinity).toBeGreaterThanOrEqual(way.minutes - 1e-6)
    }
    expect(cheapest(openings, new Set(openings.goals[0]))).toBeNull()
  })
})
