import type { Beside } from '@dialytica/core/book'
import { describe, expect, it } from 'vitest'
import { besideSays, betweenSays, foldedSame } from './beside-words.ts'

const act = {} as Beside['here']
const same: Beside = { here: act, there: act, differs: [], moved: false }
const here: Beside = { ...same, there: null }
const there: Beside = { ...same, here: null }
const otherwise: Beside = { ...same, differs: [{ field: 'count', here: '3', there: '4' }] }
const moved: Beside = { ...same, moved: true }

describe('two books side by side, in words', () => {
  it('fold what is the same in a row, and nothing else', () => {
    const folded = foldedSame([same, same, otherwise, same, moved, here])
    expect(folded.map(p => ('same' in p ? p.same.length : 'row'))).toEqual([2, 'row', 1, 'row', 'row'])
  })
  it('count each row once', () => {
    expect(
      besideSays([same, same, otherwise, { ...otherwise, moved: true }, moved, here, there], 'FL-84', 'FL-70'),
    ).toBe('2 the same in both, 2 otherwise, 1 in another order, 1 only on FL-84, 1 only on FL-70')
    expect(besideSays([same], 'FL-84', 'FL-70')).toBe('1 the same in both')
  })
  it('say of each row what it is, by a sign of its own', () => {
    const rows = [same, here, there, otherwise, moved]
    expect(new Set(rows.map(r => betweenSays(r).sign)).size).toBe(5)
    expect(betweenSays({ ...otherwise, moved: true }).word).toBe('otherwise, in another order')
  })
})
