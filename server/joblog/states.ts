import {
  blank,
  foldAll,
  fromSnapshot,
  isCurrent,
  type JobEvent,
  type JobState,
  type Snapshot,
} from '@dialytica/core/log'
import { LRUCache } from 'lru-cache'
import type { EntityManager } from 'typeorm'
import { MoreThan } from 'typeorm'
import { Event, SnapshotOf, type EventRow } from '../entities/index.ts'

/** A job's state after its event number `seq`. */
export interface StateAt {
  seq: number
  state: JobState
}

/** How many events may stand behind the stored snapshot before a new one is stored. */
const stride = 250
/** How many folded jobs are kept at hand. What is kept is checked against the job's number, so another server's writes are seen. */
const kept = 64

export type States = LRUCache<string, StateAt>
export const emptyStates = (): States => new LRUCache({ max: kept })

export const eventOf = ({ jobId, seq, id, kind, at, when, actor, device, body }: EventRow): JobEvent =>
  ({ id, job: jobId, kind, at, ...(when && { when }), actor, device, seq, body }) as JobEvent

/** The events of a job after a number, in order. */
export async function eventsAfter(m: EntityManager, jobId: string, after: number, most?: number): Promise<JobEvent[]> {
  const rows = await m.find(Event, {
    where: { jobId, seq: MoreThan(after) },
    order: { seq: 'ASC' },
    ...(most && { take: most }),
  })
  return rows.map(eventOf)
}

/** The state of a job at `seq`: what is at hand, or the stored snapshot, folded on. */
export async function stateAt(m: EntityManager, states: States, jobId: string, seq: number): Promise<JobState> {
  const near = states.get(jobId)
  if (near && near.seq === seq) return near.state
  let from: StateAt = near && near.seq < seq ? near : { seq: 0, state: blank }
  if (from.seq === 0) {
    const stored = await m.findOneBy(SnapshotOf, { jobId })
    if (stored && stored.seq <= seq) {
      const snapshot = JSON.parse(stored.state) as Snapshot
      if (isCurrent(snapshot)) from = { seq: stored.seq, state: fromSnapshot(snapshot) }
    }
  }
  return foldAll(await eventsAfter(m, jobId, from.seq), from.state).state
}

/** True when enough events have passed since the last stored snapshot. */
export const isDue = (before: number, seq: number): boolean => Math.floor(before / stride) !== Math.floor(seq / stride)

/** A snapshot that is longer, in characters, is not stored: its log is folded instead. */
const longest = 40_000_000

/** Stores the snapshot of a job, unless a later one is there. */
export async function keepSnapshot(m: EntityManager, jobId: string, seq: number, state: string): Promise<void> {
  if (state.length > longest) return
  await m.query(
    `INSERT INTO snapshot (job_id, seq, state) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE state = IF(VALUES(seq) > seq, VALUES(state), state), seq = GREATEST(seq, VALUES(seq))`,
    [jobId, seq, state],
  )
}
