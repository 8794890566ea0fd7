import { readRecord, toRecord, type JobEvent } from '@dialytica/core'
import * as yup from 'yup'
import { randomUUID } from 'node:crypto'
import { Model, Unit, User } from '../entities/index.ts'
import { append } from '../joblog/append.ts'
import { eventsAfter } from '../joblog/states.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble } from '../retried.ts'
import { jobOf } from './jobs.ts'
import { route, uuidForm, type Context } from './route.ts'

export const recordOut = route({
  method: 'get',
  path: '/api/jobs/{job}/record.json',
  summary: 'A job as one JSON document: its machine, its log, its steps in words (docs/formats.md)',
  who: 'viewer',
  params: { job: uuidForm },
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
    asked.res.setHeader('content-disposition', `attachment; filename="job-${code}-${unit.serial}.json"`)
    return toRecord(log, { job: job.id, machine, people, exportedAt: new Date().toISOString() })
  },
})

/** The unit of a record in the shop: the one with its plate, else a new one of its model, else that too. */
async function unitFor(
  { db }: Context,
  shopId: string,
  of: { maker?: string; code: string; family: string; serial?: string; made?: number },
) {
  const [models, units] = [db.getRepository(Model), db.getRepository(Unit)]
  const createdAt = new Date()
  const fresh = {
    id: randomUUID(),
    shopId,
    maker: of.maker ?? '',
    code: of.code,
    family: of.family as 'front-loader',
    notes: '',
    createdAt,
  }
  await models.insert(fresh).catch(ignoreDouble)
  const model = await models.findOneByOrFail({ shopId, code: of.code })
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

export const recordIn = route({
  method: 'post',
  path: '/api/records',
  summary:
    'Take in the record of a job as a new job of this shop; who takes it in stands for those who worked elsewhere',
  who: 'technician',
  body: yup.object(),
  replies: { 200: 'Taken in: the id of the new job' },
  async answer(context, { person, body }) {
    const read = readRecord(JSON.stringify(body))
    if (!read.ok)
      throw new ProblemError(
        'invalid',
        'Correct what is listed in the file and send it again.',
        read.problems.slice(0, 20),
      )
    const { record } = read.value
    const unit = await unitFor(context, person.shopId, record.machine as Parameters<typeof unitFor>[2])
    const job = randomUUID()
    const log = record.log.map(event => {
      const own = { ...event, job, actor: person.id } as JobEvent
      return own.kind === 'job-opened' ? { ...own, body: { ...own.body, unit: unit.id, callBackOf: undefined } } : own
    })
    const { refused } = await append(context.db, context.states, person, job, log)
    if (refused.length) throw new ProblemError('invalid', refused[0]!.message)
    return { job, steps: read.value.state.order.size }
  },
})
