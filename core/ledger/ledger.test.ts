import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { blank, type JobState } from '../log/state.ts'
import { balance } from './balance.ts'
import { trayOf } from './lying.ts'
import { openDebts, owedByZone, piecesOwed, stillOwed } from './open-debts.ts'
import { summary } from './summary.ts'
import { arbitraryLog, event, id, opening, recorded as record } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'

const settle = (n: number, move: number, count: number, how = 'refitted') =>
  event('debt-settled', { debt: id(move, 'm'), how, count }, n)
const screws = (count: number, cell: string, size = 'T20') => ({
  kind: 'remove-fasteners',
  count,
  cell,
  fastener: { size },
})

/** A machine with its lid off: four screws in A1, two in A2, one plug open. */
const { state } = foldAll([
  opening(),
  record(1, 'outside', { kind: 'isolate', what: 'power' }),
  record(2, 'outside', screws(4, 'A1')),
  record(3, 'outside', { kind: 'remove-part', part: { name: 'top panel', opens: ['top'] } }),
  record(4, 'drawer', { kind: 'unplug', connector: { label: 'P1' } }, screws(2, 'A2', 'T15')),
  settle(5, 200, 1),
])

describe('what is owed', () => {
  it('is listed in the order of the descent, with its step and what is left of it', () => {
    expect(openDebts(state).map(d => [d.stepNumber, d.item, d.owes, english(stillOwed(d))])).toEqual([
      [1, 'isolation', 1, 'power'],
      [2, 'fastener', 3, '3 of four T20'],
      [3, 'part', 1, 'top panel'],
      [4, 'connector', 1, 'P1, plug'],
      [4, 'fastener', 2, 'two T15'],
    ])
  })
  it('is counted by zone, and in all', () => {
    expect(Object.fromEntries(owedByZone(openDebts(state)))).toEqual({ outside: 5, drawer: 3 })
    expect(piecesOwed(state.owed)).toBe(8)
  })
  it('adds up in the balance, kinds that never came off left out', () => {
    expect(balance(state).map(r => [r.item, r.taken, r.refitted, r.owed])).toEqual([
      ['fastener', 6, 1, 5],
      ['connector', 1, 0, 1],
      ['part', 1, 0, 1],
      ['isolation', 1, 0, 1],
    ])
    expect(balance(blank)).toEqual([])
  })
  it('tells how a piece was settled', () => {
    const ends = foldAll(
      [settle(6, 400, 1, 'replaced'), settle(7, 401, 1, 'scrapped'), settle(8, 401, 1, 'missing')],
      state,
    ).state
    expect(balance(ends).find(r => r.item === 'connector')).toMatchObject({ replaced: 1, owed: 0 })
    expect(balance(ends).find(r => r.item === 'fastener')).toMatchObject({ scrapped: 1, missing: 1, owed: 3 })
  })
})

describe('the tray', () => {
  it('holds what is owed, by cell', () => {
    expect(trayOf(openDebts(state)).map(([cell, debts]) => [cell, debts.map(d => d.owes)])).toEqual([
      ['A1', [3]],
      ['A2', [2]],
    ])
  })
  it('sorts its cells by row, then by column', () => {
    const { state } = foldAll([opening(), record(1, 'top', screws(1, 'B1'), screws(1, 'A10'), screws(1, 'A2'))])
    expect(trayOf(openDebts(state)).map(([cell]) => cell)).toEqual(['A2', 'A10', 'B1'])
  })
})

describe('the summary', () => {
  it('says how the machine stands without its log', () => {
    const { last, next, ...rest } = summary(state)!
    expect([last, next].map(said => english(said!))).toEqual([
      'Take out two T15. Cell A2.',
      'Start both T15 by hand, then tighten.',
    ])
    expect(rest).toMatchObject({
      phase: 'intake',
      steps: 4,
      open: ['top'],
      posture: 'upright',
      zones: { outside: 5, drawer: 3 },
    })
    expect(summary(blank)).toBeNull()
  })
  it('agrees with the ledger at every point of every log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const after: JobState = foldAll(log).state
        const s = summary(after)!
        expect(s.owed).toEqual(after.owed)
        expect(Object.values(s.zones).reduce((a, b) => a + b, 0)).toBe(piecesOwed(after.owed))
        expect(s.steps).toBe(after.order.size)
        expect(JSON.parse(JSON.stringify(s))).toMatchObject({ owed: after.owed })
      }),
    )
  })
})
