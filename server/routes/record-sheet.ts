import { calls, type Call } from '@dialytica/core/wire'
import { jobOf } from './jobs.ts'
import { route, type Route } from './routing.ts'
import { sendSheet, type SheetName } from './sheets.ts'

/** The route of a sheet of a job as PDF, under a name that begins so. */
const sheetRoute = (of: Call<string, string, never, void>, sheet: SheetName, named: string, summary: string): Route =>
  route(of, {
    summary,
    who: 'viewer',
    replies: { 200: 'application/pdf' },
    rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
    async answer(context, asked) {
      const { id } = await jobOf(context, asked)
      const { shop, timeZone } = asked.person
      await sendSheet(context, asked.res, { sheet, named, job: id, shop, timeZone }, asked.person.id)
    },
  })

export const record = sheetRoute(
  calls.recordPdf,
  'recordSheet',
  'record',
  'The record sheet of a job as PDF, for a black-and-white printer',
)
export const returnOfJob = sheetRoute(
  calls.returnPdf,
  'returnSheet',
  'return',
  'The way back of a job as PDF: every step in the order of the plan, with its photo and a box to tick',
)
export const customerPage = sheetRoute(
  calls.customerPdf,
  'customerPage',
  'repair',
  'One page for the customer as PDF, in plain words',
)
