import { expect, it } from 'vitest'
import { isSame } from './equal.ts'

it.each([
  [{ a: 1, b: [2] }, { b: [2], a: 1 }, true],
  [{ a: 1, b: undefined }, { a: 1 }, true],
  [{ a: [{ b: undefined }] }, { a: [{}] }, true],
  [[1, 2], [2, 1], false],
  [undefined, {}, false],
  [undefined, undefined, true],
  [{ a: 1 }, { a: '1' }, false],
])('%j and %j say the same: %s', (a, b, same) => {
  expect(isSame(a, b)).toBe(same)
  expect(isSame(b, a)).toBe(same)
})
