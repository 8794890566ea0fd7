import type { Plan } from '@dialytica/core/access'
import { describe, expect, it } from 'vitest'
import { stairsOf } from './stairs.ts'

const act = (minutes: number, turn: boolean, name: string) => ({
  source: { part: name, zone: 'base' },
  says: name,
  minutes,
  turn: turn ? { from: 'upright' as const, to: 'on its back' as const, people: 2, minutes: 2 } : null,
})

describe('the way down of a plan', () => {
  it('is as long as the plan, a step lower for each part, with its turns', () => {
    const plan = { acts: [act(2, false, 'panel'), act(3, true, 'pump')], minutes: 7.7 } as unknown as Plan
    const { points, turns } = stairsOf(plan)
    expect(points.map(p => p.depth)).toEqual([0, 1, 2])
    expect(points.at(-1)!.at).toBeCloseTo(7.7)
    expect(turns).toEqual([{ at: expect.closeTo(3.3), depth: 1 }])
  })
  it('of nothing to do is a point', () => {
    expect(stairsOf({ acts: [], minutes: 0 } as unknown as Plan)).toEqual({ points: [{ at: 0, depth: 0 }], turns: [] })
  })
})
