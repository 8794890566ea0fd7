import {
  bookOf,
  nothingLaid,
  recordingOf,
  without,
  withRecording,
  type Book,
  type HandWord,
  type Laid,
} from '@dialytica/core/book'
import type { BodyOf } from '@dialytica/core/log'
import { In, IsNull, Not, type EntityManager } from 'typeorm'
import { BookHand, BookOf, Event, Job, Unit, type JobRow, type UnitRow } from '../entities/index.ts'
import { stateAt, type States } from '../joblog/states.ts'

/** The newest closed jobs of a model that its book is made of. */
const most = 100

interface Closed {
  job: Pick<JobRow, 'id' | 'seq'>
  unit: UnitRow
}
/** Raised when a book is laid otherwise than before: every kept one is then laid anew. */
const edition = 4
/** A job as the book knows it: with the number of its last event. */
const nameOf = ({ job }: Closed) => `${job.id} ${job.seq} ${edition}`

/** What leads said of the book of a model, in its order. */
const handOf = async (m: EntityManager, model: string): Promise<HandWord[]> =>
  (await m.find(BookHand, { where: { modelId: model }, order: { at: 'ASC', id: 'ASC' } })).map(({ id, body }) => ({
    id,
    body,
  }))
/** What a book is made of, by its name: its jobs, and the words of leads on it. */
const madeOf = (jobs: readonly string[], hand: readonly HandWord[]) =>
  JSON.stringify([...jobs, ...(hand.length ? [`hand ${hand.length} ${hand.at(-1)!.id}`] : [])])

/** The closed jobs of a model that its book is made of, the oldest first, with their machines. */
async function closedJobs(m: EntityManager, model: string): Promise<Closed[]> {
  const units = new Map((await m.findBy(Unit, { modelId: model })).map(u => [u.id, u]))
  if (!units.size) return []
  const jobs = await m.find(Job, {
    where: { unitId: In([...units.keys()]), closedAt: Not(IsNull()) },
    order: { closedAt: 'DESC', id: 'ASC' },
    select: { id: true, seq: true, unitId: true },
    take: most,
  })
  return jobs.reverse().map(job => ({ job, unit: units.get(job.unitId)! }))
}

/** The book of a model as it is kept, where it is of all that was closed; null where it has to be brought up to date. */
export async function keptBook(m: EntityManager, model: string): Promise<Book | null> {
  // What it was laid from is long, and not asked for here.
  const row = await m.findOne(BookOf, { where: { modelId: model }, select: { modelId: true, jobs: true, book: true } })
  const made = madeOf((await closedJobs(m, model)).map(nameOf), await handOf(m, model))
  return row?.jobs === made ? (JSON.parse(row.book) as Book) : null
}

/** Brings the book of a model up to date: what was closed since is laid beside the rest, what is open again or changed goes. Keeps it, and returns it. */
export async function bringUpToDate(m: EntityManager, states: States, model: string): Promise<Book> {
  const row = await m.findOneBy(BookOf, { modelId: model })
  const closed = await closedJobs(m, model)
  const before = new Set<string>(row ? (JSON.parse(row.jobs) as string[]) : [])
  const jobs = closed.map(nameOf)
  const now = new Set(jobs)
  const hand = await handOf(m, model)
  let laid: Laid = row ? (JSON.parse(row.laid) as Laid) : nothingLaid
  for (const name of before) if (!now.has(name) && !name.startsWith('hand ')) laid = without(laid, name.split(' ')[0]!)
  for (const one of closed) {
    if (before.has(nameOf(one))) continue
    const { job, unit } = one
    const state = await stateAt(m, states, job.id, job.seq)
    const opened = await m.findBy(Event, { jobId: job.id, kind: 'step-reopened' })
    const reopened = opened.flatMap(e => {
      const { step, reason } = e.body as BodyOf<'step-reopened'>
      return reason ? [{ step, reason }] : []
    })
    const recording = recordingOf(job.id, state, { serial: unit.serial, made: unit.made ?? undefined }, reopened)
    if (recording) laid = withRecording(laid, recording)
  }
  const book = bookOf(laid, hand)
  await m.upsert(
    BookOf,
    {
      modelId: model,
      jobs: madeOf(jobs, hand),
      laid: JSON.stringify(laid),
      book: JSON.stringify(book),
      changedAt: new Date(),
    },
    ['modelId'],
  )
  return book
}
