import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fold, foldAll } from '../log/fold.ts'
import { blank, owedCount, type JobState } from '../log/state.ts'
import { homeOf, stance } from '../machine/stance.ts'
import { gates } from './gates.ts'
import { mirror } from './mirror.ts'
import { arbitraryLog, event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { profile } from '../valley/profile.ts'
import { refusalWords } from '../log/refusals.ts'

const screw = { kind: 'remove-fasteners', count: 1, fastener: {} }
const cover = (name: string, ...opens: string[]) => ({ kind: 'remove-part', part: { name, opens } })

/** Settles everything that a step of the return owes. */
function settleAll(state: JobState, debts: readonly { id: string; count: number }[], n: number): JobState {
  return debts.reduce((s, d, i) => {
    const owed = owedCount(s.debts.get(d.id)!)
    if (owed === 0) return s
    const folded = fold(s, event('debt-settled', { debt: d.id, how: 'refitted', count: owed }, n + i, 'back'))
    if (!folded.ok) throw new Error(refusalWords(folded.refusal))
    return folded.state
  }, state)
}

describe('the mirror', () => {
  it('names every debt exactly once, last step first', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const { state } = foldAll(log)
        const named = mirror(state).flatMap(r => r.debts.map(d => d.id))
        expect(named.toSorted()).toEqual([...state.debts.keys()].sort())
        const numbers = mirror(state).map(r => r.number)
        expect(numbers).toEqual(numbers.toSorted((a, b) => b - a))
      }),
    )
  })

  it('settled in its order never passes a gate with a debt behind it, and ends with nothing owed (6)', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        let { state } = foldAll(log)
        const family = state.opened!.family
        const plan = mirror(state)
        plan.forEach((r, at) => {
          const gate = gates(family, mirror(state)).find(g => g.at === at)
          expect(gate?.behind ?? []).toEqual([])
          state = settleAll(state, r.debts, 1000 + at * 100)
        })
        expect(state.owing.size).toBe(0)
        expect(stance(state)).toEqual({ posture: homeOf(state), open: [], isolated: [] })
      }),
    )
  })
})

describe('a gate', () => {
  const log = [
    opening(),
    step(1, 'outside', screw),
    step(2, 'outside', cover('rear panel', 'rear', 'base')),
    step(3, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
    step(4, 'drive', { kind: 'slip-belt' }),
    step(5, 'top', screw),
  ]
  const { state } = foldAll(log)

  it('holds back what was recorded in its zones and those within, and nothing else', () => {
    const [gate] = gates('front-loader', mirror(state))
    expect(gate).toMatchObject({ at: 3, zones: ['rear', 'base'] })
    expect(gate!.behind.map(d => d.step)).toEqual([id(3, 's'), id(4, 's')])
  })

  it('of a second way in: the last cover back closes', () => {
    const { state } = foldAll([
      opening(),
      step(1, 'outside', cover('rear panel', 'base')),
      step(2, 'outside', cover('kick plate', 'base')),
      step(3, 'base', screw),
    ])
    expect(gates('front-loader', mirror(state)).map(g => g.behind.length)).toEqual([0, 1])
  })

  it('of nested zones: the first cover back closes, and the outer one does where it is fitted before that', () => {
    const { state } = foldAll([
      opening(),
      step(1, 'outside', cover('top panel', 'top')),
      step(2, 'top', cover('console', 'console')),
      step(3, 'console', screw),
    ])
    const behind = gates('front-loader', mirror(state)).map(g => g.behind.map(d => d.step))
    expect(behind).toEqual([[id(3, 's')], [id(2, 's'), id(3, 's')]])
  })
})

describe('the profile', () => {
  it('gives both tiles of a step the same depth, and a tide that ends at zero when all is back', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const { state } = foldAll(log)
        const whole = mirror(state).reduce((s, r, i) => settleAll(s, r.debts, 1000 + i * 100), state)
        const { down, back } = profile(whole, mirror(whole))
        for (const tile of back) expect(tile.depth).toBe(down.find(t => t.number === tile.number)!.depth)
        if (back.length) expect(Object.values(back.at(-1)!.tide).every(n => n === 0)).toBe(true)
      }),
    )
  })
  it('of a job without steps is flat', () => {
    expect(profile(blank, [])).toEqual({ down: [], back: [], deepest: 0 })
  })
})
