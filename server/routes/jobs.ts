import { limits } from '@dialytica/core/schema'
import { calls } from '@dialytica/core/wire'
import { In, IsNull, Not } from 'typeorm'
import { Job, Model, Unit, type JobRow } from '../entities/index.ts'
import { append } from '../joblog/append.ts'
import { eventsAfter } from '../joblog/states.ts'
import { notFound } from '../problems.ts'
import { route, type Asked } from './routing.ts'
import type { Context } from '../context.ts'

/** The job of the address, if it is of the shop of the person who asks. */
export async function jobOf({ db }: Context, { params, person }: Asked): Promise<JobRow> {
  const job = await db.getRepository(Job).findOneBy({ id: params.job!, shopId: person.shopId })
  if (!job) throw notFound()
  return job
}

const shown = ({ id, seq, summary, openedAt, changedAt, closedAt }: JobRow) => ({
  id,
  seq,
  summary,
  openedAt: openedAt.toISOString(),
  changedAt: changedAt.toISOString(),
  closedAt: closedAt?.toISOString() ?? null,
})

/** Jobs with the machine they are of; no other is read. */
export async function withMachines({ db }: Pick<Context, 'db'>, jobs: readonly JobRow[]) {
  const unitIds = [...new Set(jobs.map(j => j.unitId))]
  const units = new Map((await db.getRepository(Unit).findBy({ id: In(unitIds) })).map(u => [u.id, u]))
  const modelIds = [...new Set([...units.values()].map(u => u.modelId))]
  const models = new Map((await db.getRepository(Model).findBy({ id: In(modelIds) })).map(m => [m.id, m]))
  return jobs.map(job => {
    const unit = units.get(job.unitId)!
    const { maker, code, family } = models.get(unit.modelId)!
    return {
      ...shown(job),
      unit: { id: unit.id, serial: unit.serial, stands: unit.stands, made: unit.made },
      model: { id: unit.modelId, maker, code, family },
    }
  })
}

/** By what a list of jobs is ordered and paged, newest first. */
const orders = { open: 'changedAt', closed: 'closedAt', all: 'changedAt' } as const

export const jobs = route(calls.jobs, {
  summary:
    'The jobs of the shop or of one unit, 50 or fewer: closed ones by when they were closed, others by when they changed, newest first',
  who: 'viewer',
  replies: { 200: 'Jobs with their machine and summary' },
  async answer(context, { person, query }) {
    const {
      state = 'all',
      unit,
      before,
    } = query as {
      state?: 'open' | 'closed'
      unit?: string
      before?: string
    }
    const by = orders[state]
    const asked = context.db
      .getRepository(Job)
      .createQueryBuilder('j')
      .where({ shopId: person.shopId, ...(unit && { unitId: unit }) })
      .orderBy(`j.${by}`, 'DESC')
      .addOrderBy('j.id', 'DESC')
      .take(Math.min(limits.jobsAtOnce, Number(query.most ?? limits.jobsAtOnce)))
    if (state !== 'all') asked.andWhere({ closedAt: state === 'open' ? IsNull() : Not(IsNull()) })
    if (before) {
      const [at, id] = before.split('_') as [string, string]
      asked.andWhere(`j.${by} <= :at AND (j.${by} < :at OR j.id < :id)`, { at: new Date(at), id })
    }
    return withMachines(context, await asked.getMany())
  },
})

export const job = route(calls.job, {
  summary: 'One job',
  who: 'viewer',
  joined: true,
  replies: { 200: 'The job with its machine and summary' },
  answer: async (context, asked) => (await withMachines(context, [await jobOf(context, asked)]))[0]!,
})

export const events = route(calls.events, {
  summary: 'The log of a job after a number, in order',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Events with their numbers' },
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    return eventsAfter(context.db.manager, id, Number(asked.query.after ?? 0))
  },
})

export const addEvents = route(calls.addEvents, {
  summary: 'Append events, each once however often it is sent; the first one of a new job opens it',
  who: 'technician',
  joined: true,
  replies: { 200: 'Which were accepted, under which numbers, and which were refused, and why', 413: 'Too large' },
  async answer({ db, states, watch, pool, reader, config }, { params, person, body }) {
    const job = params.job!
    const { due, closed, ...appended } = await append(db, states, person, job, body.events, body.sent)
    watch.grew(job, appended.seq)
    reader.grew(job)
    // Where none can be stored now, the next one will do.
    if (due) void pool.run('storeSnapshot', { url: config.databaseUrl, job }).catch(() => undefined)
    // The next machine of its model finds it in the book; where there is no turn now, whoever opens the book brings it up to date.
    if (closed) {
      const { modelId } = await db.getRepository(Unit).findOneByOrFail({ id: closed })
      void pool.run('bookUpToDate', { url: config.databaseUrl, model: modelId }).catch(() => undefined)
    }
    return appended
  },
})
