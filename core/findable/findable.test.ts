import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { keptUnder, lookedUnder, slipsBetween } from './slips.ts'
import { wordsAsked, wordsOf } from './words.ts'

/** A word of letters and digits, and the same with slips of the hand in it: one in five letters. */
const misspelt = fc.tuple(fc.stringMatching(/^[a-z0-9]{5,18}$/), fc.nat()).map(([word, seed]) => {
  const d = dice(seed)
  let typed = word
  // A slip may undo another: between the two are so many at most.
  for (let i = 0; i < Math.min(3, Math.floor(word.length / 5)); i++) {
    const at = d.int(0, typed.length - 1)
    const letter = d.pick('abcdefghijklmnopqrstuvwxyz'.split(''))
    typed = d.pick([
      typed.slice(0, at) + typed.slice(at + 1),
      typed.slice(0, at) + letter + typed.slice(at),
      typed.slice(0, at) + letter + typed.slice(at + 1),
      typed.slice(0, at) + (typed[at + 1] ?? '') + typed[at]! + typed.slice(at + 2),
    ])
  }
  return { word, typed }
})

describe('a word with slips', () => {
  it('is found by what both leave when letters are left out, wherever the slips are', () => {
    fc.assert(
      fc.property(misspelt, ({ word, typed }) => {
        fc.pre(slipsBetween(typed, word) !== null)
        const kept = new Set(keptUnder(word))
        expect(lookedUnder(typed).some(key => kept.has(key))).toBe(true)
      }),
      { numRuns: 3000 },
    )
  })
  it('forgives one slip in five letters, and none in a short word', () => {
    expect(slipsBetween('belows', 'bellows')).toBe(1)
    expect(slipsBetween('agitatro', 'agitator')).toBe(1)
    expect(slipsBetween('countrewieght', 'counterweight')).toBe(2)
    expect(slipsBetween('pumo', 'pump')).toBeNull()
    expect(slipsBetween('bracket', 'bellows')).toBeNull()
  })
  it('is kept under few keys, however long it is', () => {
    for (const word of ['pump', 'bellows', 'counterweight', 'electromagnetically', 'x'.repeat(40)])
      expect(keptUnder(word).length).toBeLessThan(180)
  })
})

describe('the words of a text', () => {
  it.each([
    [
      'Rear panel: take out eight T20 × 12 stainless.',
      ['rear', 'panel', 'take', 'out', 'eight', 't20', '12', 'stainless'],
    ],
    ['2231-0417, bay 7', ['22310417', '2231', '0417', 'bay', '7']],
    ['Corrane FL-84', ['corrane', 'fl84', 'fl', '84']],
    ['8mm x14', ['8', 'mm', 'x14']],
    ['brushes, Straße, Tür', ['brush', 'straße', 'tur']],
    ['plug L-N', ['plug', 'l', 'n']],
    ['  ', []],
    ['the of a', []],
  ])('%s', (text, words) => {
    expect(wordsOf(text)).toEqual(words)
  })
  it('are found by what is typed, in whatever form: a plate with its sign, without, or in parts', () => {
    const cases = [
      ['2231-0417, bay 7', ['2231-0417', '22310417', '2231 0417', 'BAY 7']],
      ['Corrane FL-84', ['fl-84', 'FL84', 'fl 84', 'corrane fl-84']],
      ['Take out eight T20 × 18', ['t20x18', 'T20 x 18', 'T20 ×18']],
      ['Take out one 8 mm × 14', ['8mm', '8 mm', '8 x 14']],
      ['Door brushes', ['brush', 'DOOR BRUSHES', 'door   brush']],
    ] as const
    for (const [said, asks] of cases) {
      const kept = wordsOf(said)
      for (const typed of asks) expect(kept, typed).toEqual(expect.arrayContaining(wordsAsked(typed)))
    }
  })
})
