import type { InferType } from 'yup'
import * as yup from 'yup'
import { limits } from '../schema/limits.ts'
import { eventSchema, type JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import type { JobState } from '../log/state.ts'
import { families, type Family } from '../machine/families.ts'
import { check, type Problem } from '../schema/check.ts'
import { migrated, recordVersion } from './migrate.ts'
import { describe } from '../moves/move.ts'
import { line, listOf, literal, moment, oneOf, shape, uuid, wholeWithin, year } from '../schema/atoms.ts'

/** The machine of a record, by its plate. */
const machine = shape({
  maker: line().max(limits.plate),
  code: line().max(limits.plate).required(),
  family: oneOf(families).required(),
  serial: line().max(limits.plate),
  made: year(),
})

/** What does not leave a shop by itself: it is left out of a record unless somebody wants it in. */
export const privateThings = ['serial', 'place', 'names'] as const
/** Something that does not leave a shop by itself. */
export type PrivateThing = (typeof privateThings)[number]

/** A step in words, for readers without a fold: derived from the log, and not read back. */
const toldStep = shape({
  number: wholeWithin(1, limits.log).required(),
  step: uuid().required(),
  zone: line(),
  says: listOf(yup.string().max(limits.said).required(), limits.moves).required(),
})

/** The documented form of a job in a file: its machine, who worked, its log, and its steps in words. */
export const recordSchema = shape({
  format: literal('dialytica-job'),
  version: yup
    .number()
    .oneOf([recordVersion], `\${path} must be ${recordVersion} or earlier: this file is of a later version`)
    .required(),
  /** What was left out of it on its way out. */
  without: listOf(oneOf(privateThings).required(), privateThings.length).required(),
  exportedAt: moment(),
  job: uuid().required(),
  machine: machine.required(),
  people: listOf(shape({ id: uuid().required(), name: line().required() }).required(), limits.people).required(),
  log: yup
    .array(eventSchema as unknown as yup.Schema<JobEvent>)
    .min(1, '${path} is empty: a record holds at least the event that opened the job')
    .max(limits.log, `\${path} can hold ${limits.log} events`)
    .required(),
  steps: listOf(toldStep.required(), limits.log),
})
/** A job as one JSON document. */
export type JobRecord = Omit<InferType<typeof recordSchema>, 'log'> & { log: JobEvent[] }
/** The machine of a record, by its plate. */
export type RecordMachine = InferType<typeof machine>

/** Everything that a record is made of beside its log. */
export interface RecordOf {
  job: string
  machine: RecordMachine
  people: { id: string; name: string }[]
  exportedAt?: string
  without?: PrivateThing[]
}

/** The record of a log. Numbers of the server are left out: they are its own. */
export function toRecord(events: readonly JobEvent[], of: RecordOf): JobRecord {
  const log = events.map(({ seq: _, ...event }) => event as JobEvent)
  const { state } = foldAll(log)
  const steps = state.order.toArray().map((id, i) => {
    const { zone, moves } = state.steps.get(id)!
    return { number: i + 1, step: id, ...(zone && { zone }), says: moves.map(describe) }
  })
  return { format: 'dialytica-job', version: recordVersion, without: [], ...of, log, steps }
}

/** A record that was read: the document, and the state that its log folds to. */
export interface ReadRecord {
  record: JobRecord
  state: JobState
  family: Family
}

/**
 * Reads a record from its text, of this version or an earlier one. Every problem names the path into the file and what is wrong there; an event that the fold refuses is a
 * problem of its own.
 */
export function readRecord(text: string): { ok: true; value: ReadRecord } | { ok: false; problems: Problem[] } {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    return { ok: false, problems: [{ path: '', message: `This is not JSON: ${(error as Error).message}` }] }
  }
  const checked = check(recordSchema, migrated(value))
  if (!checked.ok) return checked
  const record = checked.value as unknown as JobRecord
  const { state, refused } = foldAll(record.log)
  if (refused.length) {
    const index = new Map(record.log.map((e, i) => [e.id, i]))
    const problems = refused.map(({ event, refusal }) => ({
      path: `log[${index.get(event.id)}]`,
      message: `log[${index.get(event.id)}] is refused: ${refusalWords(refusal)}`,
    }))
    return { ok: false, problems }
  }
  return { ok: true, value: { record, state, family: record.machine.family } }
}
