import { describe, expect, it } from 'vitest'
import { counted, inWords, join, list, sentence } from './words.ts'

describe('words', () => {
  it('counts in words up to twelve, in figures above', () => {
    expect([0, 1, 4, 12, 13, 120].map(inWords)).toEqual(['no', 'one', 'four', 'twelve', '13', '120'])
    expect([counted(1, 'tie'), counted(2, 'tie'), counted(3, 'tape', 'strips of tape')]).toEqual([
      'one tie',
      'two ties',
      'three strips of tape',
    ])
  })
  it('lists with an and before the last', () => {
    expect([list([]), list(['a']), list(['a', 'b']), list(['a', 'b', 'c'], 'or')]).toEqual([
      '',
      'a',
      'a and b',
      'a, b or c',
    ])
  })
  it('makes one sentence of it, whatever was left out', () => {
    expect(sentence('pump :  take  out one screw')).toBe('Pump: take out one screw.')
    expect(sentence('is it dead?')).toBe('Is it dead?')
    expect(sentence('')).toBe('')
  })
  it('joins what is there', () => {
    expect(join(', ', 'a', undefined, '', false, null, 0, 'b')).toBe('a, b')
  })
})
