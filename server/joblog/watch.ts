import type { DataSource } from 'typeorm'
import { In } from 'typeorm'
import { Hand, Job } from '../entities/index.ts'
import { followed } from '../followed.ts'

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
  const seen = new Map<string, { seq: number; hands: number }>()
  const jobs = followed<() => void>(period, look)
  const wakeAll = (jobId: string) => {
    for (const wake of jobs.of(jobId)) wake()
  }
  const saw = (jobId: string, what: 'seq' | 'hands', n: number) => {
    const before = seen.get(jobId) ?? { seq: -1, hands: 0 }
    if (before[what] >= n) return
    seen.set(jobId, { ...before, [what]: n })
    wakeAll(jobId)
  }
  async function look(asked: string[]): Promise<void> {
    const rows = await db.getRepository(Job).find({ where: { id: In(asked) }, select: { id: true, seq: true } })
    for (const { id, seq } of rows) saw(id, 'seq', seq)
    const hands = await db
      .getRepository(Hand)
      .find({ where: { jobId: In(asked) }, select: { jobId: true, hand: true, version: true } })
    for (const id of asked)
      saw(
        id,
        'hands',
        hands.reduce((sum, h) => (h.jobId === id ? sum + h.version : sum), 0),
      )
  }
  return {
    follow: (jobId, wake) => jobs.follow(jobId, wake, () => seen.delete(jobId)),
    grew: (jobId, seq) => saw(jobId, 'seq', seq),
    handed: wakeAll,
    close: jobs.close,
  }
}
