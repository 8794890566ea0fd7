import type { JobEvent } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import Dexie from 'dexie'
import { api } from './api.ts'
import { local } from './local.ts'

/** The log of a job as far as this device has it without a gap, in order. */
export async function keptLog(job: string): Promise<JobEvent[]> {
  const rows = await local.log.where('[job+seq]').between([job, Dexie.minKey], [job, Dexie.maxKey]).toArray()
  const gap = rows.findIndex((row, i) => row.seq !== i + 1)
  return (gap < 0 ? rows : rows.slice(0, gap)).map(row => row.event)
}

/** Keeps numbered events of a job. */
export const keepLog = (events: readonly JobEvent[]): Promise<unknown> =>
  local.log.bulkPut(events.map(event => ({ job: event.job, seq: event.seq!, event })))

/** Forgets the log of a job. */
const forgetLog = (job: string): Promise<unknown> => local.log.where('job').equals(job).delete()

/**
 * What the server has beyond what is kept. The last event that is kept is asked for again: when the server has another one
 * under its number, what is kept is of another time, and is forgotten; `from` is then 0 and `events` is the whole log.
 */
export async function beyond(job: string, kept: readonly JobEvent[]): Promise<{ from: number; events: JobEvent[] }> {
  const last = kept.at(-1)
  const ask = (after: number) => api(calls.events, { params: { job }, query: { after } })
  const events = await ask(Math.max(0, kept.length - 1))
  if (!last) return { from: 0, events }
  if (events[0]?.id === last.id) return { from: kept.length, events: events.slice(1) }
  await forgetLog(job)
  return { from: 0, events: kept.length > 1 ? await ask(0) : events }
}

/** Brings the log of a job to this device, so that it opens here without the server. */
export async function fetchLog(job: string): Promise<JobEvent[]> {
  const kept = await keptLog(job)
  const { from, events } = await beyond(job, kept)
  await keepLog(events)
  return [...kept.slice(0, from), ...events]
}
