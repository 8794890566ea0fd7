import { describe, expect, it } from 'vitest'
import { find } from '../finder/find.ts'
import { toSnapshot } from '../log/snapshot.ts'
import { gates } from '../plan/gates.ts'
import { planReturn } from '../plan/plan.ts'
import { machineState } from '../test/generated-machine.ts'
import { english } from './english.ts'
import { loud, speak, text } from './language.ts'
import { counted, inWords, join, list, say, sentence, nested } from './phrase.ts'

describe('a phrase in English', () => {
  it('counts in words up to twelve, in figures above', () => {
    expect([0, 1, 4, 12, 13, 120].map(n => english(inWords(n)))).toEqual(['no', 'one', 'four', 'twelve', '13', '120'])
    const many = [counted(1, 'tie'), counted(2, 'tie'), counted(3, 'tape', say`strips of tape`), counted(2, say`tab`)]
    expect(many.map(english)).toEqual(['one tie', 'two ties', 'three strips of tape', 'two tabs'])
  })
  it('lists with an and before the last', () => {
    expect([list([]), list(['a']), list(['a', 'b']), list(['a', 'b', 'c'])].map(english)).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c',
    ])
  })
  it('makes one sentence of it, whatever was left out', () => {
    expect(english(sentence('pump :  take  out one screw'))).toBe('Pump: take out one screw.')
    expect(english(sentence('is it dead?'))).toBe('Is it dead?')
    expect(english(sentence(''))).toBe('')
    expect(english(say`first (before: ${nested(sentence(say`take off ${'the lid'}`))})`)).toBe(
      'first (before: Take off the lid)',
    )
  })
  it('joins what is there', () => {
    expect(english(join(', ', 'a', undefined, '', false, null, 0, 'b'))).toBe('a, b')
    expect(join(', ', undefined, false)).toBe('')
  })
  it('takes the words of a person as they are, braces and all', () => {
    expect(english(say`behind the ${'{0} box'}`)).toBe('behind the {0} box')
  })
})

it('what is said changes with the language that is spoken, names do not', () => {
  const phrase = say`take off the ${'rear panel'}`
  expect(text(phrase)).toBe('take off the rear panel')
  speak(loud)
  expect([text(phrase), text('rear panel')]).toEqual(['[TAKE OFF THE REAR PANEL]', 'rear panel'])
  speak(english)
})

it('the fold, the plan, the gates and the Finder give the same whatever language is spoken', () => {
  const all = () =>
    Array.from({ length: 8 }, (_, seed) => {
      const state = machineState(seed, 24, 2)
      const plan = planReturn(state, 'front-loader')
      const question = { asks: 'left over', known: { item: 'fastener', words: 'T20 pump' } } as const
      return JSON.stringify([
        toSnapshot(state),
        plan.steps.map(s => s.step.id),
        plan.departures,
        gates('front-loader', plan.steps),
        find(state, 'front-loader', plan, question).order,
      ])
    })
  const inEnglish = all()
  speak(loud)
  const inCapitals = all()
  speak(english)
  expect(inCapitals).toEqual(inEnglish)
})
