import { afterEach, describe, expect, it, vi } from 'vitest'
import type { DataSource } from 'typeorm'
import { Hand } from '../entities/index.ts'
import { watch, type Watch } from './watch.ts'

/** A database in which another server writes. */
let rows: { id: string; seq: number }[] = []
let hands: { jobId: string; hand: string; version: number }[] = []
let looks = 0
let isAway = false
const db = {
  getRepository: (entity: unknown) => ({
    find: async () => {
      if (entity === Hand) return hands
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
  hands = []
  looks = 0
  isAway = false
})

describe('who follows a job', () => {
  it('is woken by what this server appends, once for each number', () => {
    w = watch(db, 5)
    let woken = 0
    w.follow('a', () => (woken += 1))
    w.grew('a', 2)
    w.grew('a', 2)
    w.grew('b', 9)
    w.grew('a', 3)
    expect(woken).toBe(2)
  })
  it('is woken by what another server appends', async () => {
    w = watch(db, 5)
    let woken = 0
    w.follow('a', () => (woken += 1))
    rows = [{ id: 'a', seq: 4 }]
    await vi.waitFor(() => expect(woken).toBe(1))
  })
  it('is woken by a step in hand that another server wrote, once for each version', async () => {
    w = watch(db, 5)
    let woken = 0
    w.follow('a', () => (woken += 1))
    hands = [
      { jobId: 'a', hand: 'web-1', version: 3 },
      { jobId: 'b', hand: 'web-1', version: 8 },
    ]
    await vi.waitFor(() => expect(woken).toBe(1))
    const before = looks
    await vi.waitFor(() => expect(looks).toBeGreaterThan(before + 1))
    expect(woken).toBe(1)
    w.handed('a')
    expect(woken).toBe(2)
  })
  it('stays while the database is away, and is woken when it is back', async () => {
    w = watch(db, 5)
    let woken = 0
    isAway = true
    w.follow('a', () => (woken += 1))
    await vi.waitFor(() => expect(looks).toBeGreaterThan(1))
    isAway = false
    rows = [{ id: 'a', seq: 1 }]
    await vi.waitFor(() => expect(woken).toBe(1))
  })
  it('and leaves is woken no more, and nobody looks for nobody', async () => {
    vi.useFakeTimers()
    w = watch(db, 5)
    let woken = 0
    const leave = w.follow('a', () => (woken += 1))
    leave()
    w.grew('a', 2)
    const before = looks
    await vi.advanceTimersByTimeAsync(100)
    expect(woken).toBe(0)
    expect(looks).toBe(before)
  })
})
