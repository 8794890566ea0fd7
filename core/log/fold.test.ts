import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { itemKinds } from '../items/kinds.ts'
import { balance } from '../ledger/balance.ts'
import { openDebts, piecesOwed } from '../ledger/open-debts.ts'
import { fold, foldAll } from './fold.ts'
import { fromSnapshot, toSnapshot } from './snapshot.ts'
import { blank, type JobState } from './state.ts'
import { arbitraryAct, arbitraryLog, event, id, logOf, opening } from '../test/arbitrary-log.ts'
import type { JobEvent } from './event.ts'
import type { Refusal } from './refusals.ts'
import { refusalWords } from './refusals.ts'

const json = (state: JobState) => JSON.stringify(toSnapshot(state))
/** The state after events of which none may be refused. */
function after(...events: JobEvent[]): JobState {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused.map(r => refusalWords(r.refusal))).toEqual([])
  return state
}
function refusalOf(state: JobState, e: JobEvent): Refusal['code'] | null {
  const folded = fold(state, e)
  return folded.ok ? null : folded.refusal.code
}
const screws = (n: number, count: number) => ({
  id: id(n, 's'),
  photos: [],
  marks: [],
  moves: [{ id: id(n, 'm'), kind: 'remove-fasteners', way: 'down', count, fastener: { size: 'T20' } }],
})
const record = (n: number, count = 4) => event('step-recorded', { step: screws(n, count) }, n)
const settle = (n: number, debt: number, count: number, how = 'refitted') =>
  event('debt-settled', { debt: id(debt, 'm'), how, count }, n)

describe('the invariants', () => {
  it('1: taken off = refitted + replaced + scrapped + missing + owed, at every point of every log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        let state = blank
        for (const e of log) {
          const folded = fold(state, e)
          if (folded.ok) state = folded.state
          for (const row of balance(state)) {
            expect(row.taken).toBe(row.refitted + row.replaced + row.scrapped + row.missing + row.owed)
            expect(row.owed).toBe(state.owed[row.item])
            expect(row.owed).toBeGreaterThanOrEqual(0)
          }
          for (const item of itemKinds)
            expect(state.owed[item]).toBe(openDebts(state).reduce((n, d) => n + (d.item === item ? d.owes : 0), 0))
        }
        const clean = fold(state, event('job-closed', { clean: true }, 900))
        expect(clean.ok).toBe(piecesOwed(state.owed) === 0)
        const withDebts = fold(state, event('job-closed', { clean: false, note: 'part on order' }, 901))
        expect(withDebts.ok).toBe(piecesOwed(state.owed) > 0)
        if (withDebts.ok) {
          const named = withDebts.state.closing!.owed
          expect(named.reduce((n, d) => n + d.count, 0)).toBe(piecesOwed(state.owed))
          expect(named.every(d => d.label)).toBe(true)
        }
      }),
    )
  })

  it('2: an event that comes again changes nothing', () => {
    fc.assert(
      fc.property(arbitraryLog, fc.array(fc.nat(40)), (log, again) => {
        const once = foldAll(log)
        const refused = new Set(once.refused.map(r => r.event.id))
        const repeats = again.map(i => log[i % log.length]!).filter(e => !refused.has(e.id))
        expect(json(foldAll(repeats, once.state).state)).toBe(json(once.state))
      }),
    )
  })

  it('3: a log folds like its prefix, stored and taken up again, and its rest', () => {
    fc.assert(
      fc.property(arbitraryLog, fc.nat(40), (log, cut) => {
        const at = cut % (log.length + 1)
        const stored = JSON.stringify(toSnapshot(foldAll(log.slice(0, at)).state))
        const resumed = foldAll(log.slice(at), fromSnapshot(JSON.parse(stored)))
        expect(json(resumed.state)).toBe(json(foldAll(log).state))
      }),
    )
  })

  it('7: two devices end in the same state whatever arrives first, refusals aside', () => {
    const acts = fc.array(arbitraryAct, { maxLength: 12 })
    fc.assert(
      fc.property(arbitraryLog, acts, acts, fc.infiniteStream(fc.boolean()), (common, mine, yours, coin) => {
        const shared = foldAll(common).state
        const a = logOf(shared, mine, 'phone', 100, 2)
        const b = logOf(shared, yours, 'tablet', 101, 2)
        const mixed: JobEvent[] = []
        for (let i = 0, j = 0; i < a.length || j < b.length;)
          mixed.push(j >= b.length || (i < a.length && coin.next().value) ? a[i++]! : b[j++]!)
        const one = foldAll([...a, ...b], shared)
        const two = foldAll(mixed, shared)
        fc.pre(one.refused.length === 0 && two.refused.length === 0)
        expect(json(two.state)).toBe(json(one.state))
      }),
      { numRuns: 500 },
    )
  })
})

