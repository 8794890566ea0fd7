import { calls } from '@dialytica/core/wire'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'
import { sendSheet } from './sheets.ts'

export const record = route(calls.recordPdf, {
  summary: 'The record sheet of a job as PDF, for a black-and-white printer',
  who: 'viewer',
  replies: { 200: 'application/pdf' },
  rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { shop, timeZone } = asked.person
    const sheet = { sheet: 'recordSheet', named: 'record', job: id, shop, timeZone } as const
    await sendSheet(context, asked.res, sheet, asked.person.id)
  },
})

export const returnOfJob = route(calls.returnPdf, {
  summary: 'The way back of a job as PDF: every step in the order of the plan, with its photo and a box to tick',
  who: 'viewer',
  replies: { 200: 'application/pdf' },
  rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { shop, timeZone } = asked.person
    const sheet = { sheet: 'returnSheet', named: 'return', job: id, shop, timeZone } as const
    await sendSheet(context, asked.res, sheet, asked.person.id)
  },
})
