import { EntitySchema } from 'typeorm'
import type { HandBody } from '@dialytica/core/book'
import type { Summary } from '@dialytica/core/ledger'
import type { JobEvent, Step } from '@dialytica/core/log'
import type { ParcelPreview } from '@dialytica/core/parcel'
import type { Family } from '@dialytica/core/machine'
import { hash, key, moment, number, ref, text } from './columns.ts'
import { Device, EntryCode, Invitation, Session, Shop, User } from './people.ts'

export * from './people.ts'

export interface ModelRow {
  id: string
  shopId: string
  maker: string
  code: string
  family: Family
  notes: string
  createdAt: Date
  /** The model that this one turned out to be. */
  madeOneWith?: string | null
}
export const Model = new EntitySchema<ModelRow>({
  name: 'model',
  columns: {
    id: key,
    shopId: { ...ref, name: 'shop_id' },
    maker: text(120),
    code: text(120),
    family: text(40),
    notes: text(500),
    createdAt: { ...moment, name: 'created_at' },
    madeOneWith: { ...ref, name: 'made_one_with', nullable: true },
  },
})

export interface UnitRow {
  id: string
  shopId: string
  modelId: string
  serial: string
  /** The serial as an eye may take it from a plate: what is looked up by it is found however it was typed. */
  asRead: string
  stands: string
  made: number | null
  createdAt: Date
  /** The unit that this one turned out to be. */
  madeOneWith?: string | null
}
export const Unit = new EntitySchema<UnitRow>({
  name: 'unit',
  columns: {
    id: key,
    shopId: { ...ref, name: 'shop_id' },
    modelId: { ...ref, name: 'model_id' },
    serial: text(120),
    asRead: { ...text(120), name: 'as_read' },
    stands: text(500),
    made: { type: 'smallint', unsigned: true, nullable: true },
    createdAt: { ...moment, name: 'created_at' },
    madeOneWith: { ...ref, name: 'made_one_with', nullable: true },
  },
})

export interface JobRow {
  id: string
  shopId: string
  unitId: string
  seq: number
  summary: Summary
  openedAt: Date
  changedAt: Date
  closedAt: Date | null
  /** What the list of the floor is ordered and counted by, of the summary. */
  waits: boolean
  due: Date | null
  pieces: number
}
export const Job = new EntitySchema<JobRow>({
  name: 'job',
  columns: {
    id: key,
    shopId: { ...ref, name: 'shop_id' },
    unitId: { ...ref, name: 'unit_id' },
    seq: number,
    summary: { type: 'simple-json' },
    openedAt: { ...moment, name: 'opened_at' },
    changedAt: { ...moment, name: 'changed_at' },
    closedAt: { ...moment, name: 'closed_at', nullable: true },
    waits: { type: 'boolean' },
    due: { ...moment, nullable: true },
    pieces: number,
  },
})

export interface EventRow {
  jobId: string
  seq: number
  id: string
  kind: JobEvent['kind']
  at: string
  actor: string
  device: string
  body: JobEvent['body']
  receivedAt: Date
  /** When it was, by the clock of the server; none for what came in before that was put down. */
  when: string | null
}
/** The job log, clustered by (job, number): a job is one range read. */
export const Event = new EntitySchema<EventRow>({
  name: 'event',
  columns: {
    jobId: { ...key, name: 'job_id' },
    seq: { ...number, primary: true },
    id: ref,
    kind: text(40),
    at: { type: 'char', length: 24 },
    actor: ref,
    device: text(64),
    body: { type: 'simple-json' },
    receivedAt: { ...moment, name: 'received_at' },
    when: { type: 'char', length: 24, name: 'happened_at', nullable: true },
  },
})

export interface SaidRow {
  shopId: string
  kind: JobEvent['kind']
  receivedAt: Date
  jobId: string
  seq: number
  id: string
  modelId: string
}
/** Where in which log something stands that is asked of a whole shop. */
export const Said = new EntitySchema<SaidRow>({
  name: 'said',
  columns: {
    shopId: { ...key, name: 'shop_id' },
    kind: { ...text(40), primary: true },
    receivedAt: { ...moment, primary: true, name: 'received_at' },
    jobId: { ...key, name: 'job_id' },
    seq: { ...number, primary: true },
    id: ref,
    modelId: { ...ref, name: 'model_id' },
  },
})

