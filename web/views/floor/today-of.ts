import { today, type Today } from '@dialytica/core/ledger'
import type { JobCard } from '@dialytica/core/wire'
import { daysBetween } from '../../data/time.ts'

/** Whether the machine of a card can go on today, by the days of the shop. */
export const todayOf = ({ summary }: JobCard, now: Date): Today =>
  today(summary, summary.due ? daysBetween(summary.due, now) : 0)