describe('a refused event', () => {
  const one = after(record(1))
  it.each<[string, JobState, JobEvent, Refusal['code']]>([
    ['before the job is opened', blank, record(1), 1],
    ['a second opening', one, opening(7), 2],
    ['the same step twice', one, event('step-recorded', { step: screws(1, 2) }, 9), 6],
    ['settling an unknown debt', one, settle(2, 77, 1), 7],
    ['settling more than is owed', one, settle(2, 1, 5), 8],
    [
      'striking what is partly back',
      after(record(1), settle(2, 1, 1)),
      event('step-struck', { step: id(1, 's'), reason: 'x' }, 3),
      9,
    ],
    [
      'amending below what is back',
      after(record(1), settle(2, 1, 3)),
      event('step-amended', { step: screws(1, 2) }, 3),
      9,
    ],
    [
      'amending a struck step',
      after(record(1), event('step-struck', { step: id(1, 's'), reason: 'x' }, 2)),
      event('step-amended', { step: screws(1, 2) }, 3),
      5,
    ],
    [
      'reopening what was not settled',
      one,
      event('step-reopened', { step: id(1, 's'), debts: [{ debt: id(1, 'm'), how: 'refitted', count: 1 }] }, 3),
      10,
    ],
    ['closing clean with a screw owed', after(record(1), settle(2, 1, 3)), event('job-closed', { clean: true }, 3), 11],
    ['closing with debts without a reason', one, event('job-closed', { clean: false }, 3), 11],
    [
      'closing with debts when nothing is owed',
      after(record(1), settle(2, 1, 4)),
      event('job-closed', { clean: false, note: 'x' }, 3),
      12,
    ],
    [
      'anything after the close',
      after(record(1), settle(2, 1, 4), event('job-closed', { clean: true }, 3)),
      record(5),
      3,
    ],
  ])('%s', (_, state, e, code) => expect(refusalOf(state, e)).toBe(code))

  it('leaves the state as it was, and what comes after it counts', () => {
    const { state, refused } = foldAll([opening(), record(1), settle(2, 1, 5), settle(3, 1, 4)])
    expect(refused.map(r => r.refusal.code)).toEqual([8])
    expect(state.owed.fastener).toBe(0)
  })
})

describe('a step', () => {
  it('that is amended keeps what is already back', () => {
    const state = after(record(1), settle(2, 1, 1), event('step-amended', { step: screws(1, 6) }, 3))
    expect(state.owed.fastener).toBe(5)
  })
  it('that is struck owes nothing and stays readable', () => {
    const state = after(record(1), event('step-struck', { step: id(1, 's'), reason: 'wrong machine' }, 2))
    expect(state.owed.fastener).toBe(0)
    expect(state.order.size).toBe(0)
    expect(state.steps.get(id(1, 's'))!.struck).toBe('wrong machine')
  })
  it('that is reopened is owed again', () => {
    const again = event(
      'step-reopened',
      { step: id(1, 's'), debts: [{ debt: id(1, 'm'), how: 'refitted', count: 2 }] },
      3,
    )
    expect(after(record(1), settle(2, 1, 4), again).owed.fastener).toBe(2)
  })
  it('stands in the order of time, also when it arrives late', () => {
    expect(after(record(3), record(1), record(2)).order.toArray()).toEqual([1, 2, 3].map(n => id(n, 's')))
  })
})
