import { expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { event, opening, recorded } from '../test/arbitrary-log.ts'
import { readingPairs, readingWords } from './readings.ts'

const read = (of: string, value: number, n: number, note?: string) =>
  event('reading-taken', { of, value, unit: 'Ω', ...(note && { note }) }, n)

it('readings stand as pairs: before the way back began, and since', () => {
  const { state, refused } = foldAll([
    opening(),
    recorded(1, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
    read('Heater', 0.4, 20),
    read('motor winding', 1.9, 21, 'others 2.6 Ω'),
    read('motor winding', 2.1, 22),
    event('phase-changed', { phase: 'return' }, 30),
    read('motor winding', 2.6, 31),
    event('phase-changed', { phase: 'descent' }, 32),
    read('heater', 27.5, 33),
    event('phase-changed', { phase: 'return' }, 34),
    read('insulation', 210, 35),
  ])
  expect(refused).toEqual([])
  const rows = readingPairs(state).map(p => [p.of, readingWords(p.before), readingWords(p.after)])
  expect(rows).toEqual([
    ['Heater', '0.4 Ω', '27.5 Ω'],
    ['motor winding', '1.9 Ω (others 2.6 Ω), 2.1 Ω', '2.6 Ω'],
    ['insulation', '–', '210 Ω'],
  ])
})

it('before the way back has begun, all of them are from before', () => {
  const { state } = foldAll([opening(), read('heater', 27, 20)])
  expect(readingPairs(state)).toEqual([{ of: 'heater', before: [{ of: 'heater', value: 27, unit: 'Ω' }], after: [] }])
})

it('says what readings of one thing say together, each side for itself', () => {
  const contact = (state: string, over: boolean, n: number) =>
    event(
      'reading-taken',
      {
        of: 'lid switch',
        quantity: 'contact',
        state,
        unit: 'Ω',
        value: over ? 2e6 : 0.4,
        step: 0.1,
        ...(over && { over }),
      },
      n,
    )
  const { state, refused } = foldAll([
    opening(),
    recorded(1, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
    contact('closed', true, 20),
    contact('open', true, 21),
    event('phase-changed', { phase: 'return' }, 30),
    contact('closed', false, 31),
    contact('open', true, 32),
  ])
  expect(refused).toEqual([])
  const [pair] = readingPairs(state)
  expect(readingWords(pair!.before)).toBe(
    'closed OL, open OL: bad. It does not close, or its wire is broken: read it again at the part',
  )
  expect(readingWords(pair!.after)).toBe('closed 0.4 Ω, open OL: good. It closes and it opens')
})
