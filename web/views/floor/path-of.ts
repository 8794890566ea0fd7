import type { JobCard } from '@dialytica/core/wire'

/** After half a day, or while it waits, coming back begins with how it stands. */
const isAsleep = ({ closedAt, summary }: JobCard, now: Date) =>
  !closedAt &&
  (summary.waitsFor !== undefined || Date.parse(summary.lastAt ?? summary.openedAt) < now.getTime() - 12 * 3_600_000)

const views: Record<string, string> = { return: 'return', proof: 'return', intake: 'intake' }

/** Where a job goes on. */
export const pathOf = (job: JobCard, now: Date): string => {
  const view = isAsleep(job, now) ? 'standing' : job.closedAt ? 'valley' : (views[job.summary.phase] ?? 'descent')
  return `/jobs/${job.id}/${view}`
}
