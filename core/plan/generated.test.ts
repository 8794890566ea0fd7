import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gates } from './gates.ts'
import { costOf } from './instance.ts'
import { planReturn } from './plan.ts'
import { bestOrder } from './best-order.ts'
import { machineState } from '../test/generated-machine.ts'
import { takeBack } from '../test/take-back.ts'
import { milpCost } from '../test/milp-return.ts'

/** Machines with nested zones, several parts on one bracket, lines through parts, orders that were said, some of them contradicting. */
const arbitraryMachine = fc
  .record({ seed: fc.nat(), steps: fc.integer({ min: 5, max: 40 }), said: fc.integer({ min: 0, max: 4 }) })
  .map(({ seed, steps, said }) => machineState(seed, steps, said))
const family = 'front-loader'

describe('on generated machines', () => {
  it('5: a planned return is a linear extension of its arcs with every debt once; what contradicts it is given up and told', () => {
    fc.assert(
      fc.property(arbitraryMachine, state => {
        const plan = planReturn(state, family)
        const { arcs, given } = plan
        expect(plan.steps.flatMap(r => r.debts.map(d => d.id)).sort()).toEqual([...state.debts.keys()].sort())
        // What cannot hold beside the rest is given up and told, never an arc of safety; all the others hold.
        plan.contradiction?.forEach((arc, i, cycle) => {
          expect([...arcs, ...given]).toContainEqual(arc)
          expect(arc.then).toBe(cycle[(i + 1) % cycle.length]!.first)
        })
        expect(given.length > 0).toBe(plan.contradiction !== null)
        expect(given.filter(a => a.reason === 'isolation')).toEqual([])
        const at = new Map(plan.steps.map((r, i) => [r.step.id, i]))
        for (const arc of arcs) expect(at.get(arc.first)!).toBeLessThan(at.get(arc.then)!)
        // Every step that came up is told, with a reason that is an arc or a saved change.
        for (const d of plan.departures) expect(at.get(d.step)! < at.get(d.past)!).toBe(d.moved === 'up')
      }),
      { numRuns: 120 },
    )
  })
  it('6: settled in its order, planned anew after every step, it passes no gate with a debt behind it', () => {
    fc.assert(
      fc.property(arbitraryMachine, start => {
        if (planReturn(start, family).contradiction) return
        let state = start
        for (let n = 0; state.owing.size > 0; n++) {
          const plan = planReturn(state, family)
          const at = plan.steps.findIndex(r => r.owes > 0)
          const gate = gates(family, plan.steps).find(g => g.at === at)
          if (!gate?.turn || plan.cost.unsafe === 0) expect(gate?.behind ?? []).toEqual([])
          expect(n).toBeLessThan(200)
          state = takeBack(state, plan.steps[at]!, 100_000 + n * 100)
        }
        expect(gates(family, planReturn(state, family).steps).flatMap(g => g.behind)).toEqual([])
      }),
      { numRuns: 25 },
    )
  })
  it('costs what mixed-integer programming finds, on small ones', async () => {
    let held = 0
    for (let seed = 1; held < 8; seed++) {
      const { on } = planReturn(machineState(seed, 12, seed % 3), family)
      if (!on) continue
      const found = bestOrder(on)
      expect(found.proven).toBe(true)
      expect(costOf(on, found.order)).toEqual(found.cost)
      expect(await milpCost(on, 600, () => 0), `machine ${seed}`).toEqual(found.cost)
      held += 1
    }
  })
})
