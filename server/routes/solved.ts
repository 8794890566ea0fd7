import { lastSaid, type BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { In } from 'typeorm'
import { Event, Job, Model, Unit } from '../entities/index.ts'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** So many causes that were told are read, the newest first. */
const newest = 1000

export const solved = route(calls.solved, {
  summary: "What the shop's jobs taught about causes, each with what had been told and done before",
  who: 'viewer',
  joined: true,
  replies: { 200: 'Of each job the cause that was told last, the oldest first' },
  async answer({ db }, { person }) {
    const rows = await newestEvents(db, person.shopId, ['cause-told'], newest)
    const taken = await db
      .getRepository(Event)
      .findBy({ jobId: In([...new Set(rows.map(r => r.jobId))]), kind: 'entry-withdrawn' })
    const gone = new Set(taken.map(t => (t.body as BodyOf<'entry-withdrawn'>).entry))
    const told = rows.flatMap(({ id, jobId, at, body }) =>
      gone.has(id)
        ? []
        : [
            {
              job: jobId,
              at: new Date(at).toISOString(),
              ...(body as BodyOf<'cause-told'>),
            },
          ],
    )
    const last = lastSaid(
      told.filter(t => t.is),
      t => t.job,
    )
    if (last.length === 0) return []
    const jobs = await db.getRepository(Job).findBy({ id: In(last.map(t => t.job)) })
    const units = await db.getRepository(Unit).findBy({ id: In(jobs.map(j => j.unitId)) })
    const models = await db.getRepository(Model).findBy({ id: In(units.map(u => u.modelId)) })
    const modelOf = new Map(
      jobs.map(j => {
        const unit = units.find(u => u.id === j.unitId)
        return [j.id, models.find(m => m.id === unit?.modelId)] as const
      }),
    )
    return last.flatMap(({ job, at, cause, told = [], did = [] }) => {
      const model = modelOf.get(job)
      return model ? [{ job, model: model.id, family: model.family, cause, told, did, at }] : []
    })
  },
})
