import type { JobCard } from '@dialytica/core/wire'
import type { RouteLocationRaw } from 'vue-router'
import { toJob, goesOnIn } from '../../ways.ts'

/** After half a day, or while it waits, coming back begins with how it stands. */
const isAsleep = ({ closedAt, summary }: JobCard, now: Date) =>
  !closedAt &&
  (summary.waitsFor !== undefined || Date.parse(summary.lastAt ?? summary.openedAt) < now.getTime() - 12 * 3_600_000)

/** The way to where a job of the floor goes on. */
export const wayOf = (job: JobCard, now: Date): RouteLocationRaw =>
  toJob(job.id, isAsleep(job, now) ? 'standing' : goesOnIn(job.summary.phase, job.summary.steps))