export interface SnapshotRow {
  jobId: string
  seq: number
  state: string
}
export const SnapshotOf = new EntitySchema<SnapshotRow>({
  name: 'snapshot',
  columns: { jobId: { ...key, name: 'job_id' }, seq: number, state: { type: 'longtext' } },
})

export interface PhotoRow {
  shopId: string
  hash: string
  width: number
  height: number
  bytes: number
  takenAt: Date | null
  createdAt: Date
  /** The job for which it was taken, where that was told. */
  jobId?: string | null
}
export const PhotoEntity = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: {
    shopId: { ...key, name: 'shop_id' },
    hash: { ...hash, primary: true },
    width: number,
    height: number,
    bytes: number,
    takenAt: { ...moment, name: 'taken_at', nullable: true },
    createdAt: { ...moment, name: 'created_at' },
    jobId: { ...ref, name: 'job_id', nullable: true },
  },
})

export interface SecretRow {
  name: string
  value: string
}
export const Secret = new EntitySchema<SecretRow>({
  name: 'secret',
  columns: { name: { type: 'varchar', length: 40, primary: true }, value: { type: 'char', length: 64 } },
})

export interface HandRow {
  jobId: string
  hand: string
  version: number
  step: Step
  changedAt: Date
}
/** A step that is being recorded, as the devices of one hand last told it. */
export const Hand = new EntitySchema<HandRow>({
  name: 'hand',
  columns: {
    jobId: { ...key, name: 'job_id' },
    hand: { type: 'varchar', length: 64, primary: true },
    version: number,
    step: { type: 'simple-json' },
    changedAt: { ...moment, name: 'changed_at' },
  },
})

export interface BookRow {
  modelId: string
  /** Of which closed jobs it is, each with the number of its last event. */
  jobs: string
  laid: string
  book: string
  changedAt: Date
}
/** The book of a model, kept so that the next close goes on from it. */
export const BookOf = new EntitySchema<BookRow>({
  name: 'book',
  columns: {
    modelId: { ...key, name: 'model_id' },
    jobs: { type: 'longtext' },
    laid: { type: 'longtext' },
    book: { type: 'longtext' },
    changedAt: { ...moment, name: 'changed_at' },
  },
})

export interface BookHandRow {
  id: string
  modelId: string
  userId: string
  at: Date
  body: HandBody
}
/** What leads say of the book of a model, as they said it. */
export const BookHand = new EntitySchema<BookHandRow>({
  name: 'book_hand',
  columns: {
    id: key,
    modelId: { ...ref, name: 'model_id' },
    userId: { ...ref, name: 'user_id' },
    at: { ...moment },
    body: { type: 'simple-json' },
  },
})

/** What was added by taking something in. */
export interface Added {
  /** Each job with the id it had where it was recorded, and the number of its last event. */
  jobs: { from: string; job: string; seq: number }[]
  models: string[]
  units: string[]
  /** Photos that were not there before, by their hashes. */
  photos: string[]
}
export interface ParcelRow {
  id: string
  shopId: string
  userId: string
  name: string
  preview: ParcelPreview
  added: Added | null
  cameAt: Date
  takenAt: Date | null
  backAt: Date | null
}
/** A file that came in from outside: first it is looked at, then it is taken in, and it can be taken back. */
export const Parcel = new EntitySchema<ParcelRow>({
  name: 'parcel',
  columns: {
    id: key,
    shopId: { ...ref, name: 'shop_id' },
    userId: { ...ref, name: 'user_id' },
    name: text(200),
    preview: { type: 'simple-json' },
    added: { type: 'simple-json', nullable: true },
    cameAt: { ...moment, name: 'came_at' },
    takenAt: { ...moment, name: 'taken_at', nullable: true },
    backAt: { ...moment, name: 'back_at', nullable: true },
  },
})

export const entities = [
  Shop,
  User,
  Session,
  Device,
  EntryCode,
  Invitation,
  Model,
  Unit,
  Job,
  Event,
  Said,
  SnapshotOf,
  PhotoEntity,
  Secret,
  Hand,
  BookOf,
  Parcel,
  BookHand,
]
