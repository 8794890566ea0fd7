import { afterEach, describe, expect, it, vi } from 'vitest'
import type { DataSource } from 'typeorm'
import { watch, type Watch } from './watch.ts'

/** A database in which another server writes. */
let rows: { id: string; seq: number }[] = []
let looks = 0
let isAway = false
const db = {
  getRepository: () => ({
    find: async () => {
      looks += 1
      if (isAway) throw new Error('gone')
      return rows
    },
  }),
} as unknown as DataSource
let w: Watch
afterEach(() => {
  vi.useRealTimers()
  w.close()
  rows = []
  looks = 0
  isAway = false
})

describe('who follows a job', () => {
  it('is woken by what this server appends, once for each number', () => {
    w = watch(db, 5)
    const woken: number[] = []
    w.follow('a', seq => woken.push(seq))
    w.grew('a', 2)
    w.grew('a', 2)
    w.grew('b', 9)
    w.grew('a', 3)
    expect(woken).toEqual([2, 3])
  })
  it('is woken by what another server appends', async () => {
    w = watch(db, 5)
    const woken: number[] = []
    w.follow('a', seq => woken.push(seq))
    rows = [{ id: 'a', seq: 4 }]
    await vi.waitFor(() => expect(woken).toEqual([4]))
  })
  it('stays while the database is away, and is woken when it is back', async () => {
    w = watch(db, 5)
    const woken: number[] = []
    isAway = true
    w.follow('a', seq => woken.push(seq))
    await vi.waitFor(() => expect(looks).toBeGreaterThan(1))
    isAway = false
    rows = [{ id: 'a', seq: 1 }]
    await vi.waitFor(() => expect(woken).toEqual([1]))
  })
  it('and leaves is woken no more, and nobody looks for nobody', async () => {
    vi.useFakeTimers()
    w = watch(db, 5)
    const woken: number[] = []
    const leave = w.follow('a', seq => woken.push(seq))
    leave()
    w.grew('a', 2)
    const before = looks
    await vi.advanceTimersByTimeAsync(100)
    expect(woken).toEqual([])
    expect(looks).toBe(before)
  })
})
