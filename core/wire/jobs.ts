import type { InferType } from 'yup'
import * as yup from 'yup'
import { labelKinds } from '../labels/labels.ts'
import { sheets } from '../labels/sheets.ts'
import { summarySchema } from '../ledger/summary.ts'
import { limits } from '../schema/limits.ts'
import { numberedEvent } from '../log/event.ts'
import { families } from '../machine/families.ts'
import { line, moment, oneOf, shape, uuid, wholeWithin, year, uuidForm } from '../schema/atoms.ts'
import { call, numberForm } from './call.ts'
import { list } from './list.ts'

const number = () => wholeWithin(0, limits.log)

/** A job as the floor shows it: its number of events, its summary, and the machine that it is of. */
export const jobCard = shape({
  id: uuid().required(),
  seq: number().required(),
  summary: summarySchema.required(),
  openedAt: moment().required(),
  changedAt: moment().required(),
  closedAt: moment().nullable().defined(),
  unit: shape({
    id: uuid().required(),
    serial: line().defined(),
    stands: line().defined(),
    made: year().nullable().defined(),
  }).required(),
  model: shape({
    id: uuid().required(),
    maker: line().defined(),
    code: line().required(),
    family: oneOf(families).required(),
  }).required(),
})
/** A job as the floor shows it. */
export type JobCard = InferType<typeof jobCard>

/** What became of events that were sent: under which numbers they stand, and when they were, or why they were refused. */
const appended = shape({
  seq: number().required(),
  accepted: list(shape({ id: uuid().required(), seq: number().required(), when: moment() })),
  refused: list(shape({ id: yup.string().defined(), code: wholeWithin(0, 999), message: yup.string().required() })),
})
/** What became of events that were sent. */
export type Appended = InferType<typeof appended>

/** A moment and an id, as a list goes on after them. */
const keyForm = new RegExp(`^\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d\\.\\d{3}Z_${uuidForm.source.slice(1)}`)
const params = { job: uuidForm }
export const jobs = call({
  method: 'get',
  path: '/api/jobs',
  // `before` is the moment by which the list is ordered and the id of the last job that is known, as `MOMENT_ID`.
  query: { state: /^(open|closed)$/, unit: uuidForm, before: keyForm, most: numberForm },
  reply: list(jobCard),
})
/** How a machine that stands open can go on today. */
export const standsToday = ['late', 'goes on', 'waits'] as const
/** How a machine that stands open can go on today. */
export type StandsToday = (typeof standsToday)[number]
const counted = () => wholeWithin(0, 1e9).required()
const openJobs = shape({
  jobs: list(jobCard),
  /** True where more of what is asked for follow. */
  more: yup.boolean().required(),
  /** How many there are of what is asked for. */
  asked: counted(),
  open: counted(),
  late: counted(),
  goesOn: counted(),
  waits: counted(),
  pieces: counted(),
})
/** The machines that stand open, a part of them, and how many there are. */
export type Floor = InferType<typeof openJobs>
export const floor = call({
  method: 'get',
  path: '/api/floor',
  query: { after: uuidForm, words: /^[^]{0,200}$/, today: new RegExp(`^(${standsToday.join('|')})$`) },
  reply: openJobs,
})
export const job = call({ method: 'get', path: '/api/jobs/{job}', params, reply: jobCard })
export const events = call({
  method: 'get',
  path: '/api/jobs/{job}/events',
  params,
  query: { after: numberForm },
  reply: list(numberedEvent),
})
export const addEvents = call({
  method: 'post',
  path: '/api/jobs/{job}/events',
  params,
  body: shape({
    events: yup
      .array(yup.mixed().nullable())
      .min(1, 'send at least one event')
      .max(limits.batch, `send ${limits.batch} events at most at a time`)
      .required(),
    /** What the clock of the device shows as it sends them: by it the server puts each at its moment. */
    sent: moment(),
  }),
  size: limits.batchBytes,
  reply: appended,
})
/** Server-sent events: the log after a number, then whatever is appended; `hand` events tell of the steps in hand. */
export const stream = call({ method: 'get', path: '/api/jobs/{job}/stream', params, query: { after: numberForm } })

const kinds = labelKinds.join('|')
export const labelsPdf = call({
  method: 'get',
  path: '/api/jobs/{job}/labels.pdf',
  params,
  query: {
    sheet: new RegExp(`^(${sheets.map(s => s.id).join('|')})$`),
    kinds: new RegExp(`^(${kinds})(,(${kinds}))*$`),
    skip: numberForm,
  },
})
/** The page for the customer of a job. */
export const customerPdf = call({ method: 'get', path: '/api/jobs/{job}/customer.pdf', params })
/** A link to the customer's page, good for 30 days, and the code that opens it. */
export const share = call({
  method: 'post',
  path: '/api/jobs/{job}/links',
  params,
  body: shape({}),
  reply: shape({ link: yup.string().required(), code: yup.string().required(), until: moment().required() }),
})
/** The customer's page, for who has the link and its code. */
export const shared = call({
  method: 'post',
  path: '/api/shared.pdf',
  body: shape({
    link: yup.string().max(200).required('the link is not whole'),
    code: yup.string().max(20).required('enter the code'),
  }),
})
export const recordPdf = call({ method: 'get', path: '/api/jobs/{job}/record.pdf', params })
export const returnPdf = call({ method: 'get', path: '/api/jobs/{job}/return.pdf', params })
