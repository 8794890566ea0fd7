import type { InferType } from 'yup'
import * as yup from 'yup'
import { limits } from '../schema/limits.ts'
import { literal, moment, shape, uuid, wholeWithin } from '../schema/atoms.ts'
import type { EventKind } from './event-kind.ts'
import { constraintAdded, constraintWithdrawn } from './events/constraints.ts'
import { debtSettled, oldPartLeft } from './events/debts.ts'
import {
  causeTold,
  checkDone,
  codeKept,
  fetchTicked,
  findingTold,
  foundBefore,
  gatePassed,
  leftoverExplained,
  leftoverReported,
  liaisonTold,
  placeLooked,
  noteAdded,
  postureAllowed,
  partCompared,
  partAdapted,
  partOffered,
  partPhotographed,
  pointCompared,
  photoAdded,
  photosMatched,
  proofDone,
  readingTaken,
  ritualKept,
  shopSet,
  toolMade,
  troubleChecked,
  wordTaught,
} from './events/entries.ts'
import { entryWithdrawn, intakeTold } from './events/intake.ts'
import { jobAbandoned, jobClosed, jobOpened, machineCorrected, phaseChanged, trayChosen } from './events/job.ts'
import { arcDropped, planChosen } from './events/plan.ts'
import { stepAmended, stepRecorded, stepReopened, stepReordered, stepStruck } from './events/steps.ts'

const all = [
  jobOpened,
  machineCorrected,
  intakeTold,
  foundBefore,
  entryWithdrawn,
  phaseChanged,
  trayChosen,
  jobClosed,
  jobAbandoned,
  stepRecorded,
  stepAmended,
  stepStruck,
  stepReordered,
  stepReopened,
  debtSettled,
  oldPartLeft,
  constraintAdded,
  constraintWithdrawn,
  arcDropped,
  planChosen,
  readingTaken,
  partCompared,
  partAdapted,
  partOffered,
  partPhotographed,
  pointCompared,
  checkDone,
  proofDone,
  gatePassed,
  leftoverReported,
  placeLooked,
  leftoverExplained,
  liaisonTold,
  postureAllowed,
  photoAdded,
  photosMatched,
  noteAdded,
  wordTaught,
  ritualKept,
  findingTold,
  toolMade,
  troubleChecked,
  causeTold,
  codeKept,
  shopSet,
  fetchTicked,
] as const

type Kinds = (typeof all)[number]
/** The name of a kind of event. */
export type EventName = Kinds['kind']
/** What an event of a kind says. */
export type BodyOf<K extends EventName> = InferType<Extract<Kinds, { kind: K }>['body']>

/** One entry of a job's log, as a client makes it. `seq` is the server's number, once it has accepted the event. */
export type JobEvent = {
  [K in EventName]: {
    id: string
    job: string
    kind: K
    at: string
    actor: string
    device: string
    seq?: number | undefined
    /** The latest moment that the device knew of the job; it goes with the event to the server, and is not kept. */
    after?: string | undefined
    /** When it was, by the clock of the server, where that is not what the clock of the device showed; on a device as far as that is known there. */
    when?: string | undefined
    body: BodyOf<K>
  }
}[EventName]

/** Every kind of event by its name. */
export const eventKinds = Object.fromEntries(all.map(k => [k.kind, k])) as unknown as Record<
  EventName,
  EventKind<unknown>
>
export const eventNames = all.map(k => k.kind)

const envelope = (kind: yup.StringSchema, body: yup.Schema, more: yup.ObjectShape = {}) =>
  shape({
    id: uuid().required(),
    job: uuid().required(),
    kind: kind.required(),
    at: moment().required(),
    actor: uuid().required(),
    device: yup.string().max(64).required(),
    body: body.required(),
    ...more,
  }) as unknown as yup.Schema<JobEvent>

const ofEachKind = (more: yup.ObjectShape): ReadonlyMap<unknown, yup.Schema<JobEvent>> =>
  new Map(all.map(({ kind, body }) => [kind, envelope(literal(kind), body as unknown as yup.Schema, more)]))
const unknown = envelope(yup.string().oneOf(eventNames, '${path} is not a kind of event'), yup.mixed())
/** Chooses the schema of an event by its kind. */
const ofItsKind = (schemas: () => ReadonlyMap<unknown, yup.Schema<JobEvent>>): yup.Schema<JobEvent> =>
  yup.lazy(
    (value: unknown) => schemas().get((value as { kind?: unknown } | undefined)?.kind) ?? unknown,
  ) as unknown as yup.Schema<JobEvent>

/** The schema of an event of each kind, by its name. */
export const eventSchemas = ofEachKind({ after: moment(), when: moment() })
/** The schema of an event as a client sends it: that of its kind. The number is the server's to give, and when it was is the server's to say. */
export const eventSchema = ofItsKind(() => eventSchemas)

let numbered: ReturnType<typeof ofEachKind> | undefined
/** The schema of an event of each kind as the server numbered it; made when it is first asked for. */
export const numberedEventSchemas = () =>
  (numbered ??= ofEachKind({ seq: wholeWithin(1, limits.log).required(), when: moment() }))
/** The schema of an event as the server tells it. */
export const numberedEvent = ofItsKind(numberedEventSchemas)
