import type { DataSource } from 'typeorm'
import { In } from 'typeorm'
import { Hand, Job } from '../entities/index.ts'

/** Wakes the streams of a job when its log, or a step in hand, has grown, whichever server wrote it. */
export interface Watch {
  /** Calls `wake` when the job passes what was last seen; returns the end of it. */
  follow(jobId: string, wake: () => void): () => void
  /** Says at once what this server appended itself. */
  grew(jobId: string, seq: number): void
  /** Says at once that this server wrote a step in hand. */
  handed(jobId: string): void
  close(): void
}

/** One look for all followed jobs, every `period` milliseconds while anyone follows. */
export function watch(db: DataSource, period = 400): Watch {
  const followers = new Map<string, Set<() => void>>()
  const seen = new Map<string, { seq: number; hands: number }>()
  const saw = (jobId: string, what: 'seq' | 'hands', n: number) => {
    const before = seen.get(jobId) ?? { seq: -1, hands: 0 }
    if (before[what] >= n) return
    seen.set(jobId, { ...before, [what]: n })
    for (const wake of followers.get(jobId) ?? []) wake()
  }
  async function look(): Promise<void> {
    const followed = [...followers.keys()]
    const rows = await db.getRepository(Job).find({ where: { id: In(followed) }, select: { id: true, seq: true } })
    for (const { id, seq } of rows) saw(id, 'seq', seq)
    const hands = await db
      .getRepository(Hand)
      .find({ where: { jobId: In(followed) }, select: { jobId: true, hand: true, version: true } })
    for (const id of followed)
      saw(
        id,
        'hands',
        hands.reduce((sum, h) => (h.jobId === id ? sum + h.version : sum), 0),
      )
  }
  let looking = false
  const timer = setInterval(() => {
    if (looking || followers.size === 0) return
    looking = true
    // When the database is away the next look comes soon, and the streams stay open.
    const done = () => (looking = false)
    look().then(done, done)
  }, period)
  timer.unref()
  return {
    follow(jobId, wake) {
      const set = followers.get(jobId) ?? new Set()
      followers.set(jobId, set.add(wake))
      return () => {
        set.delete(wake)
        if (set.size) return
        followers.delete(jobId)
        seen.delete(jobId)
      }
    },
    grew: (jobId, seq) => saw(jobId, 'seq', seq),
    handed: jobId => followers.get(jobId)?.forEach(wake => wake()),
    close: () => clearInterval(timer),
  }
}
