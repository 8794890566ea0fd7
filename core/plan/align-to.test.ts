import { expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { alignTo } from './align-to.ts'
import { mirror } from './mirror.ts'
import { opening, recorded as step } from '../test/arbitrary-log.ts'

const line = (mark: string) => ({ kind: 'draw-mark', mark })
const part = (name: string) => ({ kind: 'remove-part', part: { name } })
const screws = { kind: 'remove-fasteners', count: 1, fastener: {} }

const { state, refused } = foldAll([
  opening(),
  step(1, 'drive', line('too long ago')),
  step(2, 'drive', line('across shaft and pulley')),
  step(3, 'rear', line('at another place')),
  step(4, 'drive', screws),
  step(5, 'drive', line('on the rim'), part('pulley')),
  step(6, 'drive', part('spacer')),
])
const plan = mirror(state)
const marks = (n: number) =>
  alignTo(
    plan,
    plan.find(r => r.number === n)!,
  ).map(m => m.mark)

it('names the marks at the place of a part that were drawn shortly before it came off, those of its own step too', () => {
  expect(refused).toEqual([])
  expect(marks(5).toSorted()).toEqual(['across shaft and pulley', 'on the rim', 'too long ago'])
  expect(marks(6).toSorted()).toEqual(['across shaft and pulley', 'on the rim'])
})

it('is silent where no part goes on', () => {
  expect(marks(4)).toEqual([])
})
