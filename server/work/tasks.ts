import type { Book } from '@dialytica/core/book'
import { labelsOf, sheets, type LabelKind } from '@dialytica/core/labels'
import { toSnapshot, type JobState } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { bookLeftOut, type ParcelPreview } from '@dialytica/core/parcel'
import { privateThings } from '@dialytica/core/record'
import type { Problem } from '@dialytica/core/schema'
import { settingsOf } from '@dialytica/core/shop'
import { readFile } from 'node:fs/promises'
import type { DataSource, EntityManager } from 'typeorm'
import { bringUpToDate, keptBook } from '../book/up-to-date.ts'
import { open } from '../database.ts'
import { Job, Model, Unit, User, type Added } from '../entities/index.ts'
import { emptyStates, keepSnapshot, stateAt } from '../joblog/states.ts'
import { pack } from '../parcels/pack.ts'
import { recordOf } from '../parcels/record-of.ts'
import { takeParcel, takeRecords } from '../parcels/take.ts'
import { bareRecord, ParcelError, preview } from '../parcels/unpack.ts'
import type { Around } from '../report/sheet.ts'
import { photoFile } from '../photos/store.ts'
import { settingsSaid } from '../routes/last-said-in.ts'
import { readBehind, readJob } from '../search/sources.ts'

/**
 * The tasks of the worker pool, by name. Each takes and returns plain values; it reads the job from the database itself, so that
 * the thread that answers hands over nothing but ids.
 */
/** A task is ended after two minutes; nothing in it may hold the database for longer. */
const ofTasks = { connections: 2, own: 2, seconds: 110 }
let connection: Promise<DataSource> | undefined
const database = (url: string) =>
  (connection ??= open(url, ofTasks).catch(error => {
    // A database that was away is asked again by the next task.
    connection = undefined
    throw error
  }))
const states = emptyStates()

interface OfJob {
  url: string
  job: string
}
async function stateOf({ url, job: id }: OfJob) {
  const { manager } = await database(url)
  const job = await manager.findOneByOrFail(Job, { id })
  return { manager, job, state: await stateAt(manager, states, id, job.seq) }
}

interface ForSheet extends OfJob {
  data: string
  shop: string
  timeZone: string
}
interface Sheet {
  pdf: Uint8Array
  code: string
  serial: string
}
/** A sheet of a job, drawn by what knows the state, the machine and the people; and the plate that names its file. */
async function sheetOf(
  of: ForSheet,
  draw: (state: JobState, family: Family, around: Around) => Promise<Buffer>,
): Promise<Sheet> {
  const { manager, job, state } = await stateOf(of)
  const { shopId } = job
  const unit = await manager.findOneByOrFail(Unit, { id: job.unitId, shopId })
  const { maker, code, family } = await manager.findOneByOrFail(Model, { id: unit.modelId, shopId })
  const people = new Map((await manager.findBy(User, { shopId })).map(u => [u.id, u.name]))
  const pdf = await draw(state, family, {
    shop: of.shop,
    timeZone: of.timeZone,
    machine: { maker, code, serial: unit.serial },
    lines: await linesOf(manager, shopId),
    people,
    photo: hash => readFile(photoFile(of.data, shopId, hash, 'stage')).catch(() => null),
  })
  return { pdf, code, serial: unit.serial }
}
/** What a shop set for its pages. */
async function linesOf(manager: EntityManager, shop: string): Promise<Around['lines']> {
  const { address, phone, terms } = settingsOf(await settingsSaid(manager, shop))
  return { address, phone, terms }
}
/** The record sheet of a job as PDF. */
export const recordSheet = async (of: ForSheet): Promise<Sheet> =>
  sheetOf(of, (await import('../report/pdf.ts')).recordSheet)
/** The way back of a job as PDF. */
export const returnSheet = async (of: ForSheet): Promise<Sheet> =>
  sheetOf(of, (await import('../report/return-sheet.ts')).returnSheet)
/** The page for the customer as PDF. */
export const customerPage = async (of: ForSheet): Promise<Sheet> =>
  sheetOf(of, (await import('../report/customer.ts')).customerPage)

/** Labels of a job on sheets or tape as PDF; null when there is nothing of these kinds to label. */
export async function labelSheet(
  of: OfJob & { sheet: string; kinds: LabelKind[]; skip: number },
): Promise<Uint8Array | null> {
  const { job, state } = await stateOf(of)
  const sheet = sheets.find(s => s.id === of.sheet) ?? sheets[0]!
  const all = labelsOf(state, state.opened!.family, job.id, of.kinds)
  if (all.length === 0) return null
  const { labelsPdf } = await import('../labels/pdf.ts')
  return labelsPdf(sheet, all, Math.min(of.skip, sheet.columns * sheet.rows - 1))
}

/** Stores how a job stands now, so that it opens without folding its whole log. */
export async function storeSnapshot(of: OfJob): Promise<void> {
  const { manager, job, state } = await stateOf(of)
  await keepSnapshot(manager, job.id, job.seq, JSON.stringify(toSnapshot(state)))
}

