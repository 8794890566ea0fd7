import { describe, expect, it } from 'vitest'
import { fold, foldAll } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import { blank, type JobState } from '../log/state.ts'
import { parseLine } from '../quick-line/parse.ts'
import { absorb } from './absorb.ts'
import { stamped, type Act } from '../acts/index.ts'
import { event, id, opening, recorded } from '../test/arbitrary-log.ts'
import { stance } from '../machine/stance.ts'
import { counter } from '../test/counter.ts'
import { inCellsOfTheirOwn } from './cells.ts'
import {
  adopt,
  adoptUnder,
  afterRecording,
  amending,
  aroundOf,
  backInDraft,
  emptyDraft,
  leaveAmending,
  recordDraft,
  recordingOf,
  takeUp,
  type Draft,
} from './draft.ts'

const screws = { kind: 'remove-fasteners', fastener: { size: 'T20' }, count: 2, cell: 'A1' }
const plug = { kind: 'unplug', connector: { label: 'P1' } }
const { state } = foldAll([opening(), recorded(1, 'outside', screws), recorded(2, 'rear', plug)], blank)
let n = 100
function after(from: JobState, act: Act): JobState {
  if (!act.ok) throw new Error(refusalWords(act.refusal))
  return act.events.reduce((s, said) => {
    const folded = fold(s, stamped(said, event('note-added', {}, ++n)))
    if (!folded.ok) throw new Error(refusalWords(folded.refusal))
    return folded.state
  }, from)
}
const inHand = (more: Partial<Draft> = {}): Draft => ({
  ...emptyDraft(id(3, 's'), 'rear'),
  step: {
    id: id(3, 's'),
    zone: 'rear',
    photos: [],
    marks: [],
    moves: [{ id: id(300, 'm'), way: 'down', ...plug } as never],
  },
  ...more,
})

describe('taking up', () => {
  it('begins where the last step was, and outside where there is none', () => {
    expect(takeUp(state, undefined, id(9)).step).toEqual({ id: id(9), zone: 'rear', photos: [], marks: [], moves: [] })
    expect(takeUp(blank, undefined, id(9)).step.zone).toBe('outside')
  })
  it('goes on with what was kept, unless that was recorded meanwhile', () => {
    const kept = inHand({ line: '2x T20', before: id(1, 's') })
    expect(takeUp(state, kept, id(9))).toEqual(kept)
    expect(takeUp(after(state, recordDraft(state, kept)), kept, id(9)).step.id).toBe(id(9))
  })
  it('goes on with an amendment only while its step is there', () => {
    const kept = amending(inHand(), state.steps.get(id(1, 's'))!)
    expect(takeUp(state, kept, id(9)).amends).toBe(id(1, 's'))
    expect(takeUp(blank, kept, id(9)).amends).toBeNull()
  })
})

describe('an earlier step written anew', () => {
  it('lets what is in hand wait, and gives it back', () => {
    const hand = inHand({ move: id(300, 'm') })
    const amended = amending(hand, state.steps.get(id(1, 's'))!)
    expect(amended.step).toMatchObject({ id: id(1, 's'), moves: [{ kind: 'remove-fasteners' }] })
    expect(recordingOf(amended)).toBe(hand.step)
    expect(leaveAmending(amended, id(9))).toEqual(hand)
  })
  it('is recorded in its place, and the hand goes on with what waited', () => {
    const amended = amending(inHand(), state.steps.get(id(1, 's'))!)
    const moves = amended.step.moves.map(m => ({ ...m, count: 3 }) as typeof m)
    const told = { ...amended, step: { ...amended.step, moves } }
    const next = after(state, recordDraft(state, told))
    expect(next.order.toArray()).toEqual(state.order.toArray())
    expect(next.owed.fastener).toBe(3)
    expect(afterRecording(told, id(9)).step.id).toBe(id(3, 's'))
  })
})

describe('undo with an empty hand', () => {
  it('takes up the last step under a new id, to any depth, and never while something is in hand', () => {
    const ids = counter()
    const first = backInDraft(state, emptyDraft(ids()), ids())!
    expect(first.draft.step).toMatchObject({ zone: 'rear', moves: [{ kind: 'unplug' }] })
    const once = after(state, first.act)
    const second = backInDraft(once, emptyDraft(ids()), ids())!
    const twice = after(once, second.act)
    expect(second.draft.step.moves).toMatchObject([{ kind: 'remove-fasteners' }])
    expect(backInDraft(twice, emptyDraft(ids()), ids())).toBeNull()
    expect(backInDraft(state, inHand(), ids())).toBeNull()
    expect(after(twice, recordDraft(twice, second.draft)).owed.fastener).toBe(2)
  })
})

describe('what another device makes of the step', () => {
  it('goes into the hand, under what can be undone, and aside while an earlier one is written anew', () => {
    const hand = inHand()
    const theirs = {
      ...hand.step,
      moves: [...hand.step.moves, { id: id(301, 'm'), way: 'down', ...screws } as never],
    }
    expect(adopt(hand, theirs)).toMatchObject({ move: id(301, 'm'), step: theirs })
    const was = { step: { ...hand.step, moves: [] }, move: null }
    expect(adoptUnder(was, hand.step, theirs).step.moves.map(m => m.id)).toEqual([id(301, 'm')])
    const amended = amending(hand, state.steps.get(id(1, 's'))!)
    expect(adopt(amended, theirs)).toMatchObject({ step: amended.step, aside: { step: theirs } })
  })
})

describe('groups of one line', () => {
  it('get cells of their own, unless they were told theirs', () => {
    const hand = emptyDraft(id(9), 'rear')
    const around = aroundOf(state, stance(state), hand.step)
    expect(around.cell).toBe('A2')
    const cells = (line: string) => {
      const parsed = parseLine(line, { family: 'front-loader', around, id: counter() })
      const to = absorb(hand, parsed, around)
      return inCellsOfTheirOwn(state, hand.step, to.step, around.cell).moves.map(m => m.cell)
    }
    expect(cells('4x T20x18, 2x T25x12, 1x PH2x30')).toEqual(['A2', 'A3', 'A4'])
    expect(cells('4x T20x18 @C3, 2x T25x12')).toEqual(['C3', 'A2'])
  })
})
