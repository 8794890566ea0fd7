import pLimit from 'p-limit'
import type { DataSource } from 'typeorm'
import type { Pool } from '../work/pool.ts'
import { isBehind } from './sources.ts'

/** Reads for the search what changed, beside the thread that answers. */
export interface Reader {
  /** This job was added to. It is read when nobody adds to it for a moment. */
  grew(job: string): void
  /** Reads all that was not read yet: what was there before, what was under way when a server ended. */
  catchUp(): Promise<void>
  /** Resolves when all that was said to have grown is read. */
  settled(): Promise<void>
  close(): void
}

/** How long a job is left alone before it is read, in milliseconds. */
const quiet = 1000

export function reader(db: DataSource, pool: Pool, url: string): Reader {
  const waiting = new Map<string, NodeJS.Timeout>()
  const underWay = new Set<Promise<unknown>>()
  // One after the other: what somebody waits for has its turn in between.
  const inTurn = pLimit(1)
  let closed = false
  const begin = (work: () => Promise<unknown>) => {
    // What cannot be read now is read by the next start, or when the job grows again.
    const done: Promise<unknown> = inTurn(async () => !closed && work())
      .catch(() => undefined)
      .finally(() => underWay.delete(done))
    underWay.add(done)
    return done
  }
  const read = (job: string) => {
    waiting.delete(job)
    return begin(() => pool.run('readJobForSearch', { url, job }, 'search'))
  }
  return {
    grew(job) {
      if (closed) return
      clearTimeout(waiting.get(job))
      const timer = setTimeout(() => void read(job), quiet)
      timer.unref()
      waiting.set(job, timer)
    },
    async catchUp() {
      await begin(async () => {
        let more = await isBehind(db)
        while (more && !closed) more = await pool.run('readBehindForSearch', { url }, 'search')
      })
    },
    async settled() {
      for (const [job, timer] of [...waiting]) {
        clearTimeout(timer)
        void read(job)
      }
      await Promise.all(underWay)
    },
    close() {
      closed = true
      for (const timer of waiting.values()) clearTimeout(timer)
      waiting.clear()
    },
  }
}
