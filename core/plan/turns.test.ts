import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { homeOf, stance } from '../machine/stance.ts'
import { bestOrder } from './best-order.ts'
import { costOf } from './instance.ts'
import { planReturn, type ReturnPlan } from './plan.ts'
import { turnNotes } from './turn.ts'
import { english } from '../words/english.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { milpCost } from '../test/milp-return.ts'
import { takeBack } from '../test/take-back.ts'
import { troubles, turnedMachine, turnedState } from '../test/turned-machine.ts'
import { fold, foldAll } from '../log/fold.ts'
import { gates } from './gates.ts'
import type { JobEvent } from '../log/event.ts'
import type { JobState } from '../log/state.ts'

const state = (...events: JobEvent[]): JobState => {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const plan = (s: JobState) => planReturn(s, 'front-loader', on => bestOrder(on))
const turn = (from: string, to: string) => ({ kind: 'turn-machine', from, to })
const part = (name: string) => ({ kind: 'remove-part', part: { name } })
const screws = (place: string, count = 2) => ({ kind: 'remove-fasteners', count, place, fastener: {} })
const later = (first: number, then: number, reason: string, n = 1) =>
  event('constraint-added', { first: id(first, 's'), then: id(then, 's'), reason }, 900 + n)
/** A return as the numbers of its steps, and where its turns lead. */
const walk = (p: ReturnPlan) => p.steps.map(r => r.turn?.to ?? r.number)

describe('the turns of a return', () => {
  const up = 'upright'
  const front = 'on its front'

  it('a heavy unit that was driven out by standing the machine up once: it is never stood up before its eight screws hold', () => {
    const s = state(
      step(1, 'outside', { kind: 'isolate', what: 'power' }),
      step(2, 'outside', turn(up, front)),
      step(3, 'drive', screws('drum unit', 8)),
      step(4, 'outside', turn(front, up)),
      step(5, 'outside', turn(up, front)),
      step(6, 'drive', part('drum unit')),
    )
    expect(walk(plan(s))).toEqual([6, 3, up, 1])
    expect(plan(s)).toMatchObject({ proven: true, contradiction: null, cost: { unsafe: 0, turns: 1 } })
    // The one turn back settles all three that were recorded.
    expect(plan(s).steps[2]!.debts).toHaveLength(3)
  })
  it('a plate that is joined to its drum before that goes on the shaft, said once: no contradiction, no arc dropped', () => {
    const s = state(
      step(1, 'outside', turn(up, front)),
      step(2, 'drive', screws('plate', 3)),
      step(3, 'drive', part('plate')),
      step(4, 'outside', turn(front, up)),
      step(5, 'tub', part('drum')),
      later(3, 5, 'the plate is bolted to the drum on the bench'),
      later(2, 5, 'and its bolts are out of reach once the drum is on', 2),
    )
    const found = plan(s)
    expect(found.contradiction).toBeNull()
    const order = found.steps.filter(r => !r.turn).map(r => r.number)
    expect(order.indexOf(3)).toBeLessThan(order.indexOf(5))
    expect(order.indexOf(2)).toBeLessThan(order.indexOf(5))
    expect(walk(found).at(-1)).not.toBe(front)
  })
  it('what was put on from below while it lay is put on before it stands', () => {
    const s = state(
      step(1, 'outside', { kind: 'isolate', what: 'power' }),
      step(2, 'outside', turn(up, 'on its back')),
      step(3, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
      step(4, 'base', screws('drain pump', 3)),
      step(5, 'base', part('drain pump')),
    )
    expect(walk(plan(s))).toEqual([5, 4, 3, up, 1])
  })
  it('a part that has to be turned before anything can hold it says so: the turn is unsafe in every order', () => {
    const s = state(
      step(1, 'outside', turn(up, front)),
      step(2, 'drive', screws('drive motor', 4)),
      step(3, 'outside', turn(front, up)),
      step(4, 'drive', part('drive motor')),
    )
    expect(walk(plan(s))).toEqual([4, front, 2, up])
    expect(plan(s).cost).toMatchObject({ unsafe: 1, turns: 2 })
  })
  it('a light part may hang loose while the machine is turned', () => {
    const s = state(
      step(1, 'outside', turn(up, front)),
      step(2, 'drive', screws('speed sensor', 1)),
      step(3, 'outside', turn(front, up)),
      step(4, 'drive', part('speed sensor')),
    )
    expect(plan(s).cost).toMatchObject({ unsafe: 0, turns: 2 })
  })
  it('what was turned and stood up again for nothing is not turned again', () => {
    const s = state(
      step(1, 'top', screws('top panel')),
      step(2, 'outside', turn(up, 'tipped back')),
      step(3, 'outside', turn('tipped back', up)),
      step(4, 'top', part('top panel')),
    )
    expect(stance(s).posture).toBe(up)
    // That it stands as it stood is looked at once.
    expect(
      plan(s)
        .steps.filter(r => r.turn)
        .map(r => r.turn),
    ).toEqual([{ from: up, to: up, before: [], secures: [] }])
    expect(plan(s).cost.turns).toBe(0)
    expect(
      plan(s)
        .steps.flatMap(r => r.debts.map(d => d.id))
        .sort(),
    ).toEqual([...s.debts.keys()].sort())
  })
})

describe('a turn as a gate', () => {
  const s = state(
    step(1, 'outside', turn('upright', 'on its front')),
    step(2, 'drive', screws('drive motor', 4)),
    step(3, 'drive', part('drive motor')),
    step(4, 'drive', { kind: 'unplug', connector: { label: 'M1' } }),
  )
  const settled = (from: JobState, ...debts: number[]) =>
    debts.reduce((now, n) => {
      const debt = id(n * 100, 'm')
      const how = { debt, how: 'refitted', count: now.debts.get(debt)!.count }
      const folded = fold(now, event('debt-settled', how, 700 + n))
      if (!folded.ok) throw new Error('refused')
      return folded.state
    }, from)
  const held = (now: JobState) =>
    gates('front-loader', planReturn(now, 'front-loader').steps).flatMap(g => (g.turn ? g.behind.map(d => d.step) : []))

  it('names what would fall first, and what is out of reach afterwards', () => {
    // The motor is on its seat without its screws, the plug was passed over.
    expect(held(settled(s, 3))).toEqual([id(2, 's'), id(4, 's')])
    expect(held(settled(s, 3, 4))).toEqual([id(2, 's')])
  })
  it('says by name what would fall', () => {
    const falls = (now: JobState) =>
      gates('front-loader', planReturn(now, 'front-loader').steps).flatMap(g => g.turn?.falls ?? [])
    expect(falls(s)).toEqual([])
    expect(falls(settled(s, 3))).toEqual(['drive motor'])
    expect(falls(settled(s, 3, 2))).toEqual([])
  })
  it('lets the machine be turned when all is held', () => {
    expect(held(settled(s, 4, 3, 2))).toEqual([])
  })
  it('says what a turn takes', () => {
    expect(turnNotes({ from: 'on its back', to: 'upright' }).map(n => english(n.says))).toEqual([
      'Two people, about 2 min',
    ])
    expect(turnNotes({ from: 'upright', to: 'tipped back' }).map(n => english(n.says))).toEqual([
      'One person, about 1 min',
    ])
  })
})

describe('on machines that were turned', () => {
  const machine = fc.record({ seed: fc.nat(), steps: fc.integer({ min: 4, max: 40 }) })

  it('9, 10: no turn finds a heavy part unsecured, each step is done in its posture, and the machine stands as it stood', () => {
    fc.assert(
      fc.property(machine, ({ seed, steps }) => {
        const { state: s, heavy } = turnedState(seed, steps, { odd: seed % 2 === 1 })
        const found = planReturn(s, 'front-loader')
        expect(found.contradiction).toBeNull()
        const way = found.steps
          .filter(r => r.turn?.from !== r.turn?.to || !r.turn)
          .map(r => (r.turn ? { to: r.turn.to } : r.number))
        expect(troubles(s, heavy, way, stance(s).posture)).toEqual({ falls: [], wrong: [], ends: homeOf(s) })
        expect(found.cost.unsafe).toBe(0)
        expect(found.steps.filter(r => r.turn && r.turn.from !== r.turn.to)).toHaveLength(found.cost.turns)
        expect(found.steps.flatMap(r => r.debts.map(d => d.id)).sort()).toEqual([...s.debts.keys()].sort())
        expect(new Set(found.steps.map(r => r.step.id)).size).toBe(found.steps.length)
      }),
      { numRuns: 200 },
    )
  })
  it('12: taken step by step and planned anew after each, with orders that were said, nothing is left behind a turn, and it stands as it stood', () => {
    fc.assert(
      fc.property(machine, fc.array(fc.tuple(fc.nat(), fc.nat()), { maxLength: 2 }), ({ seed, steps }, said) => {
        const { log } = turnedMachine(seed, Math.min(steps, 24), { odd: seed % 2 === 1 })
        const ids = foldAll(log).state.order.toArray()
        const orders = said.flatMap(([a, b], i) => {
          const [first, then] = [ids[a % ids.length]!, ids[b % ids.length]!]
          return first === then ? [] : [event('constraint-added', { first, then, reason: 'so' }, 5000 + i)]
        })
        let now = foldAll([...log, ...orders]).state
        const home = homeOf(now)
        if (planReturn(now, 'front-loader').contradiction) return
        let n = 0
        for (; now.owing.size > 0; n++) {
          expect(n).toBeLessThan(200)
          const { steps: way, cost } = planReturn(now, 'front-loader')
          const at = way.findIndex(r => r.owes > 0)
          const r = way[at]!
          // Whatever is taken is done as the machine lies then, also after a turn that nobody recorded.
          const posed = now.steps.get(r.step.id)?.posture ?? 'upright'
          if (!r.turn && r.step.moves.every(m => m.kind !== 'isolate' && m.kind !== 'turn-machine'))
            expect(stance(now).posture).toBe(posed)
          const gate = gates('front-loader', way).find(g => g.at === at)
          if (cost.unsafe === 0) expect(gate?.behind ?? []).toEqual([])
          now = takeBack(now, r, 10_000 + n * 50)
        }
        expect(stance(now).posture).toBe(home)
      }),
      { numRuns: 40 },
    )
  })
  it('11: costs what mixed-integer programming finds, turns and what could fall among it', async () => {
    for (let seed = 1; seed <= 12; seed++) {
      const { state: s } = turnedState(seed, 9)
      const steps = [...s.steps.values()].filter(x => x.moves.some(m => m.kind !== 'turn-machine'))
      const [a, b] = [steps[seed % steps.length]!, steps[(seed * 3 + 1) % steps.length]!]
      const told = foldAll([
        opening(),
        ...[...s.order].map((sid, i) => event('step-recorded', { step: plain(s, sid) }, (i + 1) * 40)),
        ...(a === b ? [] : [event('constraint-added', { first: a.id, then: b.id, reason: 'so' }, 999)]),
      ]).state
      const { on } = planReturn(told, 'front-loader')
      if (!on) continue
      const found = bestOrder(on)
      expect(found.proven).toBe(true)
      expect(costOf(on, found.order)).toEqual(found.cost)
      expect(await milpCost(on, 600, () => 0), `machine ${seed}`).toEqual(found.cost)
    }
  })
})
const plain = (s: JobState, sid: string) => {
  const { id: own, zone, posture, photos, marks, moves } = s.steps.get(sid)!
  return { id: own, zone, posture, photos, marks, moves }
}
