import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cellFor } from '../capture/cells.ts'
import { find } from '../finder/find.ts'
import { fold } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import { blank, owedCount, type JobState } from '../log/state.ts'
import { gates } from '../plan/gates.ts'
import { planReturn } from '../plan/plan.ts'
import { safeSequence } from '../safe/sequence.ts'
import { arbitraryLog, event, id, opening } from '../test/arbitrary-log.ts'
import { Bench, stepOf } from '../test/acting.ts'
import { counter } from '../test/counter.ts'
import {
  checksDone,
  doSafely,
  foundAt,
  foundMissing,
  goOn,
  isPassed,
  lookedAt,
  moveStep,
  openToLook,
  passGate,
  pause,
  report,
  settle,
  settleNext,
  settleRest,
  stamped,
  tapRunsOn,
  tellIntake,
  tickCheck,
  touchMark,
  turnTo,
  undo,
  undoSafely,
} from './index.ts'
import { nextMark } from './refit.ts'
import { recordStep } from './steps.ts'

const screws = (count: number, more: object = {}) => ({
  kind: 'remove-fasteners',
  fastener: { drive: 'torx', size: 'T20', length: 18 },
  count,
  ...more,
})
const off = { kind: 'isolate', what: 'power' }
const cover = { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear'] } }

describe('recording a step', () => {
  it('notes that power was on at a place that may be live, and not once it is off, and not outside', () => {
    const bench = new Bench()
    bench.record(1, 'outside', screws(1))
    bench.record(2, 'rear', screws(2))
    bench.record(3, 'outside', off)
    bench.record(4, 'rear', screws(3))
    expect(bench.state.order.map(s => bench.state.steps.get(s)!.live).toArray()).toEqual([
      undefined,
      true,
      undefined,
      undefined,
    ])
  })
  it('notes how the machine lies when it does not stand', () => {
    const bench = new Bench()
    bench.record(1, 'outside', { kind: 'turn-machine', from: 'upright', to: 'on its back' })
    bench.record(2, 'base', screws(4))
    expect(bench.state.order.map(s => bench.state.steps.get(s)!.posture).toArray()).toEqual([undefined, 'on its back'])
  })
  it('puts a step that was forgotten where it belongs', () => {
    const bench = new Bench()
    for (const n of [1, 2, 3]) bench.record(n, 'outside', screws(n))
    bench.do(recordStep(bench.state, stepOf(4, 'outside', screws(1)), id(2, 's')))
    expect(bench.state.order.toArray()).toEqual([1, 4, 2, 3].map(n => id(n, 's')))
  })
  it('says nothing of an empty hand', () => {
    expect(recordStep(new Bench().state, stepOf(1, 'rear'))).toMatchObject({ ok: false, refusal: { code: 22 } })
    expect(foundMissing({ id: id(1), moves: [] })).toMatchObject({ ok: false, refusal: { code: 23 } })
  })
  it('scraps what is old where its new one was fitted before, and nothing else', () => {
    const bench = new Bench()
    bench.do(recordStep(bench.state, stepOf(1, 'drive', { kind: 'fit-new', part: { name: 'motor loom' } })))
    expect(bench.state.owing.size).toBe(0)
    bench.do(recordStep(bench.state, stepOf(2, 'drive', { kind: 'cut', consumable: 'tie', count: 3 })))
    bench.do(recordStep(bench.state, stepOf(3, 'drive', { kind: 'remove-part', part: { name: 'old motor harness' } })))
    bench.do(recordStep(bench.state, stepOf(4, 'drive', { kind: 'remove-part', part: { name: 'old pump' } })))
    // Its ties are owed, the pump is, the old loom is not.
    expect([...bench.state.owing].sort()).toEqual([id(200, 'm'), id(400, 'm')])
    expect(bench.state.debts.get(id(300, 'm'))!.settled.scrapped).toBe(1)
  })
  it('moves a step by one place, and no further than the ends', () => {
    const bench = new Bench()
    for (const n of [1, 2, 3]) bench.record(n, 'outside', screws(n))
    const order = () => bench.state.order.map(s => Number.parseInt(s.slice(-4), 16)).toArray()
    bench.do(moveStep(bench.state, id(3, 's'), -1))
    expect(order()).toEqual([1, 3, 2])
    bench.do(moveStep(bench.state, id(1, 's'), 1))
    expect(order()).toEqual([3, 1, 2])
    bench.do(moveStep(bench.state, id(1, 's'), 1))
    expect(order()).toEqual([3, 2, 1])
    bench.do(moveStep(bench.state, id(1, 's'), 1))
    bench.do(moveStep(bench.state, id(3, 's'), -1))
    expect(order()).toEqual([3, 2, 1])
  })
})

describe('a cell for what comes off', () => {
  it('is free, and not beside what looks like it', () => {
    const bench = new Bench()
    bench.record(1, 'outside', screws(2, { cell: 'A1' }))
    const step = stepOf(2, 'outside', { ...screws(3), fastener: { drive: 'torx', size: 'T20', length: 20 } })
    const cell = cellFor(bench.state, 'front-loader', step, step.moves[0]!)
    expect(['A1', 'A2', 'B1', 'B2']).not.toContain(cell)
    expect(cell).toBeDefined()
  })
})

describe('fitting', () => {
  const marked = () => {
    const bench = new Bench()
    const step = stepOf(1, 'outside', screws(3))
    const at = (n: number, x: number) => ({
      id: id(n, 'k'),
      photo: 'a'.repeat(64),
      move: step.moves[0]!.id,
      glyph: 'fastener' as const,
      path: [{ x, y: 0.5 }],
    })
    bench.do(recordStep(bench.state, { ...step, marks: [at(1, 0.1), at(2, 0.5), at(3, 0.9)] }))
    return bench
  }
  it('turns the job to the return with its first piece, and not again', () => {
    const bench = marked()
    bench.do(settleNext(bench.state, bench.plan[0]!))
    bench.do(settleNext(bench.state, bench.plan[0]!))
    expect(bench.state.phase.name).toBe('return')
    expect(bench.log.filter(e => e.kind === 'phase-changed')).toHaveLength(1)
    expect(bench.state.owed.fastener).toBe(1)
  })
  it('takes the marks one after the other, each once, and the rest in one go', () => {
    const bench = marked()
    const debt = () => bench.plan[0]!.debts[0]!
    const first = nextMark(bench.plan[0]!, debt())
    bench.do(settleNext(bench.state, bench.plan[0]!))
    expect(debt().marks).toEqual([first])
    expect(nextMark(bench.plan[0]!, debt())).not.toBe(first)
    bench.do(settleRest(bench.state, bench.plan[0]!, debt()))
    expect(debt().marks).toHaveLength(3)
    expect(owedCount(debt())).toBe(0)
    expect(settleNext(bench.state, bench.plan[0]!)).toEqual({ ok: true, events: [] })
  })
  it('a mark that is touched again comes off again', () => {
    const bench = marked()
    const touch = () => bench.do(touchMark(bench.state, bench.plan[0]!, id(2, 'k')))
    touch()
    expect(bench.plan[0]!.debts[0]!.marks).toEqual([id(2, 'k')])
    touch()
    expect(bench.plan[0]!.debts[0]!.marks).toEqual([])
    expect(bench.state.owed.fastener).toBe(3)
  })
  it('a cut tie is replaced, not refitted; so is what was found spoilt', () => {
    const bench = new Bench()
    bench.record(1, 'rear', { kind: 'cut', thing: 'cable tie', count: 1 })
    bench.record(2, 'rear', screws(1, { condition: 'stripped' }))
    for (const debt of bench.state.debts.values()) bench.do(settle(bench.state, debt))
    expect([...bench.state.debts.values()].map(d => d.settled.replaced)).toEqual([1, 1])
  })
})

describe('before the first cover', () => {
  it.each(['front-loader', 'top-loader'] as const)(
    'a %s is made safe act by act, and each can be taken back',
    family => {
      const bench = new Bench(family)
      const ids = counter()
      for (const act of safeSequence(bench.state, family)) bench.do(doSafely(act, ids))
      expect(safeSequence(bench.state, family).map(a => a.state)).not.toContain('next')
      for (const act of safeSequence(bench.state, family)) bench.do(undoSafely(bench.state, act))
      expect(safeSequence(bench.state, family).filter(a => a.state === 'done')).toEqual([])
      expect(bench.state.owing.isEmpty()).toBe(true)
    },
  )
  it('a tap that runs on stays in the record', () => {
    const bench = new Bench()
    const tap = safeSequence(bench.state, 'front-loader').find(a => a.id === 'cold water')!
    bench.do(tapRunsOn(tap, counter()))
    expect([...bench.state.steps.values()][0]!.moves[0]!.note).toContain('stopcock')
  })
})

describe('the way back', () => {
  const opened = () => {
    const bench = new Bench()
    bench.record(1, 'outside', off)
    bench.record(2, 'outside', screws(2, { place: 'rear panel' }))
    bench.record(3, 'outside', cover)
    bench.record(4, 'rear', { kind: 'unplug', connector: { label: 'P4' } })
    return bench
  }
  it('passes a gate with what was counted out and what was not', () => {
    const bench = opened()
    const gate = gates('front-loader', bench.plan)[0]!
    bench.do(passGate({ ...gate, counts: ['mat', 'torch'] }, ['torch'], 'the plug is scrap'))
    expect(isPassed(bench.state, gate.step)).toBe(true)
    expect([...bench.state.entries.values()][0]!.body).toMatchObject({
      owed: [id(400, 'm')],
      counted: ['torch'],
      uncounted: ['mat'],
      reason: 'the plug is scrap',
    })
  })
  it('ticks a check and takes the tick back', () => {
    const bench = opened()
    const tick = () => bench.do(tickCheck(bench.state, id(4, 's'), id(400, 'm'), 'tug'))
    tick()
    expect(checksDone(bench.state, id(4, 's')).has(`${id(400, 'm')} tug`)).toBe(true)
    tick()
    expect(checksDone(bench.state, id(4, 's')).size).toBe(0)
  })
  it('opens a cover again to look behind it, its screws first, and nothing under it', () => {
    const bench = opened()
    for (const debt of bench.state.debts.values()) bench.do(settle(bench.state, debt, undefined, owedCount(debt)))
    bench.do(openToLook(planReturn(bench.state, 'front-loader'), id(3, 's'), 'to look for a screw'))
    const owed = [...bench.state.debts.values()].filter(d => owedCount(d) > 0).map(d => d.id)
    expect(owed).toEqual([id(200, 'm'), id(300, 'm')])
  })
  it('a search is reported by what is known, and ends with where it was', () => {
    const bench = opened()
    const [, group] = [...bench.state.debts.values()]
    bench.do(settle(bench.state, group!, undefined, 2))
    const known = { item: 'fastener' as const, fastener: { drive: 'torx' as const, size: 'T20' } }
    bench.do(report(bench.state, { asks: 'left over', known, short: group!.id }))
    const [asked, entry] = [...bench.state.entries][0]!
    expect(entry.body).toMatchObject({ what: 'T20; one short of two T20 × 18, rear panel' })
    const { places } = find(bench.state, 'front-loader', planReturn(bench.state, 'front-loader'), {
      asks: 'left over',
      known,
    })
    bench.do(lookedAt(asked, places[1]!.id))
    bench.do(foundAt(asked, places[0]!))
    expect([...bench.state.entries.values()].map(e => e.kind)).toEqual([
      'leftover-reported',
      'place-looked',
      'place-looked',
      'leftover-explained',
    ])
  })
})

describe('a phase', () => {
  it('only goes forward by itself; a pause ends when somebody goes on', () => {
    const bench = new Bench()
    bench.do(turnTo(bench.state, 'bench'))
    bench.do(turnTo(bench.state, 'descent'))
    expect(bench.state.phase.name).toBe('bench')
    bench.do(pause(bench.state, 'drain pump', 2, new Date('2026-01-05T09:00:00.000Z')))
    expect(bench.state.phase).toMatchObject({ waitsFor: 'drain pump', due: '2026-01-07T09:00:00.000Z' })
    bench.do(goOn(bench.state))
    expect(bench.state.phase).toMatchObject({ name: 'bench', waitsFor: undefined })
    expect(goOn(bench.state)).toEqual({ ok: true, events: [] })
  })
  it('takes the year of make in four figures only', () => {
    expect(tellIntake('made', '19')).toMatchObject({ ok: false, refusal: { code: 24 } })
    expect(tellIntake('made', '2019')).toMatchObject({ ok: true, events: [{ body: { made: 2019 } }] })
  })
})

describe('taking back', () => {
  /** What a job owes and says, without the times at which it was said and what was struck meanwhile. */
  const stands = (s: JobState) => ({
    order: s.order.toArray(),
    moves: s.order.map(step => s.steps.get(step)!.moves).toArray(),
    owed: [...s.debts.values()].map(d => [d.id, d.settled]).sort(),
    entries: [...s.entries.keys()].sort(),
    tray: s.tray,
    mirror: s.plainMirror,
  })
  it('leaves the job as it stood before, for any event of any log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        let state = blank
        for (const made of log) {
          const folded = fold(state, made)
          if (!folded.ok) continue
          const act = undo(state, made)
          if (act.ok && act.events.length) {
            let back = folded.state
            for (const [i, said] of act.events.entries()) {
              const taken = fold(
                back,
                stamped(said, { ...event('note-added', {}, 9000 + i, 'undo'), at: '2027-01-01T00:00:00.000Z' }),
              )
              if (taken.ok) back = taken.state
              else throw new Error(refusalWords(taken.refusal))
            }
            expect(stands(back)).toEqual(stands(state))
          }
          state = folded.state
        }
      }),
      { numRuns: 60 },
    )
  })
  it('is refused for what cannot be unsaid', () => {
    expect(undo(blank, opening())).toMatchObject({ ok: false, refusal: { code: 21 } })
  })
})
