import { setImmediate } from 'node:timers/promises'
import { summary } from '@dialytica/core/ledger'
import {
  blank,
  eventSchema,
  fold,
  placed,
  putAt,
  refusalWords,
  type JobEvent,
  type JobState,
} from '@dialytica/core/log'
import { check } from '@dialytica/core/schema'
import type { Appended as Told, Person } from '@dialytica/core/wire'
import type { DataSource, EntityManager } from 'typeorm'
import { In } from 'typeorm'
import { Event, Job, Model, type EventRow, type JobRow, type UnitRow } from '../entities/index.ts'
import { unitNow } from '../machines/made-one.ts'
import { notFound } from '../problems.ts'
import { retried } from '../retried.ts'
import { putEvents } from './put-events.ts'
import { standsAs } from './row-of.ts'
import { keepSaid, movedTo } from './said.ts'
import { isDue, stateAt, type States } from './states.ts'

/** What became of a batch: every event is in exactly one of the two lists. */
export interface Appended extends Told {
  /** True when a snapshot of the job should be stored. */
  due: boolean
  /** The unit of the job, where this closed it. */
  closed: string | null
}

/** Refusal codes of the server beside those of the fold. */
const invalid = 100
const notYours = 101
const notThere = 102

const valid = (
  jobId: string,
  person: Person,
  value: unknown,
): { event: JobEvent } | { code: number; message: string } => {
  const checked = check(eventSchema, value)
  if (!checked.ok)
    return {
      code: invalid,
      message: checked.problems
        .map(p => p.message)
        .join('; ')
        .slice(0, 1000),
    }
  if (checked.value.job !== jobId) return { code: invalid, message: 'job must be the job of the address' }
  if (checked.value.actor !== person.id)
    return { code: notYours, message: 'Recorded by somebody else: they must sign in to send it' }
  return { event: checked.value }
}

/** The id that a value says it has, whatever it is. */
const idOf = (value: unknown): string => {
  const id = (value as { id?: unknown } | null | undefined)?.id
  return typeof id === 'string' ? id.slice(0, 64) : ''
}

/** How long the thread works on one batch before it turns to others, in milliseconds. */
const slice = 15

/** Holds a batch against the schema, event by event, and lets others have their turn in between. */
async function held(jobId: string, person: Person, values: readonly unknown[]) {
  const events: JobEvent[] = []
  const refused: Appended['refused'] = []
  let began = performance.now()
  for (const value of values) {
    const outcome = valid(jobId, person, value)
    if ('event' in outcome) events.push(outcome.event)
    else refused.push({ id: idOf(value), ...outcome })
    if (performance.now() - began < slice) continue
    await setImmediate()
    began = performance.now()
  }
  return { events, refused }
}

/** The summary of a job; where it cannot be made, what stood before, so that the job still opens. */
function summaryOf(state: JobState, before: JobRow['summary']): JobRow['summary'] {
  try {
    return summary(state) ?? before
  } catch {
    return before
  }
}

const locked = (m: EntityManager, id: string, shopId: string) =>
  m.findOne(Job, { where: { id, shopId }, lock: { mode: 'pessimistic_write' } })

/** The unit of a shop that a log names, where its model is of the kind that the log says. */
async function machineOf(
  m: EntityManager,
  shopId: string,
  of: { unit: string; family: string },
): Promise<UnitRow | null> {
  const unit = await unitNow(m, shopId, of.unit)
  const model = unit && (await m.findOneBy(Model, { id: unit.modelId, shopId }))
  return model?.family === of.family ? unit : null
}

/** The row of a job that comes in with its first event; its unit must be of the shop. */
async function begun(m: EntityManager, id: string, shopId: string, first: JobEvent | undefined): Promise<JobRow> {
  // Somebody opened it a moment ago: the same again finds it there.
  if (await m.existsBy(Job, { id, shopId })) throw Object.assign(new Error('opened meanwhile'), { errno: 1062 })
  if (first?.kind !== 'job-opened' || (await m.existsBy(Job, { id }))) throw notFound()
  const unit = await machineOf(m, shopId, first.body)
  if (!unit) throw notFound()
  const at = new Date()
  return {
    ...{ id, shopId, unitId: unit.id, seq: 0, summary: {} as never },
    ...{ openedAt: at, changedAt: at, closedAt: null, waits: false, due: null, pieces: 0 },
  }
}

