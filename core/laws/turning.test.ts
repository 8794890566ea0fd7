import { describe, expect, it } from 'vitest'
import { seeTo } from '../acts/turning.ts'
import { recordDraft, takeUp } from '../capture/draft.ts'
import { foldAll } from '../log/fold.ts'
import type { JobEvent } from '../log/event.ts'
import type { Step } from '../log/step.ts'
import type { Posture } from '../machine/postures.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'
import { beforeTurn } from './turning.ts'

const up = 'upright'
const front = 'on its front'
const turn = (from: Posture, to: Posture) => ({ kind: 'turn-machine', from, to })
const screws = (place: string, count = 2) => ({ kind: 'remove-fasteners', count, place, fastener: {} })
const tape = { kind: 'place-temporary', thing: 'tape', count: 1, why: 'holds the door' }
const drained = { kind: 'drain', by: 'filter' }
const state = (...events: JobEvent[]) => {
  const { state, refused } = foldAll([opening(), ...events])
  expect(refused).toEqual([])
  return state
}
const needs = (to: Posture, ...events: JobEvent[]) =>
  beforeTurn(state(...events), 'front-loader', to, id(900, 's')).map(n => english(n.thing))

describe('before the machine is turned', () => {
  it.each<[string, Posture, JobEvent[], string[]]>([
    ['nothing, when it is only tipped', 'tipped back', [], []],
    ['what swings open, when it is laid down', 'on its back', [], ['door and drawer']],
    ['not when it is taped', 'on its back', [step(1, 'outside', tape)], []],
    [
      'a motor that is unscrewed and still in its place',
      'tipped back',
      [step(1, 'drive', screws('drive motor'))],
      ['drive motor'],
    ],
    [
      'also when it stayed on through a turn: nobody knows what holds it',
      'tipped back',
      [
        step(1, 'outside', turn(up, front)),
        step(2, 'drive', screws('drive motor')),
        step(3, 'outside', turn(front, up)),
      ],
      ['drive motor'],
    ],
    ['a light sensor may hang', 'tipped back', [step(1, 'drive', screws('speed sensor', 1))], []],
    [
      'what is parked, until it is strapped',
      'tipped back',
      [step(1, 'drawer', { kind: 'park-part', part: { name: 'drawer housing' } })],
      ['drawer housing'],
    ],
    [
      'strapped it may stay',
      'tipped back',
      [
        step(1, 'drawer', { kind: 'park-part', part: { name: 'drawer housing' } }),
        step(2, 'drawer', { kind: 'place-temporary', thing: 'strap', count: 1 }),
      ],
      [],
    ],
    [
      'a prop under the tub, not the towel',
      'tipped back',
      [
        step(1, 'base', { kind: 'place-temporary', thing: 'prop', count: 1 }),
        step(2, 'base', { kind: 'place-temporary', thing: 'towel', count: 1 }),
      ],
      ['one prop'],
    ],
    [
      'an open hose over a tub that nobody drained',
      'tipped back',
      [step(1, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } })],
      ['sump hose'],
    ],
    [
      'not once it is drained',
      'tipped back',
      [step(1, 'base', drained), step(2, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } })],
      [],
    ],
    [
      'a heavy part back on its seat without its screws',
      'tipped back',
      [
        step(1, 'top', screws('upper counterweight', 3)),
        step(2, 'top', { kind: 'remove-part', part: { name: 'upper counterweight' } }),
        event('debt-settled', { debt: id(200, 'm'), how: 'refitted', count: 1 }, 90),
      ],
      ['upper counterweight'],
    ],
  ])('%s', (_, to, events, things) => expect(needs(to, ...events)).toEqual(things))

  it('what was seen to for this turn is not asked for again; for another one it is', () => {
    const s = state(step(1, 'drive', screws('drive motor')))
    const [need] = beforeTurn(s, 'front-loader', 'tipped back', id(900, 's'))
    const act = seeTo(id(900, 's'), need!)
    if (!act.ok) throw new Error('refused')
    const seen = state(step(1, 'drive', screws('drive motor')), event('check-done', act.events[0]!.body, 90))
    expect(beforeTurn(seen, 'front-loader', 'tipped back', id(900, 's'))).toEqual([])
    expect(beforeTurn(seen, 'front-loader', 'tipped back', id(901, 's'))).toHaveLength(1)
  })
  it('what was seen to before the turn down is asked again before the same turn is taken back', () => {
    const before = state(step(1, 'drive', screws('drive motor')))
    const [need] = beforeTurn(before, 'front-loader', 'tipped back', id(4, 's'))
    const tipped = state(
      step(1, 'drive', screws('drive motor')),
      event('check-done', { check: need!.id, passed: true, step: id(4, 's') }, 2),
      step(4, 'outside', turn(up, 'tipped back')),
    )
    expect(beforeTurn(tipped, 'front-loader', up, id(4, 's')).map(n => english(n.thing))).toEqual(['drive motor'])
  })
  it('what nobody knows is asked about at once, by its names, and not once it came off', () => {
    const things = (...events: JobEvent[]) => needs('tipped back', ...events)
    expect(things(step(1, 'base', screws('blue frobber', 8)), step(2, 'base', screws('thingummy', 2)))).toEqual([
      'blue frobber and thingummy',
    ])
    expect(
      things(
        step(1, 'base', screws('blue frobber', 8)),
        step(2, 'base', { kind: 'remove-part', part: { name: 'blue frobber' } }),
      ),
    ).toEqual([])
  })
  it('a step that turns it is not recorded before; any other step is', () => {
    const s = state(step(1, 'drive', screws('drive motor')))
    const draft = (move: object) =>
      takeUp(s, { step: { id: id(900, 's'), photos: [], marks: [], moves: [move] } as unknown as Step }, id(901, 's'))
    const body = { id: id(902, 'm'), way: 'down' }
    expect(recordDraft(s, draft({ ...body, ...turn(up, 'tipped back') }))).toMatchObject({
      ok: false,
      refusal: { code: 25 },
    })
    expect(recordDraft(s, draft({ ...body, ...screws('pump') })).ok).toBe(true)
  })
})
