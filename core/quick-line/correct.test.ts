import { describe, expect, it } from 'vitest'
import { completions, phrasesOf } from './complete.ts'
import { corrections } from './correct.ts'
import type { LineContext } from './context.ts'
import { parseLine } from './parse.ts'

const context: LineContext = {
  family: 'front-loader',
  around: { posture: 'upright', isolated: [] },
  id: () => '00000000-0000-4000-8000-000000000001',
}
/** The line after one tap on a token and one on its other reading. */
function corrected(line: string, token: string, label: string): string {
  for (const clause of parseLine(line, context).clauses)
    for (const t of clause.tokens)
      if (t.text === token) {
        const all = corrections(line, clause, t)
        const found = all.find(c => c.label === label)
        if (!found) throw new Error(`${token}: ${all.map(c => c.label).join(', ')}`)
        return found.line
      }
  throw new Error(`no token ${token}`)
}
const read = (line: string) => parseLine(line, context).moves[0]

describe('one tap corrects a token', () => {
  it.each([
    ['4x T20 pump bracket', '4x', '5 ×', { count: 5 }],
    ['4x T20x18 pump', 'T20', 'T25', { fastener: { drive: 'torx', size: 'T25', length: 18 } }],
    ['4x T20 green bracket', 'bracket', 'note', { note: 'bracket' }],
    ['plug white heater', 'white', 'wires', { connector: { wires: ['white'] } }],
    ['2x T20 @B2', '@B2', 'B3', { cell: 'B3' }],
    ['off pump cracked', 'cracked', 'missing', { condition: 'missing' }],
    ['loom: over rail > clip', 'clip', 'tie', { route: { waypoints: [{ by: 'over', of: 'rail' }, { by: 'tie' }] } }],
    ['off pump', 'off', 'park', { kind: 'park-part', part: { name: 'pump' } }],
    ['T20x4 lid', 'lid', 'leave out', { fastener: { length: 4 } }],
    ['hm strange', 'hm strange', 'a part taken off', { kind: 'remove-part' }],
  ])('%s: %s as %s', (line, token, label, move) => expect(read(corrected(line, token, label))).toMatchObject(move))
})

describe('completion from the words of the shop', () => {
  const phrases = phrasesOf(
    [
      '4x T20 pump bracket; off pump bracket',
      '2x M6 pump motor',
      'loom: over drum edge > clip',
      '1x PH2 pump bracket',
    ].flatMap(l => parseLine(l, context).moves),
  )
  it('goes on from the last words, the most frequent first', () => {
    expect(phrases[0]).toEqual({ text: 'pump bracket', times: 3 })
    expect(completions('4x T20 pum', 10, phrases)).toEqual([
      { text: 'pump bracket', from: 7 },
      { text: 'pump motor', from: 7 },
    ])
    expect(completions('off pump mo', 11, phrases)).toEqual([{ text: 'pump motor', from: 4 }])
    expect(completions('loom: over dr', 13, phrases)).toEqual([{ text: 'drum edge', from: 11 }])
  })
  it('says nothing where nothing fits', () => {
    expect(completions('', 0, phrases)).toEqual([])
    expect(completions('4x T20;', 7, phrases)).toEqual([])
    expect(completions('pump bracket', 12, phrases)).toEqual([])
  })
})
