import { byToday, daysBetween, today, type Today } from '@dialytica/core/ledger'
import { calls, type StandsToday } from '@dialytica/core/wire'
import { In, IsNull } from 'typeorm'
import type { Context } from '../context.ts'
import { Job, type JobRow } from '../entities/index.ts'
import { withMachines } from './jobs.ts'
import { route } from './routing.ts'

/** So many machines are told at once. */
const page = 12

type Standing = Pick<JobRow, 'id' | 'waits' | 'due' | 'pieces' | 'changedAt'>

/** All that stands open in a shop, of each only what the floor is ordered and counted by: one range of one index. */
const standing = ({ db }: Context, shopId: string): Promise<Standing[]> =>
  db.getRepository(Job).find({
    where: { shopId, closedAt: IsNull() },
    select: { id: true, waits: true, due: true, pieces: true, changedAt: true },
  })

/** Those of the open jobs that somebody means by some words: of their plate, their model, where they stand, what they came for. */
async function meant({ db }: Context, shopId: string, words: string): Promise<Set<string>> {
  const each = words.split(/\s+/).filter(Boolean)
  const says = `CONCAT_WS(' ', u.serial, REPLACE(u.serial, '-', ''), m.maker, m.code, REPLACE(m.code, '-', ''), u.stands,
    JSON_VALUE(j.summary, '$.stands'), JSON_VALUE(j.summary, '$.complaint'), JSON_VALUE(j.summary, '$.waitsFor'))`
  const rows = (await db.query(
    `SELECT j.id FROM job j JOIN unit u ON u.id = j.unit_id JOIN model m ON m.id = u.model_id
     WHERE j.shop_id = ? AND j.closed_at IS NULL ${each.map(() => `AND ${says} LIKE ?`).join(' ')}`,
    [shopId, ...each.map(word => `%${word.replace(/[\\%_]/g, '\\$&')}%`)],
  )) as { id: string }[]
  return new Set(rows.map(r => r.id))
}

const isOf: Record<StandsToday, (is: Today['is']) => boolean> = {
  late: is => is === 'late' || is === 'due',
  'goes on': is => is === 'goes on',
  waits: is => is === 'waits',
}

export const floor = route(calls.floor, {
  summary:
    'The machines that stand open, those that can go on today first, at most 12 after one of them; and how many there are',
  who: 'viewer',
  replies: { 200: 'Jobs with their machine and summary, and counts' },
  async answer(context, { person, query }) {
    const now = new Date()
    const all = (await standing(context, person.shopId)).map(job => {
      const due = job.due?.toISOString()
      const of = { waitsFor: job.waits ? 'a part' : undefined, due }
      return { job, today: today(of, due ? daysBetween(due, now, person.timeZone) : 0) }
    })
    const of = query.words?.trim() ? await meant(context, person.shopId, query.words) : null
    const filter = query.today ? isOf[query.today as StandsToday] : () => true
    const asked = all
      .filter(({ job, today: t }) => (!of || of.has(job.id)) && filter(t.is))
      .sort(
        (a, b) =>
          byToday(a.today, b.today) ||
          b.job.changedAt.getTime() - a.job.changedAt.getTime() ||
          (a.job.id < b.job.id ? -1 : 1),
      )
    const from = asked.findIndex(a => a.job.id === query.after) + 1
    const ids = asked.slice(from, from + page).map(a => a.job.id)
    const rows = new Map((await context.db.getRepository(Job).findBy({ id: In(ids) })).map(j => [j.id, j]))
    const jobs = await withMachines(
      context,
      ids.flatMap(id => rows.get(id) ?? []),
    )
    const count = (is: StandsToday) => all.filter(a => isOf[is](a.today.is)).length
    return {
      jobs,
      more: asked.length > from + page,
      asked: asked.length,
      open: all.length,
      late: count('late'),
      goesOn: count('goes on'),
      waits: count('waits'),
      pieces: all.reduce((n, a) => n + a.job.pieces, 0),
    }
  },
})
