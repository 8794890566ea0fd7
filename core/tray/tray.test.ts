import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cellsOf, distance } from './cells.ts'
import { layTray } from './layout.ts'
import { proposeCell } from './propose.ts'

const size = { rows: 5, columns: 4 }

describe('cells', () => {
  it('touch by side and corner', () => {
    expect([distance('B2', 'B2'), distance('B2', 'C3'), distance('A1', 'A3'), distance('A9', 'A10')]).toEqual([
      0, 1, 2, 1,
    ])
  })
})

describe('the next cell', () => {
  it('is the first free one, and none when the tray is full', () => {
    expect(proposeCell(size, new Set())).toBe('A1')
    expect(proposeCell(size, new Set(['A1', 'A2', 'B1']))).toBe('A3')
    expect(proposeCell({ rows: 1, columns: 2 }, new Set(['A1', 'A2']))).toBeUndefined()
  })
  it('never touches a look-alike while another is free', () => {
    expect(proposeCell(size, new Set(['A1']), ['A1'])).toBe('A3')
    expect(proposeCell(size, new Set(['A1', 'A3']), ['A1', 'A3'])).toBe('C1')
  })
  it('is the farthest one where all free ones touch', () => {
    expect(proposeCell({ rows: 1, columns: 2 }, new Set(['A1']), ['A1'])).toBe('A2')
  })
  it('can always be had while a hand still finds an empty one, and filling the tray by it fills every cell once', () =>
    fc.assert(
      fc.property(fc.subarray(cellsOf(size)), fc.subarray(cellsOf(size), { maxLength: 4 }), (lying, apart) => {
        const used = new Set(lying)
        for (let left = 20 - used.size; left > 0; left--) used.add(proposeCell(size, used, apart)!)
        expect([...used].sort()).toEqual(cellsOf(size).sort())
        expect(proposeCell(size, used, apart)).toBeUndefined()
      }),
    ))
  it('is never one that touches a look-alike while moving it by hand would part them', () =>
    fc.assert(
      fc.property(
        fc.subarray(cellsOf(size), { maxLength: 19 }),
        fc.subarray(cellsOf(size), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(...cellsOf(size)),
        (used, apart, byHand) => {
          fc.pre(!used.includes(byHand))
          const touches = (cell: string) => apart.some(a => distance(cell, a) <= 1)
          const proposed = proposeCell(size, new Set(used), apart)!
          expect(touches(proposed) && !touches(byHand)).toBe(false)
        },
      ),
    ))
})

/** A random layout and pairs of which none touch in it: a tray that is known to have an answer. */
const planted = (rows: number, columns: number) =>
  fc
    .tuple(
      fc.shuffledSubarray(cellsOf({ rows, columns }), { minLength: 2 }),
      fc.array(fc.boolean(), { minLength: 36, maxLength: 36 }),
    )
    .map(([at, coins]) => {
      const coin = [...coins]
      const pairs: [number, number][] = []
      for (let a = 0; a < at.length; a++)
        for (let b = 0; b < a; b++)
          if (distance(at[a]!, at[b]!) > 1 && coin.pop() && pairs.length < at.length) pairs.push([a, b])
      return { n: at.length, pairs }
    })

describe('the layout of a whole tray', () => {
  it('follows the order of the return where nothing looks alike', () => {
    expect(layTray({ rows: 2, columns: 2 }, 3, [])).toEqual({ cells: ['A1', 'A2', 'B1'], touching: 0 })
  })
  it('lays look-alikes apart', () => {
    expect(layTray(size, 2, [[0, 1]])?.touching).toBe(0)
  })
  it('says how many touch where they must', () => {
    expect(layTray({ rows: 2, columns: 2 }, 2, [[0, 1]])?.touching).toBe(1)
    expect(layTray({ rows: 1, columns: 1 }, 2, [])).toBeNull()
  })
  it('finds a layout wherever a small tray has one, and gives each group a cell of its own', () =>
    fc.assert(
      fc.property(planted(3, 3), ({ n, pairs }) => {
        const layout = layTray({ rows: 3, columns: 3 }, n, pairs)!
        expect(layout.touching).toBe(0)
        expect(new Set(layout.cells).size).toBe(n)
        for (const [a, b] of pairs) expect(distance(layout.cells[a]!, layout.cells[b]!)).toBeGreaterThan(1)
      }),
      { numRuns: 60 },
    ))
  it('counts what touches truly, also where it is stuck', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 12 }).chain(n =>
          fc.tuple(
            fc.constant(n),
            fc.array(
              fc.tuple(fc.nat(n - 1), fc.nat(n - 1)).filter(([a, b]) => a !== b),
              { maxLength: 30 },
            ),
          ),
        ),
        ([n, pairs]) => {
          const { cells, touching } = layTray({ rows: 3, columns: 4 }, n, pairs)!
          expect(touching).toBe(pairs.filter(([a, b]) => distance(cells[a]!, cells[b]!) <= 1).length)
        },
      ),
      { numRuns: 60 },
    ))
})
