import type { Summary } from './summary.ts'

/** Whether a machine can go on today: it waits for nothing; what it waits for is due today, or late by so many days; or it waits until a day. */
export type Today =
  { is: 'goes on' } | { is: 'due' } | { is: 'late'; days: number } | { is: 'waits'; until: string | null }

/** Whether a machine can go on today; `days` are those of the shop's calendar since what it waits for was due, below nothing before. */
export function today({ waitsFor, due }: Pick<Summary, 'waitsFor' | 'due'>, days: number): Today {
  if (!waitsFor) return { is: 'goes on' }
  if (!due) return { is: 'waits', until: null }
  return days > 0 ? { is: 'late', days } : days === 0 ? { is: 'due' } : { is: 'waits', until: due }
}

const order = ['late', 'due', 'goes on', 'waits'] as const
/** What is late first, then what is due and what waits for nothing; then the rest by the day until which it waits, what has none last. */
export function byToday(a: Today, b: Today): number {
  if (a.is !== b.is) return order.indexOf(a.is) - order.indexOf(b.is)
  if (a.is === 'late' && b.is === 'late') return b.days - a.days
  return a.is === 'waits' && b.is === 'waits' ? (a.until ?? '9').localeCompare(b.until ?? '9') : 0
}
