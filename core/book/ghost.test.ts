import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'
import { bookOf } from './book.ts'
import { nothingLaid, withRecording } from './columns.ts'
import { differences, ghostOf, heard, learntAt, placeIn, takenUp } from './ghost.ts'
import { recordingOf } from './recording.ts'

const screws = (place: string, count: number, more: object = {}) => ({
  kind: 'remove-fasteners',
  place,
  count,
  fastener: { drive: 'torx', size: 'T20' },
  cell: 'A1',
  ...more,
})
const off = (name: string, opens: string[] = []) => ({ kind: 'remove-part', part: { name, opens } })
const plug = (place: string) => ({ kind: 'unplug', place, connector: { housing: 'white' } })
/** A job that recorded these steps; `log` is what else was said. */
function job(name: string, steps: readonly (readonly [string, ...object[]])[], log: ReturnType<typeof event>[] = []) {
  let n = 0
  const told = steps.map(([zone, ...moves], i) =>
    event(
      'step-recorded',
      {
        step: {
          id: id(i + 1, `s${name}`),
          zone,
          photos: [],
          marks: [],
          moves: moves.map(m => ({ id: id(++n, `m${name}`), way: 'down', ...m })),
        },
      },
      (i + 2) * 60,
    ),
  )
  const { state, refused } = foldAll([opening(), ...told, ...log])
  expect(refused).toEqual([])
  return state
}
const usual = [
  ['outside', screws('top panel', 2), off('top panel', ['top'])],
  ['top', plug('control board'), screws('control board', 4, { condition: 'corroded' })],
  ['top', off('control board')],
] as const
const note = event('note-added', { text: 'sharp edge', step: id(2, 's1') }, 600)
const closing = { at: '2026-01-02T00:00:00.000Z', by: 'x', clean: true, abandoned: false, owed: [] }
const book = bookOf(
  [1, 2, 3].reduce(
    (laid, n) =>
      withRecording(
        laid,
        recordingOf(`${n}`, { ...job(`${n}`, usual, n === 1 ? [note] : []), closing }, { serial: `${n}` })!,
      ),
    nothingLaid,
  ),
)
const acts = (moves: readonly { kind: string }[]) => moves.map(m => m.kind)

describe('the next step as the book has it', () => {
  it('is the first one before anything is done, then the one after what was done last, then none', () => {
    const first = ghostOf(book, placeIn(book, job('a', [])))!
    expect(acts(first.acts.map(a => a.move))).toEqual(['remove-fasteners', 'remove-part'])
    expect([first.jobs, first.of]).toEqual([3, 3])
    const second = ghostOf(book, placeIn(book, job('a', usual.slice(0, 1))))!
    expect(acts(second.acts.map(a => a.move))).toEqual(['unplug', 'remove-fasteners'])
    expect(ghostOf(book, placeIn(book, job('a', usual)))).toBeNull()
  })
  it('is what is left of a step that was begun, told in other words', () => {
    const state = job('a', [usual[0], ['top', plug('main board')]])
    const ghost = ghostOf(book, placeIn(book, state))!
    expect(acts(ghost.acts.map(a => a.move))).toEqual(['remove-fasteners'])
  })
  it('is taken into the hand without what the other machine had of its own, in a cell that is free here', () => {
    const state = job('a', usual.slice(0, 1))
    const ghost = ghostOf(book, placeIn(book, state))!
    let n = 0
    const empty = { id: id(9, 'h'), zone: 'outside', photos: [], marks: [], moves: [] }
    const step = takenUp(state, empty, ghost, () => id(++n, 'g'), 'A2')
    expect(step.zone).toBe('top')
    expect(step.moves).toMatchObject([{ kind: 'unplug' }, { kind: 'remove-fasteners', count: 4, cell: 'A2' }])
    expect(step.moves.every(m => m.condition === undefined)).toBe(true)
  })
})

describe('what was learnt', () => {
  it('is heard before the step on the next machine, and at its own moves', () => {
    const state = job('a', usual.slice(0, 1))
    const place = placeIn(book, state)
    expect(heard(ghostOf(book, place)!.acts, 'down').map(l => l.kind)).toEqual(['noted', 'found so'])
    const later = job('a', usual.slice(0, 2))
    const moves = later.steps.get(id(2, 'sa'))!.moves
    expect(learntAt(placeIn(book, later), moves, 'back').map(l => l.says)).toEqual(['sharp edge'])
  })
})

describe('a difference', () => {
  const told = (count: number) => {
    const state = job('a', [['outside', screws('top panel', count), off('top panel', ['top'])]])
    return differences(placeIn(book, state), state.steps.get(id(1, 'sa'))!)
  }
  it('is noticed where a count is another than on most', () => {
    expect(told(2)).toEqual([])
    expect(told(1)).toMatchObject([{ here: 1, most: 2, jobs: 3 }])
  })
  it('is no difference where the group was taken out in two goes', () => {
    const state = job('a', [
      ['outside', screws('top panel', 1)],
      ['outside', screws('top panel', 1)],
    ])
    expect(differences(placeIn(book, state), state.steps.get(id(2, 'sa'))!)).toEqual([])
  })
})
