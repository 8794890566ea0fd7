import { labelKinds, labelsOf, sheets } from '@dialytica/core'
import { stateAt } from '../joblog/states.ts'
import { labelsPdf } from '../labels/pdf.ts'
import { ProblemError } from '../problems.ts'
import { jobOf } from './jobs.ts'
import { numberForm, route, uuidForm } from './route.ts'

const kinds = labelKinds.join('|')

export const labels = route({
  method: 'get',
  path: '/api/jobs/{job}/labels.pdf',
  summary: 'Labels of the cells, connectors and parts of a job on sheets or tape, as PDF',
  who: 'viewer',
  joined: true,
  params: { job: uuidForm },
  query: {
    sheet: new RegExp(`^(${sheets.map(s => s.id).join('|')})$`),
    kinds: new RegExp(`^(${kinds})(,(${kinds}))*$`),
    skip: numberForm,
  },
  replies: { 200: 'application/pdf' },
  async answer(context, asked) {
    const job = await jobOf(context, asked)
    const state = await stateAt(context.db.manager, context.states, job.id, job.seq)
    const sheet = sheets.find(s => s.id === (asked.query.sheet ?? sheets[0]!.id))!
    const wanted = labelKinds.filter(k => (asked.query.kinds ?? 'cells').split(',').includes(k))
    const all = labelsOf(state, state.opened!.family, job.id, wanted)
    if (all.length === 0)
      throw new ProblemError('invalid', 'There is nothing of this kind to label yet: record a step first.')
    const skip = Math.min(Number(asked.query.skip ?? 0), sheet.columns * sheet.rows - 1)
    const pdf = await labelsPdf(sheet, all, skip)
    asked.res.setHeader('content-disposition', `inline; filename="labels-${sheet.id}.pdf"`)
    asked.res.type('application/pdf').send(pdf)
  },
})
