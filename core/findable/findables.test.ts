import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { describe as inWords } from '../moves/move.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'
import { generatedMachine } from '../test/generated-machine.ts'
import { findablesOf, foundBy, ofMachine, ofModel, wordPlaces } from './findables.ts'
import { fitOf, isAsTyped, type Hit, type Reading } from './rank.ts'
import { wordsAsked } from './words.ts'

const model = { maker: 'Corrane', code: 'FL-84', family: 'front-loader' } as const
const step = (n: number, zone: string, ...moves: object[]) =>
  event(
    'step-recorded',
    {
      step: {
        id: id(n),
        zone,
        photos: [],
        marks: [],
        moves: moves.map((m, i) => ({ id: id(n * 10 + i), way: 'down', ...m })),
      },
    } as never,
    n,
  )
const found = (...log: ReturnType<typeof step>[]) => findablesOf(foldAll([opening(), ...log]).state, 'front-loader')
/** True when all that is typed is among the words of one of the things. */
const finds = (things: ReturnType<typeof findablesOf>, typed: string) =>
  things.filter(t => {
    const words = foundBy(t, model)
    return wordsAsked(typed).every(w => words.has(w))
  })

describe('what can be found of a job', () => {
  it('is every step that stands, by its words', () => {
    const { state } = foldAll(generatedMachine(7, 40))
    const things = findablesOf(state, 'front-loader')
    for (const stepId of state.order) {
      const recorded = state.steps.get(stepId)!
      const thing = things.find(t => t.step === stepId && t.kind === 'step')!
      expect(thing.zone).toBe(recorded.zone)
      for (const move of recorded.moves) expect(thing.title).toContain(inWords(move).slice(0, 40))
    }
  })
  it.each([
    ['bellows', 'the boot of the door'],
    ['door boot', 'by another name of the part'],
    ['screw', 'by what people call its kind'],
    ['front 8 mm', 'by its zone and its size'],
    ['corrane bellows', 'with its model'],
    ['cracked', 'as it was found'],
    ['warm it', 'by what was noted at it'],
  ])('%s: %s', typed => {
    const things = found(
      step(
        2,
        'front',
        {
          kind: 'remove-fasteners',
          place: 'bellows',
          count: 3,
          fastener: { size: '8 mm' },
          note: 'warm it first',
          condition: 'cracked',
        },
        { kind: 'remove-part', part: { name: 'bellows' } },
      ),
    )
    expect(finds(things, typed).map(t => t.step)).toEqual([id(2)])
  })
  it('is what was noted too, at its place; and not a step that was struck', () => {
    const recorded = step(2, 'base', { kind: 'remove-part', part: { name: 'drain pump' } })
    const noted = event('note-added', { text: 'sealing compound', step: id(2) } as never, 3)
    expect(finds(found(recorded, noted as never), 'sealing')).toMatchObject([
      { kind: 'note', zone: 'base', step: id(2) },
    ])
    const struck = event('step-struck', { step: id(2), reason: 'another' } as never, 4)
    expect(finds(found(recorded, struck as never), 'drain pump')).toEqual([])
  })
  it('is a machine by its plate in any form, and a model by maker and code', () => {
    for (const typed of ['2231-0417', '22310417', '0417', 'bay 7', 'fl84 0417'])
      expect(finds([ofMachine('Corrane', 'FL-84', '2231-0417', 'bay 7')], typed)).toHaveLength(1)
    for (const typed of ['corrane', 'FL 84', 'front loader'])
      expect(finds([ofModel('Corrane', 'FL-84', 'front-loader', '')], typed)).toHaveLength(1)
  })
})

const by = (how: Reading['how'], place: number, slips = 0) => ({ reading: { word: 'pump', how, slips }, place })
const hit = (...all: Hit['by']): Hit => ({ kind: 'step', title: 'take off the drain pump', jobs: 1, by: all })

describe('what fits best', () => {
  it('has the word as typed, then begun, then with fewer slips; in its title before its other words', () => {
    const { title, also, around } = wordPlaces
    const inOrder = [
      hit(by('same', title)),
      hit(by('begins', title)),
      hit(by('near', title, 1)),
      hit(by('near', title, 2)),
    ]
    const fits = inOrder.map(fitOf)
    expect(fits).toEqual(fits.toSorted((a, b) => b - a))
    expect(fitOf(hit(by('same', title)))).toBeGreaterThan(fitOf(hit(by('same', also))))
    expect(fitOf(hit(by('same', also)))).toBeGreaterThan(fitOf(hit(by('same', around))))
    expect(inOrder.map(isAsTyped)).toEqual([true, true, false, false])
  })
  it('has the words in a row, in the order in which they were typed', () => {
    const drain = { reading: { word: 'drain', how: 'same', slips: 0 }, place: wordPlaces.title } as const
    const pump = by('same', wordPlaces.title)
    const apart = { ...hit(drain, pump), title: 'pump outlet: pull the drain hose off' }
    expect(fitOf(hit(drain, pump))).toBeGreaterThan(fitOf(hit(pump, drain)))
    expect(fitOf(hit(drain, pump))).toBeGreaterThan(fitOf(apart))
  })
  it('is the machine before its steps, and what many jobs say before what one says', () => {
    const one = hit(by('same', wordPlaces.title))
    expect(fitOf({ ...one, kind: 'machine' })).toBeGreaterThan(fitOf(one))
    expect(fitOf({ ...one, jobs: 20 })).toBeGreaterThan(fitOf(one))
  })
})
