import { summary } from '@dialytica/core/ledger'
import { toSnapshot, type JobEvent, type JobState } from '@dialytica/core/log'
import type { EntityManager } from 'typeorm'
import { Job, type EventRow } from '../entities/index.ts'
import { putEvents } from './put-events.ts'
import { standsAs } from './row-of.ts'
import { keepSaid } from './said.ts'
import { keepSnapshot } from './states.ts'

/** A job that is known as a whole: its log, and how it stands after it. */
export interface WholeJob {
  shop: string
  unit: string
  log: readonly JobEvent[]
  state: JobState
  /** When each event counts as received; and the last one. */
  receivedAt: (event: JobEvent) => Date
}

/** Writes whole jobs: their rows, their logs, how they stand. Nothing is checked: the logs were folded before. */
export async function writeWhole(m: EntityManager, jobs: readonly WholeJob[]): Promise<void> {
  await m.insert(
    Job,
    jobs.map(({ shop, unit, log, state, receivedAt }) => ({
      ...{ id: log[0]!.job, shopId: shop, unitId: unit, seq: log.length },
      changedAt: receivedAt(log.at(-1)!),
      ...standsAs(summary(state)!, state),
    })),
  )
  const rowsOf = ({ log, receivedAt }: WholeJob) =>
    log.map((event, i): EventRow => {
      const { id, job: jobId, kind, at, when = null, actor, device, body } = event
      return { jobId, seq: i + 1, id, kind, at, when, actor, device, body, receivedAt: receivedAt(event) }
    })
  const told = jobs.map(job => ({ job, rows: rowsOf(job) }))
  await putEvents(
    m,
    told.flatMap(t => t.rows),
  )
  for (const { job, rows: own } of told) await keepSaid(m, job.shop, job.unit, own)
  for (const { log, state } of jobs) await keepSnapshot(m, log[0]!.job, log.length, JSON.stringify(toSnapshot(state)))
}
