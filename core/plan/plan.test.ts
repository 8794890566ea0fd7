import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { eventSchema, type JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { describe as say } from '../moves/move.ts'
import { check } from '../schema/check.ts'
import { arcWords } from './arc.ts'
import { gates } from './gates.ts'
import { mirror } from './mirror.ts'
import { planReturn } from './plan.ts'
import { mayDrop, precedence } from './precedence.ts'
import { arbitraryLog, event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { contradiction } from './contradiction.ts'
import { bestOrder } from './best-order.ts'
import type { Arc } from './arc.ts'
import { english } from '../words/english.ts'

let clock = 0
const later = (first: number, then: number, reason: string) =>
  event('constraint-added', { first: id(first, 's'), then: id(then, 's'), reason }, 500 + ++clock)
const part = (name: string, ...opens: string[]) => ({
  kind: 'remove-part',
  part: { name, ...(opens.length && { opens }) },
})
const screws = (place: string, count = 2, fastener = {}) => ({ kind: 'remove-fasteners', count, place, fastener })
const line = (type: string, ...waypoints: object[]) => ({ kind: 'unroute', route: { type, waypoints } })
const state = (...events: JobEvent[]): JobState => {
  for (const e of events) expect(check(eventSchema, e)).toMatchObject({ ok: true })
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const plan = (s: JobState) => planReturn(s, 'front-loader', on => bestOrder(on))
/** The numbers of the steps in the order of the return. */
const order = (s: JobState) => plan(s).steps.map(r => r.number)
const why = (s: JobState, n: number) => {
  const departure = plan(s).departures.find(d => d.step === id(n, 's'))
  return departure && english(departure.why)
}

describe('the plan of a return', () => {
  it('is the mirror where the record says nothing else', () => {
    const s = state(
      step(1, 'outside', { kind: 'isolate', what: 'power' }),
      step(2, 'outside', screws('rear panel')),
      step(3, 'outside', part('rear panel', 'rear')),
      step(4, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
      step(5, 'rear', screws('motor')),
      step(6, 'rear', part('motor')),
    )
    expect(order(s)).toEqual([6, 5, 4, 3, 2, 1])
    expect(plan(s)).toMatchObject({ proven: true, departures: [], breaks: [], contradiction: null })
  })

  it('2: a ground strap that was recorded after the rotor was off is fitted before the rotor, when somebody says so', () => {
    const s = state(
      step(1, 'rear', screws('rotor', 1)),
      step(2, 'rear', part('rotor')),
      step(3, 'rear', part('stator')),
      step(4, 'rear', screws('ground strap', 1)),
      later(4, 3, 'the screw cannot be reached once the stator is on'),
    )
    expect(order(s)).toEqual([4, 3, 2, 1])
  })
  it('1: two parts are joined on the bench before the pair goes on the shaft', () => {
    const s = state(
      step(1, 'rear', part('pulley')),
      step(2, 'rear', part('bearing ring')),
      step(3, 'rear', part('shaft spacer')),
      later(1, 2, 'join them on the bench; the ring would be pressed tight alone'),
    )
    expect(order(s)).toEqual([3, 1, 2])
    expect(why(s, 1)).toContain('join them on the bench')
  })
  it('3: a bracket under two screws that also hold another part goes on before them, and so does the other', () => {
    const s = state(
      step(1, 'base', screws('pump bracket and hose holder')),
      step(2, 'base', part('hose holder')),
      step(3, 'base', part('pump bracket')),
    )
    expect(precedence(s, 'front-loader', mirror(s)).filter(a => a.reason === 'holds')).toHaveLength(2)
    expect(order(s)).toEqual([3, 2, 1])
  })
  it('4: a loom behind a bracket is laid before the bracket, and in front of the spring after it', () => {
    const s = state(
      step(1, 'rear', line('harness', { by: 'behind', of: 'bracket' }, { by: 'over', of: 'spring' })),
      step(2, 'rear', part('bracket')),
      step(3, 'rear', part('spring')),
    )
    expect(order(s)).toEqual([3, 1, 2])
    expect(why(s, 1)).toBe('it runs past the bracket and cannot be laid once that is on (before: Refit the bracket)')
  })
  it('5: a new cable is laid before the old one is cut out', () => {
    const s = state(
      step(1, 'top', { kind: 'cut', consumable: 'tie', count: 2, place: 'old cable' }),
      step(2, 'top', line('cable', { by: 'retainer' })),
      step(3, 'top', part('old cable')),
      later(2, 3, 'lay the new cable along the old one'),
    )
    expect(order(s)).toEqual([2, 3, 1])
  })
  it('8: a clamp that must be on the hose before the hose is on', () => {
    const s = state(
      step(1, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
      step(2, 'base', part('ear clamp')),
      step(3, 'base', part('clip ring')),
      later(2, 3, 'over the hose end first'),
    )
    expect(order(s)).toEqual([2, 3, 1])
  })
  it('9: two ways in that were mixed: what lies under each cover is back before that cover', () => {
    const s = state(
      step(1, 'outside', part('top panel', 'top')),
      step(2, 'top', { kind: 'unplug', connector: { label: 'P1' } }),
      step(3, 'outside', part('kick plate', 'base')),
      step(4, 'base', screws('pump')),
      step(5, 'top', { kind: 'unplug', connector: { label: 'P2' } }),
    )
    const back = order(s)
    const before = (a: number, b: number) => expect(back.indexOf(a)).toBeLessThan(back.indexOf(b))
    before(2, 1)
    before(5, 1)
    before(4, 3)
    const behind = gates('front-loader', plan(s).steps).flatMap(g => (g.behind.length ? [g] : []))
    expect(behind.flatMap(g => g.behind.map(d => d.step))).toEqual(
      expect.arrayContaining([id(2, 's'), id(5, 's'), id(4, 's')]),
    )
  })
  it('10: what is still on the old part is owed of its own', () => {
    const s = state(
      step(1, 'base', { kind: 'replace-part', part: { name: 'pump' }, carryOver: ['bracket', 'two washers'] }),
    )
    expect(plan(s).steps[0]!.debts.map(d => english(d.label))).toEqual([
      'bracket, from the old pump',
      'two washers, from the old pump',
      'new pump',
    ])
  })
  it('brings water on after every joint and drain, and power last, whatever the order of the descent', () => {
    const s = state(
      step(1, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
      step(2, 'outside', { kind: 'isolate', what: 'cold water' }),
      step(3, 'outside', { kind: 'isolate', what: 'power' }),
    )
    expect(order(s)).toEqual([1, 2, 3])
    expect(why(s, 3)).toBe('power comes last')
    expect(mayDrop('isolation')).toBe(false)
  })
  it('turns the machine for what somebody said, instead of contradicting it', () => {
    const s = state(
      step(1, 'base', screws('kick plate')),
      step(2, 'outside', { kind: 'turn-machine', from: 'upright', to: 'on its back' }),
      step(3, 'base', { kind: 'open-joint', joint: {} }),
      later(1, 3, 'to try'),
    )
    // What was said stands; the machine is laid down again for it, and stood up once more.
    expect(plan(s).contradiction).toBeNull()
    expect(plan(s).steps.map(r => r.turn?.to ?? r.number)).toEqual(['upright', 1, 'on its back', 3, 'upright'])
  })
  it('saves a change of tool only among orders that are equally near to the descent', () => {
    const s = state(
      step(1, 'top', screws('a', 1, { size: 'T20' })),
      step(2, 'rear', screws('b', 1, { size: '8 mm' })),
      step(3, 'base', screws('c', 1, { size: 'T20' })),
    )
    expect(order(s)).toEqual([3, 2, 1])
    const told = state(
      step(1, 'top', screws('a', 1, { size: 'T20' })),
      step(2, 'rear', screws('b', 1, { size: '8 mm' })),
      step(3, 'base', screws('c', 1, { size: 'T20' })),
      step(4, 'base', screws('d', 1, { size: '8 mm' })),
      later(1, 4, 'under it'),
    )
    // 1 may stand anywhere before 4 at the same cost in preferences; it stands where the driver is in hand.
    expect(plan(told).proven).toBe(true)
    expect(order(told).indexOf(1)).toBeLessThan(order(told).indexOf(4))
  })

  it('is the mirror when a person takes it, and says what that breaks', () => {
    const events = [step(1, 'rear', line('harness', { by: 'behind', of: 'bracket' })), step(2, 'rear', part('bracket'))]
    expect(order(state(...events))).toEqual([1, 2])
    const taken = state(...events, event('plan-chosen', { mirror: true }, 900))
    expect(order(taken)).toEqual([2, 1])
    expect(plan(taken).breaks.map(a => a.reason)).toEqual(['passes through'])
    expect(
      order(
        state(...events, event('plan-chosen', { mirror: true }, 900), event('plan-chosen', { mirror: false }, 901)),
      ),
    ).toEqual([1, 2])
  })
  it('lets one arc be dropped, with why', () => {
    const arc = { first: id(1, 's'), then: id(2, 's'), reason: 'passes through' }
    const s = state(
      step(1, 'rear', line('harness', { by: 'behind', of: 'bracket' })),
      step(2, 'rear', part('bracket')),
      event('arc-dropped', { ...arc, why: 'the bracket is open at its side' }, 900),
    )
    expect(order(s)).toEqual([2, 1])
    expect(check(eventSchema, event('arc-dropped', { ...arc, reason: 'isolation', why: 'x' }, 1)).ok).toBe(false)
  })
  it('leaves what is done where it is', () => {
    const s = state(
      step(1, 'rear', line('harness', { by: 'behind', of: 'bracket' })),
      step(2, 'rear', part('bracket')),
      event('debt-settled', { debt: id(200, 'm'), how: 'refitted', count: 1 }, 900),
    )
    expect(order(s)).toEqual([2, 1])
  })
})

describe('for any log', () => {
  it('5: the plan is a linear extension of its arcs and contains every debt exactly once', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const { state: s } = foldAll(log)
        const { steps, contradiction: cycle } = planReturn(s, s.opened!.family)
        expect(steps.flatMap(r => r.debts.map(d => d.id)).sort()).toEqual([...s.debts.keys()].sort())
        const at = new Map(steps.map((r, i) => [r.step.id, i]))
        const open = new Set(steps.filter(r => r.owes > 0).map(r => r.step.id))
        if (cycle) return
        for (const arc of planReturn(s, s.opened!.family).arcs)
          if (open.has(arc.first) && open.has(arc.then)) expect(at.get(arc.first)!).toBeLessThan(at.get(arc.then)!)
      }),
      { numRuns: 60 },
    )
  })
  it('6: settled in the order of its plan it passes no gate with a debt behind it', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const { state: s } = foldAll(log)
        const { steps, contradiction: cycle } = planReturn(s, s.opened!.family)
        if (cycle) return
        const all = gates(s.opened!.family, steps)
        steps.forEach((r, at) => {
          if (r.owes === 0) return
          // What a turn finds unsecured is held against machines that were really possible, in turns.test.ts.
          const gate = all.find(g => g.at === at && !g.turn)
          const stillBehind = (gate?.behind ?? []).filter(
            d => owedCount(d) > 0 && steps.findIndex(x => x.step.id === d.step) > at,
          )
          expect(stillBehind).toEqual([])
        })
      }),
      { numRuns: 60 },
    )
  })
  it('a contradiction is the shortest cycle of its arcs, closed, each arc with its words', () => {
    const node = fc.nat(6).map(String)
    fc.assert(
      fc.property(fc.array(fc.tuple(node, node), { maxLength: 16 }), pairs => {
        const arcs: Arc[] = pairs.map(([first, then]) => ({ first, then, reason: 'said', about: 'so' }))
        const cycle = contradiction(arcs)
        // the shortest way round by powers of the relation
        let reach = arcs.map(a => [a.first, a.then] as const)
        let shortest = Infinity
        for (let n = 1; n <= 7 && shortest === Infinity; n++) {
          if (reach.some(([a, b]) => a === b)) shortest = n
          const seen = new Set<string>()
          reach = reach
            .flatMap(([a, b]) => arcs.filter(x => x.first === b).map(x => [a, x.then] as const))
            .filter(([a, b]) => !seen.has(`${a} ${b}`) && seen.add(`${a} ${b}`))
        }
        expect(cycle?.length ?? Infinity).toBe(shortest)
        cycle?.forEach((arc, i) => {
          expect(arc.then).toBe(cycle[(i + 1) % cycle.length]!.first)
          expect(arcWords(arc)).toContain('so')
        })
      }),
    )
  })
  it('a step is always said', () => {
    const s = state(step(1, 'rear', part('motor')))
    expect(say(plan(s).steps[0]!.moves[0]!.move)).toBe('Refit the motor.')
  })
})
