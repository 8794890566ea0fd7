import type { JobEvent } from '@dialytica/core/log'
import { toRecord, type RecordMachine } from '@dialytica/core/record'
import { limits } from '@dialytica/core/schema'
import { calls } from '@dialytica/core/wire'
import { create as contentDisposition } from 'content-disposition'
import { randomUUID } from 'node:crypto'
import { Model, Unit, User } from '../entities/index.ts'
import { append } from '../joblog/append.ts'
import { eventsAfter } from '../joblog/states.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble } from '../retried.ts'
import { jobOf } from './jobs.ts'
import type { Context } from '../context.ts'
import { route } from './routing.ts'

export const recordOut = route(calls.recordOut, {
  summary: 'A job as one JSON document: its machine, its log, its steps in words (docs/formats.md)',
  who: 'viewer',
  replies: { 200: 'The record' },
  async answer(context, asked) {
    const { db } = context
    const { shopId } = asked.person
    const job = await jobOf(context, asked)
    const log = await eventsAfter(db.manager, job.id, 0)
    const unit = await db.getRepository(Unit).findOneByOrFail({ id: job.unitId, shopId })
    const { maker, code, family } = await db.getRepository(Model).findOneByOrFail({ id: unit.modelId, shopId })
    const actors = new Set(log.map(e => e.actor))
    const people = (await db.getRepository(User).findBy({ shopId }))
      .filter(u => actors.has(u.id))
      .map(({ id, name }) => ({ id, name }))
    const machine = { maker, code, family, serial: unit.serial, ...(unit.made && { made: unit.made }) }
    asked.res.setHeader('content-disposition', contentDisposition(`job-${code}-${unit.serial}.json`))
    return toRecord(log, { job: job.id, machine, people, exportedAt: new Date().toISOString() })
  },
})

/** A job that could not be taken in to its end is not left half. */
async function leaveOut({ db, states }: Context, job: string): Promise<void> {
  states.delete(job)
  await db.transaction(async m => {
    for (const table of ['snapshot', 'event']) await m.query(`DELETE FROM ${table} WHERE job_id = ?`, [job])
    await m.query('DELETE FROM job WHERE id = ?', [job])
  })
}

/** The unit of a record in the shop: the one with its plate, else a new one of its model, else that too. */
async function unitFor({ db }: Context, shopId: string, of: RecordMachine) {
  const [models, units] = [db.getRepository(Model), db.getRepository(Unit)]
  const createdAt = new Date()
  const fresh = {
    id: randomUUID(),
    shopId,
    maker: of.maker ?? '',
    code: of.code,
    family: of.family,
    notes: '',
    createdAt,
  }
  await models.insert(fresh).catch(ignoreDouble)
  const model = await models.findOneByOrFail({ shopId, maker: fresh.maker, code: of.code })
  if (model.family !== of.family)
    throw new ProblemError('invalid', `${of.code} is a ${model.family} here: correct machine.family, or the model.`, [
      { path: 'machine.family', message: `machine.family is ${of.family}, the model here ${model.family}` },
    ])
  const serial = of.serial ?? 'not known'
  await units
    .insert({ id: randomUUID(), shopId, modelId: model.id, serial, stands: '', made: of.made ?? null, createdAt })
    .catch(ignoreDouble)
  return units.findOneByOrFail({ shopId, modelId: model.id, serial })
}

export const recordIn = route(calls.recordIn, {
  summary:
    'Take in the record of a job as a new job of this shop; who takes it in stands for those who worked elsewhere',
  who: 'technician',
  replies: { 200: 'Taken in: the id of the new job', 413: 'Too large' },
  rates: [{ what: 'records taken in', most: 60, minutes: 15, by: 'account' }],
  async answer(context, { person, body }) {
    const read = await context.pool.run('readRecordText', { text: (body as Buffer).toString('utf8') }, person.id)
    if (!read.ok)
      throw new ProblemError('invalid', 'Correct what is listed in the file and send it again.', read.problems)
    const unit = await unitFor(context, person.shopId, read.machine)
    const job = randomUUID()
    const log = read.log.map(event => {
      const own = { ...event, job, actor: person.id } as JobEvent
      return own.kind === 'job-opened' ? { ...own, body: { ...own.body, unit: unit.id, callBackOf: undefined } } : own
    })
    try {
      // In pieces, so that others have their turn in between.
      for (let at = 0; at < log.length; at += limits.batch) {
        const { refused } = await append(context.db, context.states, person, job, log.slice(at, at + limits.batch))
        if (refused.length) throw new ProblemError('invalid', refused[0]!.message)
      }
    } catch (error) {
      await leaveOut(context, job)
      throw error
    }
    context.reader.grew(job)
    return { job, steps: read.steps }
  },
})