/** Brings the book of a model up to date. */
export async function bookUpToDate(of: { url: string; model: string }): Promise<Book> {
  const { manager } = await database(of.url)
  return bringUpToDate(manager, states, of.model)
}

/** The book of a model as PDF, brought up to date. */
export async function bookPdf(of: {
  url: string
  data: string
  model: string
  shop: string
}): Promise<{ pdf: Uint8Array; code: string }> {
  const { manager } = await database(of.url)
  const { maker, code, family, shopId } = await manager.findOneByOrFail(Model, { id: of.model })
  const book = (await keptBook(manager, of.model)) ?? (await bringUpToDate(manager, states, of.model))
  const { bookSheet } = await import('../report/book-sheet.ts')
  const photo = (hash: string) => readFile(photoFile(of.data, shopId, hash, 'stage')).catch(() => null)
  return { pdf: await bookSheet(book, { shop: of.shop, maker, code, family, photo }), code }
}

/** Reads a job for the search. */
export async function readJobForSearch({ url, job }: OfJob): Promise<void> {
  await readJob(await database(url), states, job)
}
/** Reads for the search what was not read yet, a part of it; returns whether there is more. */
export const readBehindForSearch = async (of: { url: string }): Promise<boolean> =>
  readBehind(await database(of.url), states)

interface OfShop {
  url: string
  data: string
  shop: string
}
/** A packed parcel: the file, which whoever sends it takes away after, and what it is called. */
interface Packed {
  file: string
  name: string
}
/** Packs a job: as a recording, without what is private, or whole. */
export async function packJob(of: OfShop & { job: string; whole: boolean; application: string }): Promise<Packed> {
  const { manager } = await database(of.url)
  const row = await manager.findOneByOrFail(Job, { id: of.job, shopId: of.shop })
  const record = await recordOf(manager, row)
  const { maker = '', code, serial = '' } = record.machine
  const kind = of.whole ? 'job' : 'recording'
  const contents = { kind, machine: `${maker} ${code}`.trim(), records: [record] } as const
  const file = await pack({ ...contents, without: of.whole ? [] : privateThings }, of)
  return { file, name: of.whole ? `job-${code}-${serial}` : `recording-${code}` }
}
/** Packs the book of a model with its recordings, without what is private. */
export async function packBook(of: OfShop & { model: string; application: string }): Promise<Packed> {
  const { manager } = await database(of.url)
  const { maker, code } = await manager.findOneByOrFail(Model, { id: of.model, shopId: of.shop })
  const book = (await keptBook(manager, of.model)) ?? (await bringUpToDate(manager, states, of.model))
  async function* records() {
    for (const { job } of book.recordings)
      yield recordOf(manager, await manager.findOneByOrFail(Job, { id: job, shopId: of.shop }))
  }
  const contents = {
    kind: 'book',
    machine: `${maker} ${code}`,
    records: records(),
    book: bookLeftOut(book),
  } as const
  return { file: await pack({ ...contents, without: privateThings }, of), name: `book-${code}` }
}

/** What came of something that may be refused: what is wrong with it crosses to the other thread as a value. */
type Outcome<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }
async function outcome<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await work() }
  } catch (error) {
    if (error instanceof ParcelError) return { ok: false, problems: error.problems }
    throw error
  }
}
/** Looks at a file that came in: what taking it in would do, or what is wrong with it. */
export const lookAtParcel = (of: { file: string }): Promise<Outcome<ParcelPreview>> => outcome(() => preview(of.file))
/** Takes in a parcel that was looked at. */
export const takeInParcel = (of: OfShop & { actor: string; parcel: string; file: string }): Promise<Outcome<Added>> =>
  outcome(async () => takeParcel({ ...of, db: await database(of.url) }, of.parcel, of.file))
/** Takes in a bare record from its text. */
export const takeInRecord = (
  of: OfShop & { actor: string; text: string },
): Promise<Outcome<{ job: string; steps: number }>> =>
  outcome(async () => {
    const unpacked = bareRecord(of.text)
    const { jobs } = await takeRecords({ ...of, db: await database(of.url) }, unpacked.records, unpacked, false)
    return { job: jobs[0]!.job, steps: unpacked.records[0]!.state.order.size }
  })

export interface Tasks {
  recordSheet: typeof recordSheet
  returnSheet: typeof returnSheet
  customerPage: typeof customerPage
  labelSheet: typeof labelSheet
  storeSnapshot: typeof storeSnapshot
  bookUpToDate: typeof bookUpToDate
  bookPdf: typeof bookPdf
  packJob: typeof packJob
  packBook: typeof packBook
  lookAtParcel: typeof lookAtParcel
  takeInParcel: typeof takeInParcel
  takeInRecord: typeof takeInRecord
  readJobForSearch: typeof readJobForSearch
  readBehindForSearch: typeof readBehindForSearch
}
