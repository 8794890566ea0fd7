import { lastSaid } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { In } from 'typeorm'
import { Job, Model, Unit } from '../entities/index.ts'
import { saidIn } from './last-said-in.ts'
import { route } from './routing.ts'

/** So many causes that were told are read, the newest first. */
const newest = 1000

export const solved = route(calls.solved, {
  summary: "What the shop's jobs taught about causes, each with what had been told and done before",
  who: 'viewer',
  joined: true,
  replies: { 200: 'Of each job the cause that was told last, the oldest first' },
  async answer({ db }, { person }) {
    const told = (await saidIn(db, person.shopId, 'cause-told', newest)).map(({ job, said }) => ({ job, ...said }))
    const last = lastSaid(
      told.filter(t => t.is),
      t => t.job,
    )
    if (last.length === 0) return []
    const jobs = await db.getRepository(Job).findBy({ id: In(last.map(t => t.job)) })
    const units = await db.getRepository(Unit).findBy({ id: In(jobs.map(j => j.unitId)) })
    const models = await db.getRepository(Model).findBy({ id: In(units.map(u => u.modelId)) })
    const unitOf = new Map(units.map(u => [u.id, u]))
    const byId = new Map(models.map(m => [m.id, m]))
    const modelOf = new Map(jobs.map(j => [j.id, byId.get(unitOf.get(j.unitId)?.modelId ?? '')]))
    return last.flatMap(({ job, at, cause, told = [], did = [] }) => {
      const model = modelOf.get(job)
      return model ? [{ job, model: model.id, family: model.family, cause, told, did, at }] : []
    })
  },
})
