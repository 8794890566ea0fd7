import { describe, expect, it } from 'vitest'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import type { JobState } from '../log/state.ts'
import { benchWork } from './bench-work.ts'
import { gates, reachLeft, shutIn } from './gates.ts'
import { planReturn } from './plan.ts'
import { reopening } from './reopening.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'

const settled = (debt: number, at: number, count = 1) =>
  event('debt-settled', { debt: id(debt, 'm'), how: 'refitted', count }, at)
const state = (...events: JobEvent[]): JobState => {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const plan = (s: JobState) => planReturn(s, 'front-loader')
const cover = { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear', 'base'] } }
const torx = { kind: 'remove-fasteners', count: 2, fastener: { size: 'T20' }, place: 'motor' }
const descent = [
  step(1, 'outside', cover),
  step(2, 'rear', torx),
  step(3, 'rear', { kind: 'place-temporary', thing: 'towel', count: 2 }),
  step(4, 'rear', { kind: 'place-temporary', thing: 'block', count: 1 }),
  step(5, 'drive', { kind: 'unplug', connector: { label: 'P1' } }),
  step(6, 'base', { kind: 'remove-fasteners', count: 1, fastener: { drive: 'nut', size: '13 mm' } }),
]

describe('a gate', () => {
  it('asks by name for what was put in and what was used behind it', () => {
    const [gate] = gates('front-loader', plan(state(...descent)).steps)
    expect(gate!.counts).toEqual(['one block', 'two towels', '13 mm spanner', 'T20 driver'])
  })
  it('names the nearest first, and what is done no more', () => {
    const s = state(...descent, settled(500, 20), settled(300, 21, 2))
    const [gate] = gates('front-loader', plan(s).steps)
    expect(gate!.behind.map(d => d.step)).toEqual([id(2, 's'), id(4, 's'), id(6, 's')])
    expect(gate!.closed).toBe(false)
  })
  it('says in how many steps something that was passed over goes out of reach', () => {
    const s = state(...descent, settled(500, 20))
    const { steps } = plan(s)
    const at = steps.findIndex(r => r.step.id === id(3, 's'))
    const near = reachLeft(gates('front-loader', steps), steps, at)
    expect(near.map(n => [n.debt.step, n.steps])).toEqual([[id(6, 's'), 2]])
  })
  it('is told as closed over what is still behind it: 6, a step that nobody recorded and that is found missing coming back', () => {
    const done = [
      settled(600, 20),
      settled(500, 21),
      settled(400, 22),
      settled(300, 23, 2),
      settled(200, 24, 2),
      settled(100, 25),
    ]
    const late = step(40, 'rear', { kind: 'unplug', connector: { label: 'ground strap' } })
    const s = state(...descent, ...done, late)
    const { steps } = plan(s)
    // It is the next thing to do, and it is behind a cover that is on already.
    expect(steps.filter(r => r.owes > 0).map(r => r.step.id)).toEqual([id(40, 's')])
    expect(shutIn(gates('front-loader', steps)).map(x => [x.gate.step, x.debts.map(d => d.step)])).toEqual([
      [id(1, 's'), [id(40, 's')]],
    ])
    const [again] = reopening(steps, id(1, 's'))
    const opened = state(...descent, ...done, late, event('step-reopened', { ...again, reason: 'strap' }, 60))
    expect(shutIn(gates('front-loader', plan(opened).steps))).toEqual([])
    expect(
      plan(opened)
        .steps.filter(r => r.owes > 0)
        .map(r => r.step.id),
    ).toEqual([id(40, 's'), id(1, 's')])
  })
})

describe('opening again', () => {
  it('gives back the step and all that was fitted after it, the latest first, and plans anew', () => {
    const s = state(...descent, settled(600, 20), settled(500, 21), settled(400, 22), settled(300, 23, 2))
    const again = reopening(plan(s).steps, id(5, 's'))
    expect(again.map(r => r.step)).toEqual([id(3, 's'), id(4, 's'), id(5, 's')])
    const opened = again.reduce(
      (before, body, i) => foldAll([event('step-reopened', { ...body, reason: 'a wire rubs' }, 50 + i)], before).state,
      s,
    )
    expect(opened.owed).toEqual({ ...state(...descent).owed, fastener: 2 })
    expect(plan(opened).steps.map(r => r.number)).toEqual([6, 5, 4, 3, 2, 1])
    expect(reopening(plan(opened).steps, id(2, 's'))).toEqual([])
  })
})

describe('7: parts that came off as one and fell apart', () => {
  const parts = [
    step(1, 'outside', cover),
    step(2, 'rear', { kind: 'remove-part', part: { name: 'stator' } }),
    step(3, 'rear', { kind: 'unplug', connector: { label: 'P2' } }),
    step(4, 'rear', { kind: 'remove-part', place: 'on the stator', part: { name: 'speed sensor' } }),
    step(5, 'rear', { kind: 'replace-part', part: { name: 'pump' }, carryOver: ['bracket'] }),
  ]
  it('are joined on the bench before the whole goes back, whatever was said of the rest', () => {
    const said = event('constraint-added', { first: id(2, 's'), then: id(3, 's'), reason: 'under it' }, 60)
    const { steps, arcs, departures } = plan(state(...parts, said))
    const at = (n: number) => steps.findIndex(r => r.step.id === id(n, 's'))
    expect(at(4)).toBeLessThan(at(2))
    expect(at(2)).toBeLessThan(at(3))
    expect(departures.map(d => english(d.why))).toEqual([
      'somebody said so: under it (before: Push home P2, plug, until it seats)',
    ])
    expect(arcs).toContainEqual({ first: id(4, 's'), then: id(2, 's'), reason: 'rides on', about: 'stator' })
  })
  it('are what a second pair of hands can join meanwhile', () => {
    const { steps, arcs } = plan(state(...parts))
    expect(benchWork(steps, arcs).map(b => [english(b.debt.label), english(b.on)])).toEqual([
      ['speed sensor, on the stator', 'stator'],
      ['bracket, from the old pump', 'new pump'],
    ])
  })
})
