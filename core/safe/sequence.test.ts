import { describe, expect, it } from 'vitest'
import { families } from '../machine/families.ts'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import type { JobState } from '../log/state.ts'
import { stance } from '../machine/stance.ts'
import { mirror } from '../plan/mirror.ts'
import { safeSequence } from './sequence.ts'
import { notHere } from './told.ts'
import { toldOf } from './told.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'

const state = (...events: JobEvent[]): JobState => {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const tick = (n: number, act: string, note?: string) =>
  event('check-done', { check: toldOf(act), passed: true, ...(note && { note }) }, n)
const step = (n: number, move: object) =>
  event(
    'step-recorded',
    { step: { id: id(n, 's'), photos: [], marks: [], moves: [{ id: id(n, 'm'), way: 'down', ...move }] } },
    n,
  )
const power = { kind: 'isolate', what: 'power' }
const is = (s: JobState) => Object.fromEntries(safeSequence(s, 'front-loader').map(a => [a.id, a.state]))

describe('making safe', () => {
  it.each(families)('of a %s: what needs power first, then plug, taps, pressure, water, capacitor', family => {
    const acts = safeSequence(state(), family)
    expect(acts.map(a => a.part)).toEqual([
      ...Array(2).fill('powered'),
      ...Array(7).fill('safe'),
      ...Array(3).fill('laid'),
    ])
    expect(acts.filter(a => a.part === 'safe').map(a => a.id)).toEqual([
      'power',
      'out',
      'cold water',
      'hot water',
      'pressure',
      'drain',
      'capacitor',
    ])
    expect(acts.find(a => a.id === 'drain')!.ways!.length).toBe(acts.find(a => a.id === 'drain')!.moves.length)
  })
  it('goes on act by act, each part by itself', () => {
    expect(is(state())).toMatchObject({
      lock: 'next',
      pump: 'ahead',
      power: 'next',
      'cold water': 'ahead',
      mat: 'ahead',
    })
    expect(is(state(tick(1, 'lock'), step(2, power)))).toMatchObject({
      lock: 'done',
      pump: 'late',
      power: 'done',
      out: 'next',
      'cold water': 'ahead',
    })
  })
  it('says of what needed power and was not done that it is late, and of what is not there that it is not', () => {
    const s = state(
      step(1, power),
      tick(4, 'out'),
      tick(2, 'hot water', notHere),
      step(3, { kind: 'isolate', what: 'cold water' }),
    )
    expect(is(s)).toMatchObject({ lock: 'late', 'hot water': 'not here', pressure: 'next' })
  })
  it('expects less water when the pump was run', () => {
    const litres = (s: JobState) => safeSequence(s, 'front-loader').find(a => a.id === 'drain')!.moves[0]
    expect(litres(state())).toMatchObject({ litres: 16 })
    expect(litres(state(tick(1, 'pump')))).toMatchObject({ litres: 2 })
  })
  it('is taken back by striking the step, or by withdrawing the tick', () => {
    const s = state(tick(1, 'lock'), step(2, power))
    const acts = safeSequence(s, 'front-loader')
    const by = (name: string) => acts.find(a => a.id === name)!.by!
    const undone = state(
      tick(1, 'lock'),
      step(2, power),
      event('step-struck', { step: by('power'), reason: 'taken back' }, 3),
      event('entry-withdrawn', { entry: by('lock') }, 4),
    )
    expect(is(undone)).toMatchObject({ lock: 'next', power: 'next' })
  })
  it('owes each act, and the mirror restores water before power', () => {
    const moves = safeSequence(state(), 'front-loader').flatMap(a => a.moves.slice(0, 1))
    const s = state(...moves.map((m, i) => step(i + 1, m)))
    expect(stance(s).isolated).toContain('pressure')
    expect(s.owing.size).toBe(moves.length)
    const back = mirror(s).map(r => r.moves[0]!.move)
    const at = (what: string) => back.findIndex(m => m.kind === 'isolate' && m.what === what)
    expect(at('capacitor')).toBeLessThan(at('pressure'))
    expect(at('pressure')).toBeLessThan(at('cold water'))
    expect(at('cold water')).toBeLessThan(at('power'))
    expect(at('power')).toBe(back.length - 1)
  })
})
