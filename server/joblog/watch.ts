import type { DataSource } from 'typeorm'
import { In } from 'typeorm'
import { Job } from '../entities/index.ts'

/** Wakes the streams of a job when its log has grown, whichever server appended. */
export interface Watch {
  /** Calls `wake` with the job's number when it passes what was last seen; returns the end of it. */
  follow(jobId: string, wake: (seq: number) => void): () => void
  /** Says at once what this server appended itself. */
  grew(jobId: string, seq: number): void
  close(): void
}

/** One look for all followed jobs, every `period` milliseconds while anyone follows. */
export function watch(db: DataSource, period = 400): Watch {
  const followers = new Map<string, Set<(seq: number) => void>>()
  const seen = new Map<string, number>()
  const grew = (jobId: string, seq: number) => {
    if ((seen.get(jobId) ?? -1) >= seq) return
    seen.set(jobId, seq)
    for (const wake of followers.get(jobId) ?? []) wake(seq)
  }
  let looking = false
  const timer = setInterval(async () => {
    if (looking || followers.size === 0) return
    looking = true
    try {
      const rows = await db
        .getRepository(Job)
        .find({ where: { id: In([...followers.keys()]) }, select: { id: true, seq: true } })
      for (const { id, seq } of rows) grew(id, seq)
    } catch {
      // The database is away; the next look comes soon, and the streams stay open.
    } finally {
      looking = false
    }
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
    grew,
    close: () => clearInterval(timer),
  }
}