/** An event at its moment, by the clock of the server; as its device says, where that does not tell what its clock shows. */
function atItsMoment(
  event: JobEvent,
  sent: string | undefined,
  received: Date,
  { latest, latestOf }: JobState,
): JobEvent {
  if (sent === undefined) return putAt(event, undefined)
  const { at, after, device } = event
  const known = after !== undefined && latest !== '' && after > latest ? latest : after
  return putAt(event, placed(at, { sent, received: received.toISOString(), after: known, own: latestOf.get(device) }))
}

/**
 * Appends a batch to a job's log, in one transaction and in its order. An event that is there already counts as accepted
 * under its number; one that the state refuses is returned with its reason and the rest goes on. `sent` is what the clock of the device showed as it
 * sent the batch: by it each event is put at its moment.
 * Throws not-found when the job is of another shop, or is not there and the batch does not open it.
 */
export async function append(
  db: DataSource,
  states: States,
  person: Person,
  jobId: string,
  values: unknown[],
  sent?: string,
): Promise<Appended> {
  // Held against the schema once, before anything is locked.
  const { events, refused: unfit } = await held(jobId, person, values)
  const transaction = async () => {
    // Looked up before the transaction: a lock on a row that is not there would hold up every other job that opens.
    const isThere = await db.getRepository(Job).existsBy({ id: jobId, shopId: person.shopId })
    return db.transaction(async m => {
      const refused = [...unfit]
      const row =
        (isThere ? await locked(m, jobId, person.shopId) : null) ?? (await begun(m, jobId, person.shopId, events[0]))
      const isNew = row.seq === 0
      let state: JobState = isNew ? blank : await stateAt(m, states, jobId, row.seq)
      const [before, unitBefore] = [row.seq, row.unitId]
      const known = events.filter(e => state.seen.has(e.id)).map(e => e.id)
      const there = known.length
        ? await m.find(Event, {
            where: { jobId, id: In(known) },
            select: { jobId: true, seq: true, id: true, when: true },
          })
        : []
      const accepted: Appended['accepted'] = there.map(({ id, seq, when }) => ({ id, seq, ...(when && { when }) }))
      const rows: EventRow[] = []
      const receivedAt = new Date()
      for (const said of events) {
        if (state.seen.has(said.id)) continue
        const event = atItsMoment(said, sent, receivedAt, state)
        const other = event.kind === 'machine-corrected' ? await machineOf(m, person.shopId, event.body) : null
        if (event.kind === 'machine-corrected' && !other) {
          refused.push({
            id: event.id,
            code: notThere,
            message: 'This machine is not of this shop, or of another kind',
          })
          continue
        }
        const folded = fold(state, event)
        if (!folded.ok) {
          refused.push({ id: event.id, code: folded.refusal.code, message: refusalWords(folded.refusal) })
          continue
        }
        state = folded.state
        // The latest word stands, whatever came last.
        if (event.kind === 'machine-corrected' && other && state.opened?.unit === event.body.unit) row.unitId = other.id
        row.seq += 1
        const { id, kind, at, when, actor, device, body } = event
        accepted.push({ id, seq: row.seq, ...(when && { when }) })
        rows.push({ jobId, seq: row.seq, id, kind, at, when: when ?? null, actor, device, body, receivedAt })
      }
      if (isNew && !state.opened) throw notFound()
      if (rows.length) {
        const now = { changedAt: receivedAt, ...standsAs(summaryOf(state, row.summary), state) }
        row.closedAt = now.closedAt
        if (isNew) await m.insert(Job, { ...row, ...now })
        else await m.update(Job, { id: jobId }, { seq: row.seq, unitId: row.unitId, ...now })
        await putEvents(m, rows)
        if (row.unitId !== unitBefore) await movedTo(m, jobId, row.unitId)
        await keepSaid(m, person.shopId, row.unitId, rows)
      }
      const closed = rows.length && row.closedAt ? row.unitId : null
      return { seq: row.seq, due: isDue(before, row.seq), closed, accepted, refused, state }
    })
  }
  const { state, ...appended } = await retried(transaction)
  states.set(jobId, { seq: appended.seq, state })
  return appended
}
