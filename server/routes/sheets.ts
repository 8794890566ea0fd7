import { create as contentDisposition } from 'content-disposition'
import type { Response } from 'express'
import type { Context } from '../context.ts'

/** Sends a PDF that a view opens, under this name. */
export function sendPdf(res: Response, name: string, pdf: Uint8Array): void {
  res.setHeader('content-disposition', contentDisposition(`${name}.pdf`, { type: 'inline' }))
  res.type('application/pdf').send(Buffer.from(pdf))
}

/** The sheets of a job, by the task that draws them. */
export type SheetName = 'recordSheet' | 'returnSheet' | 'customerPage'

/** Draws a sheet of a job and sends it as PDF, under a name with the plate of its machine. */
export async function sendSheet(
  context: Context,
  res: Response,
  {
    sheet,
    named,
    job,
    shop,
    timeZone,
  }: {
    sheet: SheetName
    named: string
    job: string
    shop: string
    timeZone: string
  },
  account: string,
): Promise<void> {
  const of = { url: context.config.databaseUrl, data: context.config.data, job, shop, timeZone }
  const { pdf, code, serial } = await context.pool.run(sheet, of, account)
  sendPdf(res, `${named}-${code}-${serial}`, pdf)
}
