import { labelKinds, sheets } from '@dialytica/core/labels'
import { calls } from '@dialytica/core/wire'
import { ProblemError } from '../problems.ts'
import { jobOf } from './jobs.ts'
import { route } from './routing.ts'
import { sendPdf } from './sheets.ts'

export const labels = route(calls.labelsPdf, {
  summary: 'Labels of the cells, connectors and parts of a job on sheets or tape, as PDF',
  who: 'viewer',
  joined: true,
  replies: { 200: 'application/pdf' },
  rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
  async answer(context, asked) {
    const { id } = await jobOf(context, asked)
    const { sheet = sheets[0]!.id, skip = '0' } = asked.query
    const wanted = labelKinds.filter(k => (asked.query.kinds ?? 'cells').split(',').includes(k))
    const of = { url: context.config.databaseUrl, job: id, sheet, kinds: wanted, skip: Number(skip) }
    const pdf = await context.pool.run('labelSheet', of, asked.person.id)
    if (!pdf) throw new ProblemError('invalid', 'There is nothing of this kind to label yet: record a step first.')
    sendPdf(asked.res, `labels-${sheet}`, pdf)
  },
})
