import { describe, expect, it } from 'vitest'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { planReturn } from '../plan/plan.ts'
import { standing } from './standing.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'

const log = [
  opening(),
  step(1, 'outside', { kind: 'remove-fasteners', count: 2, fastener: { size: 'T20' }, cell: 'A10' }),
  step(2, 'outside', { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear'], lies: 'against the wall' } }),
  step(3, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
  step(4, 'rear', { kind: 'remove-fasteners', count: 1, fastener: { size: 'T20' }, cell: 'A2' }),
  step(5, 'rear', { kind: 'remove-part', part: { name: 'motor' } }),
  step(6, 'outside', { kind: 'turn-machine', from: 'upright', to: 'on its back' }),
  event('phase-changed', { phase: 'bench', waitsFor: 'motor' }, 20),
]
const of = (...more: JobEvent[]) => {
  const { state } = foldAll([...log, ...more])
  return standing(state, 'front-loader', planReturn(state, 'front-loader').steps)
}

describe('how a job stands', () => {
  it('tells where everything lies: cells in their order, places, what is still on the machine', () => {
    expect(of().lying.map(l => [english(l.where), l.things.map(t => english(t.label))])).toEqual([
      ['cell A2', ['one T20']],
      ['cell A10', ['two T20']],
      ['against the wall', ['rear panel']],
      ['on the machine', ['P1, plug']],
      ['not said', ['motor']],
    ])
  })
  it('says what to do first: what can hurt before what waits', () => {
    expect(of().first.map(english)).toEqual([
      'Pull the plug before you reach in: power is not isolated.',
      'Check how it stands before you touch it: it is on its back.',
      'Hold the new motor against the old part: holes, plug, number.',
      'Stand the machine upright.',
    ])
    const safe = step(7, 'outside', { kind: 'isolate', what: 'power' })
    expect(english(of(safe).first[0]!)).toContain('on its back')
    expect(of(safe)).toMatchObject({ posture: 'on its back', isolated: ['power'], open: ['rear'] })
  })
  it('shows what was done last, down or back', () => {
    const back = event('debt-settled', { debt: id(600, 'm'), how: 'refitted', count: 1 }, 90)
    expect(of(back).last.map(l => [l.number, l.way])).toEqual([
      [6, 'back'],
      [6, 'down'],
      [5, 'down'],
    ])
  })
})
