import { expect, it } from 'vitest'
import { byToday, today } from './today.ts'

const due = '2026-03-03T16:00:00Z'

it('a machine goes on today where it waits for nothing; what it waits for is due, late, or not here yet', () => {
  expect(today({}, 0)).toEqual({ is: 'goes on' })
  expect(today({ waitsFor: 'drain pump', due }, -1)).toEqual({ is: 'waits', until: due })
  expect(today({ waitsFor: 'drain pump', due }, 0)).toEqual({ is: 'due' })
  expect(today({ waitsFor: 'drain pump', due }, 2)).toEqual({ is: 'late', days: 2 })
  expect(today({ waitsFor: 'a decision' }, 0)).toEqual({ is: 'waits', until: null })
})

it('what is late comes first, then what is due, what goes on, and what waits by its day', () => {
  const all = [
    today({ waitsFor: 'a' }, 0),
    today({ waitsFor: 'b', due }, -4),
    today({ waitsFor: 'c', due: '2026-03-01T16:00:00Z' }, -2),
    today({}, 0),
    today({ waitsFor: 'd', due }, 0),
    today({ waitsFor: 'e', due }, 1),
    today({ waitsFor: 'f', due }, 3),
  ]
  expect(all.toSorted(byToday)).toEqual([all[6], all[5], all[4], all[3], all[2], all[1], all[0]])
})
