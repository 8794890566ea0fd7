import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { checksFor, invert } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { minutesLeft, timeByPhase } from './pace.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'

const at = (minute: number) => minute * 60
const fasteners = event(
  'step-recorded',
  {
    step: {
      id: id(1, 's'),
      photos: [],
      marks: [],
      moves: [{ id: id(1, 'm'), kind: 'remove-fasteners', way: 'down', count: 10, fastener: {} }],
    },
  },
  at(10),
)
const settle = (minute: number, count: number) =>
  event('debt-settled', { debt: id(1, 'm'), how: 'refitted', count }, at(minute))
const turn = (phase: string, minute: number) => event('phase-changed', { phase }, at(minute))

describe('the time of a job', () => {
  it('is counted by phase; a week between two acts is no work', () => {
    const week = 7 * 24 * 60
    const log = [opening(), turn('descent', 4), fasteners, turn('bench', 14), turn('return', week), settle(week + 6, 4)]
    expect(timeByPhase(foldAll(log).state)).toEqual([
      { phase: 'intake', minutes: 4 },
      { phase: 'descent', minutes: 10 },
      { phase: 'bench', minutes: 1 },
      { phase: 'return', minutes: 7 },
    ])
    expect(timeByPhase(foldAll(log.toReversed().concat(log)).state)).toEqual(timeByPhase(foldAll(log).state))
  })
  it('that is left follows from the pace of this job', () => {
    const down = [opening(), turn('descent', 4), fasteners, turn('return', 14)]
    expect(minutesLeft(foldAll(down).state)).toBe(10)
    expect(minutesLeft(foldAll([...down, settle(16, 2), settle(18, 2)]).state)).toBe(8)
    expect(minutesLeft(foldAll([opening()]).state)).toBeNull()
  })
})

describe('the checks of refitting', () => {
  const checks = (move: object) => checksFor(invert({ id: id(1), way: 'down', ...move } as Move))
  it('follow from what the thing is', () => {
    expect(checks({ kind: 'unplug', connector: { lock: 'tab' } })).toEqual(['click', 'tug'])
    expect(checks({ kind: 'unplug', connector: { lock: 'secondary slider' } })).toEqual(['slide', 'tug'])
    expect(checks({ kind: 'release-clips', clip: {}, count: 1 })).toEqual(['click'])
    expect(checks({ kind: 'remove-part', part: { name: 'rotor', seat: 'click' } })).toEqual(['click', 'spin'])
    expect(checks({ kind: 'park-part', part: { name: 'drawer' } })).toEqual(['slide'])
    // What only lies beside such a thing is none.
    for (const name of ['drawer housing', 'belt cover', 'door seal', 'motor bracket', 'rotor bolt'])
      expect(checks({ kind: 'remove-part', part: { name } }), name).toEqual([])
    expect(checks({ kind: 'remove-part', part: { name: 'drum pulley, rear' } })).toEqual(['spin'])
    expect(checks({ kind: 'unroute', route: { waypoints: [], keepClear: ['rotor'] } })).toEqual(['spin'])
    expect(checks({ kind: 'remove-fasteners', fastener: {}, count: 1 })).toEqual([])
  })
})
