import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { expectedMinutes, searchOrder, type SearchNode } from './order.ts'

/** Places under nested openings; `mixed` lets a place lie under two of them. */
const arbitrarySearch = (mixed: boolean): fc.Arbitrary<SearchNode[]> =>
  fc
    .record({
      openings: fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 12 }), up: fc.nat() }), { maxLength: 5 }),
      places: fc.array(
        fc.record({
          p: fc.integer({ min: 0, max: 30 }),
          minutes: fc.integer({ min: 1, max: 5 }),
          up: fc.nat(),
          also: fc.nat(),
        }),
        { minLength: 1, maxLength: 9 },
      ),
    })
    .map(({ openings, places }) => {
      const total = places.reduce((sum, x) => sum + x.p, 0) || 1
      const up = (n: number, of: number) => (n % (of + 1) === of ? [] : [`o${n % (of + 1)}`])
      return [
        ...openings.map((o, i) => ({ id: `o${i}`, likelihood: 0, minutes: o.minutes, under: up(o.up, i) })),
        ...places.map((x, i) => ({
          id: `h${i}`,
          likelihood: x.p / total,
          minutes: x.minutes,
          under: [...new Set([...up(x.up, openings.length), ...(mixed ? up(x.also, openings.length) : [])])],
        })),
      ]
    })

/** The least expected minutes over all orders of the places, each opened when it is first needed. */
function brute(nodes: readonly SearchNode[]): number {
  const by = new Map(nodes.map(n => [n.id, n]))
  const above = (id: string): string[] => by.get(id)!.under.flatMap(u => [...above(u), u])
  const places = nodes.filter(n => n.id.startsWith('h'))
  const memo = new Map<number, number>()
  const rest = (looked: number): number => {
    if (looked === 2 ** places.length - 1) return 0
    const known = memo.get(looked)
    if (known !== undefined) return known
    const open = new Set(places.flatMap((p, i) => (looked & (1 << i) ? above(p.id) : [])))
    const left = places.reduce((sum, p, i) => (looked & (1 << i) ? sum : sum + p.likelihood), 0)
    let least = Infinity
    places.forEach((p, i) => {
      if (looked & (1 << i)) return
      const minutes = new Set(above(p.id).filter(o => !open.has(o)))
      const cost = p.minutes + [...minutes].reduce((sum, o) => sum + by.get(o)!.minutes, 0)
      least = Math.min(least, cost * left + rest(looked | (1 << i)))
    })
    memo.set(looked, least)
    return least
  }
  return rest(0)
}
const stands = (nodes: readonly SearchNode[], order: readonly string[]) => {
  expect([...order].sort()).toEqual(nodes.map(n => n.id).sort())
  for (const n of nodes) for (const u of n.under) expect(order.indexOf(u)).toBeLessThan(order.indexOf(n.id))
}

describe('the order in which to look', () => {
  it('is the best of all orders where the openings form a forest, up to nine places', () => {
    fc.assert(
      fc.property(arbitrarySearch(false), nodes => {
        const { order, expected, exact, bound } = searchOrder(nodes)
        stands(nodes, order)
        expect(exact).toBe(true)
        expect(expected).toBeCloseTo(brute(nodes), 9)
        expect(bound).toBe(expected)
        expect(expectedMinutes(nodes, order)).toBe(expected)
      }),
      { numRuns: 300 },
    )
  })
  it('elsewhere keeps the openings, and no order is below its bound', () => {
    fc.assert(
      fc.property(arbitrarySearch(true), nodes => {
        const { order, expected, bound } = searchOrder(nodes)
        stands(nodes, order)
        const best = brute(nodes)
        expect(bound).toBeLessThanOrEqual(best + 1e-9)
        expect(expected).toBeGreaterThanOrEqual(best - 1e-9)
      }),
      { numRuns: 200 },
    )
  })
  it('opens a cover for two places before it goes to a likelier one that is far', () => {
    const nodes: SearchNode[] = [
      { id: 'rear', likelihood: 0, minutes: 4, under: [] },
      { id: 'h1', likelihood: 0.3, minutes: 1, under: ['rear'] },
      { id: 'h2', likelihood: 0.3, minutes: 1, under: ['rear'] },
      { id: 'h3', likelihood: 0.4, minutes: 9, under: [] },
    ]
    expect(searchOrder(nodes).order).toEqual(['rear', 'h1', 'h2', 'h3'])
  })
})
