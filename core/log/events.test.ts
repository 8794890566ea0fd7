import { describe, expect, it } from 'vitest'
import { stance } from '../machine/stance.ts'
import { notes } from '../moves/move.ts'
import { mirror } from '../plan/mirror.ts'
import { check } from '../schema/check.ts'
import { eventKinds, eventNames, eventSchema, type JobEvent } from './event.ts'
import { foldAll } from './fold.ts'
import { rankBetween } from './rank.ts'
import { toldAtIntake, type JobState } from './state.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'
import { entriesOf } from './entry.ts'

const step = (n: number, ...moves: object[]) => ({
  id: id(n, 's'),
  photos: [],
  marks: [],
  moves: moves.map((m, i) => ({ id: id(n * 10 + i, 'm'), way: 'down', ...m })),
})
const screw = { kind: 'remove-fasteners', count: 2, fastener: {} }
const record = (n: number) => event('step-recorded', { step: step(n, screw) }, n)
const photo = (letter: string, second: number) => ({
  hash: letter.repeat(64),
  width: 9,
  height: 6,
  takenAt: `2026-01-05T09:00:0${second}.000Z`,
})

/** The state after events; any refusal fails the test. */
function after(...events: JobEvent[]): JobState {
  for (const e of events) expect(check(eventSchema, e)).toMatchObject({ ok: true })
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const codes = (...events: JobEvent[]) => foldAll([opening(), ...events]).refused.map(r => r.refusal.code)

describe('the kinds of event', () => {
  it('are listed once, each under its name', () => {
    expect(new Set(eventNames).size).toBe(eventNames.length)
    for (const name of eventNames) expect(eventKinds[name].kind).toBe(name)
  })
  it.each([
    ['an unknown kind', { ...record(1), kind: 'step-guessed' }, /not a kind of event/],
    ['a moment that is not UTC', { ...record(1), at: '2026-01-05T08:00:00+01:00' }, /UTC/],
    ['a number of its own', { ...record(1), seq: 4 }, /seq/],
    [
      'a move on the way back',
      event('step-recorded', { step: { ...step(1, screw), moves: [{ ...step(1, screw).moves[0], way: 'back' }] } }, 1),
      /way down/,
    ],
    ['no body', { ...record(1), body: undefined }, /body/],
    ['a settlement of nothing', event('debt-settled', { debt: 'x', how: 'refitted', count: 0 }, 1), /at least 1/],
    ['an unknown way to settle', event('debt-settled', { debt: 'x', how: 'hidden', count: 1 }, 1), /one of/],
  ])('%s is not valid, and says why', (_, value, words) => {
    const checked = check(eventSchema, value)
    expect(checked.ok).toBe(false)
    if (!checked.ok) expect(checked.problems.map(p => `${p.path} ${p.message}`).join()).toMatch(words)
  })
})

describe('what people say of the order', () => {
  const both = [record(1), record(2)]
  const said = event('constraint-added', { first: id(1, 's'), then: id(2, 's'), reason: 'cannot be reached after' }, 5)
  it('is kept until it is withdrawn', () => {
    expect(after(...both, said).constraints.size).toBe(1)
    expect(after(...both, said, event('constraint-withdrawn', { constraint: said.id }, 6)).constraints.size).toBe(0)
  })
  it('is refused of steps that are not there', () => {
    expect(codes(record(1), said)).toEqual([4])
    expect(codes(...both, event('constraint-withdrawn', { constraint: id(9) }, 6))).toEqual([15])
  })
  it('puts a forgotten step between two others', () => {
    const three = after(...both, record(3))
    const rank = (n: number) => three.steps.get(id(n, 's'))!.rank
    const moved = after(
      ...both,
      record(3),
      event('step-reordered', { step: id(3, 's'), rank: rankBetween(rank(1), rank(2)) }, 7),
    )
    expect(moved.order.toArray()).toEqual([1, 3, 2].map(n => id(n, 's')))
    expect(mirror(moved).map(r => r.step.id)).toEqual([2, 3, 1].map(n => id(n, 's')))
  })
})

describe('what changes no debt', () => {
  it('is kept as entered, by the event that said it', () => {
    const events = [
      event('reading-taken', { of: 'heater', value: 24.5, unit: 'Ω' }, 2),
      event('part-compared', { part: 'pump', same: false, differs: 'hole spacing' }, 3),
      event('check-done', { check: 'no drip', passed: true }, 4),
      event('gate-passed', { step: id(1, 's'), reason: 'part to come', owed: [] }, 5),
      event('leftover-reported', { what: 'one T20' }, 6),
      event('leftover-explained', { leftover: id(6), by: 'from the old part' }, 7),
      event('note-added', { text: 'noisy bearing' }, 8),
    ]
    const state = after(record(1), ...events)
    expect(state.entries.size).toBe(events.length)
    for (const e of events) expect(state.entries.get(e.id)).toMatchObject({ kind: e.kind, body: e.body })
    expect(state.owed.fastener).toBe(2)
  })
  it('is a photo of now, beside the one of then, in the order of time', () => {
    const added = (p: object, n: number) => event('photo-added', { step: id(1, 's'), photo: p }, n)
    const state = after(record(1), added(photo('b', 2), 2), added(photo('a', 1), 3))
    expect(state.steps.get(id(1, 's'))!.later.map(p => p.hash[0])).toEqual(['a', 'b'])
    expect(codes(record(1), event('photo-added', { step: id(7, 's'), photo: photo('a', 1) }, 3))).toEqual([4])
  })
})

describe('phases', () => {
  it('go by the latest word, whatever arrives last', () => {
    const late = event('phase-changed', { phase: 'return' }, 9)
    const early = event('phase-changed', { phase: 'bench', waitsFor: 'pump' }, 4)
    expect(after(late, early).phase.name).toBe('return')
    expect(after(early).phase).toMatchObject({ name: 'bench', waitsFor: 'pump' })
  })
  it('end with an abandoned job and what remains off it', () => {
    const state = after(record(1), event('job-abandoned', { note: 'not worth it' }, 3))
    expect(state.phase.name).toBe('abandoned')
    expect(state.closing).toMatchObject({ abandoned: true, clean: false, owed: [{ count: 2 }] })
    expect(
      codes(record(1), event('job-abandoned', { note: 'x' }, 3), event('phase-changed', { phase: 'return' }, 4)),
    ).toEqual([3])
  })
})

describe('how the machine stands', () => {
  const down = { kind: 'turn-machine', from: 'upright', to: 'on its back' }
  const more = { kind: 'turn-machine', from: 'on its back', to: 'on its left side' }
  it('follows the turns that are not turned back', () => {
    const laid = [
      event('step-recorded', { step: step(1, down) }, 1),
      event('step-recorded', { step: step(2, more) }, 2),
    ]
    const back = event('debt-settled', { debt: id(20, 'm'), how: 'refitted', count: 1 }, 3)
    expect(stance(after(...laid)).posture).toBe('on its left side')
    expect(stance(after(...laid, back)).posture).toBe('on its back')
    expect(stance(after()).posture).toBe('upright')
  })
  it('is isolated until it is restored', () => {
    const safe = event(
      'step-recorded',
      { step: step(1, { kind: 'isolate', what: 'power' }, { kind: 'isolate', what: 'cold water' }) },
      1,
    )
    const live = event('debt-settled', { debt: id(10, 'm'), how: 'refitted', count: 1 }, 3)
    expect(stance(after(safe)).isolated).toEqual(['power', 'cold water'])
    expect(stance(after(safe, live)).isolated).toEqual(['cold water'])
  })
})

describe('intake', () => {
  it('keeps the latest word of each field, whatever arrives first', () => {
    const first = event('intake-told', { complaint: 'leaks', shows: 'E20' }, 1)
    const later = event('intake-told', { complaint: 'leaks at the drawer' }, 2, 'other')
    for (const events of [
      [first, later],
      [later, first],
    ]) {
      const told = toldAtIntake(after(...events))
      expect(told).toEqual({ complaint: 'leaks at the drawer', shows: 'E20' })
    }
  })
  it('keeps what was so before we came, and owes nothing for it', () => {
    const found = event('found-before', { what: 'hatch screw', how: 'missing', photos: [photo('a', 1)] }, 1)
    const state = after(found)
    expect(entriesOf(state, 'found-before').map(e => [e.id, e.body.what])).toEqual([[found.id, 'hatch screw']])
    expect(state.owing.size).toBe(0)
    expect(after(found, event('entry-withdrawn', { entry: found.id }, 2)).entries.size).toBe(0)
    expect(codes(event('entry-withdrawn', { entry: found.id }, 2))).toEqual([17])
  })
  it.each([
    [{ made: 19 }, /year of make/],
    [{ plate: 'x' }, /SHA-256/],
    [{ complaint: 'x'.repeat(501) }, /longer than 500/],
  ])('%j is not valid, and says why', (body, words) => {
    const checked = check(eventSchema, event('intake-told', body, 1))
    expect(checked.ok ? '' : checked.problems.map(p => p.message).join()).toMatch(words)
  })
})

describe('what was found spoilt', () => {
  const found = (condition?: string) =>
    after(event('step-recorded', { step: step(1, { ...screw, ...(condition && { condition }) }) }, 1))
  it.each(['missing', 'corroded', 'stripped', 'cracked'])(
    '%s: new ones are owed, and the return says so',
    condition => {
      const state = found(condition)
      const [debt] = [...state.debts.values()]
      expect(debt!.renew).toBe(true)
      expect(english(debt!.label)).toBe(`two screws, found ${condition}: new ones are owed`)
      const [back] = mirror(state)
      const [spoilt] = notes(back!.moves[0]!.move)
      expect(english(spoilt!.says)).toBe(`Found ${condition}: fit a new one`)
    },
  )
  it('not original: goes back, after it was held against the parts list', () => {
    const [debt] = [...found('not original').debts.values()]
    expect(debt).not.toHaveProperty('renew')
    expect(english(debt!.label)).toBe('two screws')
  })
})
