import fc from 'fast-check'
import { expect, it } from 'vitest'
import { rankBetween } from './rank.ts'

const stamp = '2026-01-05T08:00:00.000Z|x'

it('is strictly between its neighbours, however often a step is put between', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 60 }), turns => {
      let [a, b] = [stamp, rankBetween(stamp, '')]
      for (const upper of turns) {
        const middle = rankBetween(a, b)
        expect(a < middle && middle < b).toBe(true)
        if (upper) a = middle
        else b = middle
      }
    }),
  )
})

it('leaves room before the first and after the last', () => {
  expect(rankBetween('', stamp) < stamp).toBe(true)
  expect(rankBetween(stamp, '') > stamp).toBe(true)
})
