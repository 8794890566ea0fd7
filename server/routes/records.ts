import { calls } from '@dialytica/core/wire'
import { create as contentDisposition } from 'content-disposition'
import { recordOf } from '../parcels/record-of.ts'
import { ProblemError } from '../problems.ts'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'

export const recordOut = route(calls.recordOut, {
  summary: 'A job as one JSON document: its machine, its log, its steps in words (docs/formats.md)',
  who: 'viewer',
  replies: { 200: 'The record' },
  async answer(context, asked) {
    const record = await recordOf(context.db.manager, await jobOf(context, asked))
    const { code, serial = '' } = record.machine
    asked.res.setHeader('content-disposition', contentDisposition(`job-${code}-${serial}.json`))
    return record
  },
})

export const recordIn = route(calls.recordIn, {
  summary:
    'Take in the record of a job as a new job of this shop; who takes it in stands for those who worked elsewhere',
  who: 'technician',
  replies: { 200: 'Taken in: the id of the new job', 413: 'Too large' },
  rates: [{ what: 'records taken in', most: 60, minutes: 15, by: 'account' }],
  async answer({ config, pool, reader }, { person, body }) {
    const of = { url: config.databaseUrl, data: config.data, shop: person.shopId, actor: person.id }
    const taken = await pool.run('takeInRecord', { ...of, text: (body as Buffer).toString('utf8') }, person.id)
    if (!taken.ok)
      throw new ProblemError('invalid', 'Correct what is listed in the file and send it again.', taken.problems)
    reader.grew(taken.value.job)
    return taken.value
  },
})
