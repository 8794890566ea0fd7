import { toRecord, type JobRecord } from '@dialytica/core/record'
import type { EntityManager } from 'typeorm'
import { Model, Unit, User, type JobRow } from '../entities/index.ts'
import { eventsAfter } from '../joblog/states.ts'

/** A job of a shop as a record: its machine, who worked, its whole log. */
export async function recordOf(m: EntityManager, { id, shopId, unitId }: JobRow): Promise<JobRecord> {
  const log = await eventsAfter(m, id, 0)
  const unit = await m.findOneByOrFail(Unit, { id: unitId, shopId })
  const { maker, code, family } = await m.findOneByOrFail(Model, { id: unit.modelId, shopId })
  const actors = new Set(log.map(e => e.actor))
  const people = (await m.findBy(User, { shopId })).filter(u => actors.has(u.id)).map(({ id, name }) => ({ id, name }))
  const machine = { maker, code, family, serial: unit.serial, ...(unit.made && { made: unit.made }) }
  return toRecord(log, { job: id, machine, people, exportedAt: new Date().toISOString() })
}
