import { readFile } from 'node:fs/promises'
import { Model, Unit, User } from '../entities/index.ts'
import { stateAt } from '../joblog/states.ts'
import { photoFile } from '../photos/store.ts'
import { recordSheet } from '../report/pdf.ts'
import { jobOf } from './jobs.ts'
import { route, uuidForm } from './route.ts'

export const record = route({
  method: 'get',
  path: '/api/jobs/{job}/record.pdf',
  summary: 'The record sheet of a job as PDF, for a black-and-white printer',
  who: 'viewer',
  params: { job: uuidForm },
  replies: { 200: 'application/pdf' },
  async answer(context, asked) {
    const { db, config } = context
    const { shopId, shop, timeZone } = asked.person
    const job = await jobOf(context, asked)
    const state = await stateAt(db.manager, context.states, job.id, job.seq)
    const unit = await db.getRepository(Unit).findOneByOrFail({ id: job.unitId, shopId })
    const { maker, code, family } = await db.getRepository(Model).findOneByOrFail({ id: unit.modelId, shopId })
    const people = new Map((await db.getRepository(User).findBy({ shopId })).map(u => [u.id, u.name]))
    const pdf = await recordSheet(state, family, {
      shop,
      timeZone,
      machine: { maker, code, serial: unit.serial },
      people,
      photo: hash => readFile(photoFile(config.data, shopId, hash, 'stage')).catch(() => null),
    })
    asked.res.setHeader('content-disposition', `inline; filename="record-${code}-${unit.serial}.pdf"`)
    asked.res.type('application/pdf').send(pdf)
  },
})
