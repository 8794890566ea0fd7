import { calls } from '@dialytica/core/wire'
import { create as contentDisposition } from 'content-disposition'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'

export const record = route(calls.recordPdf, {
  summary: 'The record sheet of a job as PDF, for a black-and-white printer',
  who: 'viewer',
  replies: { 200: 'application/pdf' },
  rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { shop, timeZone } = asked.person
    const of = { url: context.config.databaseUrl, data: context.config.data, job: id, shop, timeZone }
    const { pdf, code, serial } = await context.pool.run('recordSheet', of, asked.person.id)
    const name = `record-${code}-${serial}.pdf`
    asked.res.setHeader('content-disposition', contentDisposition(name, { type: 'inline' }))
    asked.res.type('application/pdf').send(Buffer.from(pdf))
  },
})
