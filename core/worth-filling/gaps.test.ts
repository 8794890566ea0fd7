import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { parseLine } from '../quick-line/parse.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'
import { gaps } from './gaps.ts'
import { english } from '../words/english.ts'

/** The state after some lines, each a step in a zone with or without a photo. */
function after(...lines: string[]) {
  let n = 100
  const next = () => id(n++)
  const photo = { hash: 'a'.repeat(64), width: 1600, height: 1000, takenAt: '2026-01-05T08:00:00.000Z' }
  const steps = lines.map((line, i) => {
    const parsed = parseLine(line, { family: 'front-loader', around: { posture: 'upright', isolated: [] }, id: next })
    const step = {
      id: next(),
      ...(parsed.zone && { zone: parsed.zone }),
      photos: line.includes('no photo') ? [] : [photo],
      marks: [],
      moves: parsed.moves,
    }
    return event('step-recorded', { step }, i + 2)
  })
  const { state, refused } = foldAll([opening(), ...steps])
  expect(refused).toEqual([])
  return gaps(state, 'front-loader').map(g => english(g.ask))
}

describe('what is worth filling in', () => {
  it.each<[string, string[], string[]]>([
    ['a line without points', ['rear: free loom'], ['Where harness runs']],
    [
      'wire colours of a plug next to one like it',
      ['rear: plug white 2w @', 'rear: plug white 2w red/blue'],
      ['Wire colours of white plug, 2 ways'],
    ],
    ['a length beside a known one', ['rear: 2x T20 @A1', 'rear: 2x T20x30 @B3'], ['Length of two T20']],
    ['a part that can go in two ways', ['rear: off bracket'], ['Which way the bracket faces']],
    [
      'the lengths of groups that nothing else tells apart',
      ['base: 2x 10mm hex pump @A1', 'base: 3x 10mm hex heater bracket @A2', 'base: 2x 10mm hex motor @A3'],
      ['three groups of 10 mm, none with a length: measure one of each now'],
    ],
    ['a zone', ['2x T20 @A1'], ['Zone of the step']],
    ['a cell and a drive', ['rear: 2 screws'], ['Cell of two screws', 'Drive of two screws']],
    ['where a clamp points', ['base: sump hose spring clamp'], ['Where the clamp of sump hose points']],
    ['a photo', ['rear: 2x T20 @A1 note no photo'], ['A photo of the place']],
  ])('%s', (_, lines, asks) => expect(after(...lines)).toEqual(asks))

  it('nothing of a step that is told well, nor of covers', () => {
    expect(
      after('rear: 4x T20x18 @A1', 'outside: off rear panel', 'rear: loom: over rail > clip', 'power off'),
    ).toEqual(['Zone of the step'])
  })
  it('groups of one size are not asked for together once one of them was measured', () => {
    const asks = after('base: 2x 10mm hex pump @A1', 'base: 3x 10mm hex x16 bracket @A2', 'base: 2x 10mm hex motor @A3')
    expect(asks.filter(ask => ask.includes('groups'))).toEqual([])
    expect(asks).toContain('Length of two 10 mm, pump')
  })
  it('what saves most stands first', () => {
    const asks = after('rear: 2 screws @A1', 'rear: free loom', 'rear: off bracket')
    expect(asks).toEqual(['Where harness runs', 'Which way the bracket faces', 'Drive of two screws'])
  })
})
