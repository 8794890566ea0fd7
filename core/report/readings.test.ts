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
  expect(readingPairs(state)).toEqual([{ of: 'heater', before: [{ value: 27, unit: 'Ω', note: '' }], after: [] }])
})
