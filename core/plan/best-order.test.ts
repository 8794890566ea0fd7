import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { costOf, noCost, ungrounded, type Cost, type Instance } from './instance.ts'
import { bestOrder } from './best-order.ts'

/** All orders that keep the arcs. */
function* extensions(on: Instance, order: number[] = []): Generator<number[]> {
  if (order.length === on.n) yield order
  else
    for (let s = 0; s < on.n; s++)
      if (!order.includes(s) && on.arcs.every(([a, b]) => b !== s || order.includes(a)))
        yield* extensions(on, [...order, s])
}
const less = (a: Cost, b: Cost) =>
  a.unsafe - b.unsafe || a.broken - b.broken || a.turns - b.turns || a.tools - b.tools || a.distance - b.distance

/** Steps of a machine: arcs go along a hidden order, so that they never contradict each other. */
const arbitraryInstance = (most: number): fc.Arbitrary<Instance> =>
  fc.integer({ min: 1, max: most }).chain(n =>
    fc
      .record({
        hidden: fc.shuffledSubarray([...Array(n).keys()], { minLength: n, maxLength: n }),
        pairs: fc.array(fc.tuple(fc.nat(n - 1), fc.nat(n - 1)), { maxLength: n }),
        posture: fc.array(fc.constantFrom('upright', 'on its back', ''), { minLength: n, maxLength: n }),
        also: fc.array(fc.subarray(['on its back', 'on its left side']), { minLength: n, maxLength: n }),
        tool: fc.array(fc.constantFrom('T20 driver', '8 mm spanner', ''), { minLength: n, maxLength: n }),
        stands: fc.constantFrom('upright', 'on its back', 'on its left side', ''),
        home: fc.constantFrom('upright', 'on its back', ''),
        holdings: fc.array(
          fc.record({
            seat: fc.integer({ min: -1, max: n - 1 }),
            by: fc.array(fc.nat(n - 1), { minLength: 1, maxLength: 2 }),
          }),
          { maxLength: 2 },
        ),
      })
      .map(({ hidden, pairs, posture, also, tool, ...rest }) => {
        const at = hidden.map((_, i) => hidden.indexOf(i))
        return {
          n,
          arcs: pairs.filter(([a, b]) => at[a]! < at[b]!),
          posture,
          also: also.map((more, s) => (posture[s] === '' ? [] : more.filter(p => p !== posture[s]))),
          tool,
          ...rest,
        }
      }),
  )

describe('the order of least cost', () => {
  it('is that of trying all orders', () => {
    fc.assert(
      fc.property(arbitraryInstance(7), on => {
        const found = bestOrder(on)
        const best = [...extensions(on)].map(order => costOf(on, order)).sort(less)[0]!
        expect(found.proven).toBe(true)
        expect(found.cost).toEqual(best)
        expect(costOf(on, found.order)).toEqual(found.cost)
        expect(found.bound).toEqual(found.cost)
      }),
      { numRuns: 150 },
    )
  })
  it('holds every step once, keeps every arc, and is never below its bound, however narrow the search', () => {
    fc.assert(
      fc.property(arbitraryInstance(9), fc.constantFrom(1, 3, 20), (on, width) => {
        const { order, cost, bound } = bestOrder(on, width, 3)
        expect(order.toSorted((a, b) => a - b)).toEqual([...Array(on.n).keys()])
        for (const [a, b] of on.arcs) expect(order.indexOf(a)).toBeLessThan(order.indexOf(b))
        expect(less(bound, cost)).toBeLessThanOrEqual(0)
        expect(less(bound, bestOrder(on, 20_000).cost)).toBeLessThanOrEqual(0)
      }),
      { numRuns: 60 },
    )
  })
  it('is the mirror where nothing speaks against it', () => {
    const on: Instance = {
      n: 9,
      arcs: [],
      posture: Array(9).fill('upright'),
      tool: Array(9).fill(''),
      ...ungrounded,
    }
    expect(bestOrder(on)).toEqual({
      order: [0, 1, 2, 3, 4, 5, 6, 7, 8],
      cost: noCost,
      proven: true,
      bound: noCost,
    })
  })
})
