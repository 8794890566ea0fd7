import { asRead } from '@dialytica/core/intake'
import { foldAll, type JobEvent } from '@dialytica/core/log'
import { photosIn, renamed } from '@dialytica/core/parcel'
import type { ReadRecord, RecordMachine } from '@dialytica/core/record'
import { randomUUID } from 'node:crypto'
import { In, IsNull, Not, type DataSource, type EntityManager } from 'typeorm'
import { Job, Model, Parcel, PhotoEntity, Unit, type Added } from '../entities/index.ts'
import { writeWhole } from '../joblog/write-whole.ts'
import { modelNow } from '../machines/made-one.ts'
import { sha256, takeIn, takeOut } from '../photos/store.ts'
import { ignoreDouble, retried } from '../retried.ts'
import { ParcelError, unpack, type Unpacked } from './unpack.ts'

/** For which shop something is taken in, and by whom. */
export interface Taker {
  db: DataSource
  data: string
  shop: string
  actor: string
}

/** The unit of a record in the shop: the one with its plate, else a new one of its model, else that too. What is new is added to `added`. */
async function unitFor(m: EntityManager, shopId: string, of: RecordMachine, added: Added): Promise<string> {
  const createdAt = new Date()
  const where = { shopId, maker: of.maker ?? '', code: of.code }
  const fresh = { ...where, id: randomUUID(), family: of.family, notes: '', createdAt }
  await m.insert(Model, fresh).catch(ignoreDouble)
  const named = await m.findOneByOrFail(Model, where)
  const model = await modelNow(m, shopId, named.id)
  if (model.id === fresh.id) added.models.push(model.id)
  if (model.family !== of.family)
    throw new ParcelError([
      {
        path: 'machine.family',
        message: `${of.code} is a ${model.family} here, and a ${of.family} in the file: correct machine.family, or the model.`,
      },
    ])
  const plate = { shopId, modelId: model.id, serial: of.serial ?? 'not known' }
  const unit = {
    ...plate,
    asRead: asRead(plate.serial),
    id: randomUUID(),
    stands: '',
    made: of.made ?? null,
    createdAt,
  }
  await m.insert(Unit, unit).catch(ignoreDouble)
  const { id } = await m.findOneByOrFail(Unit, plate)
  if (id === unit.id) added.units.push(id)
  return id
}

/** The log of a record as one of this shop: of a new job, by whom it is taken in. What was only recorded stands closed: nobody here has that machine open. */
function asOurs(log: readonly JobEvent[], job: string, unit: string, actor: string, ends: boolean) {
  const own = log.map((event): JobEvent => {
    const of = { ...event, job, actor } as JobEvent
    return of.kind === 'job-opened' ? { ...of, body: { ...of.body, unit, callBackOf: undefined } } : of
  })
  const { state } = foldAll(own)
  if (!ends || state.closing) return { log: own, state }
  const clean = state.owing.isEmpty()
  const body = clean ? { clean } : { clean, note: 'taken in as it was recorded' }
  const at = own.at(-1)!.at
  const close = { id: randomUUID(), job, kind: 'job-closed', at, actor, device: 'taken in', body } as JobEvent
  return { log: [...own, close], state: foldAll([close], state).state }
}

/** Jobs of a parcel that are here already: the shop's own, or taken in before and not taken back. */
export async function known(m: EntityManager, shopId: string, jobs: readonly string[]): Promise<Set<string>> {
  const own = await m.find(Job, { where: { shopId, id: In([...jobs]) }, select: { id: true } })
  const before = await m.find(Parcel, { where: { shopId, takenAt: Not(IsNull()), backAt: IsNull() } })
  const taken = new Set(before.flatMap(p => p.added?.jobs.map(j => j.from) ?? []))
  return new Set([...own.map(j => j.id), ...jobs.filter(j => taken.has(j))])
}

/** Takes in the photos of some logs; returns under which hash each is kept here. Those that are new are added to `added`. */
async function takePhotos({ db, data, shop }: Taker, unpacked: Unpacked, needed: ReadonlySet<string>, added: Added) {
  const names = new Map<string, string>()
  for (const hash of unpacked.photos) {
    if (!needed.has(hash)) continue
    const bytes = await unpacked.photo(hash)
    const own = sha256(bytes)
    const there = await db.getRepository(PhotoEntity).existsBy({ shopId: shop, hash: own })
    if (!there) added.photos.push(own)
    await takeIn(db, data, shop, own, bytes)
    names.set(hash, own)
  }
  return names
}

/** Takes in records with the photos that are at hand, all of them or nothing. */
export async function takeRecords(
  taker: Taker,
  records: readonly ReadRecord[],
  unpacked: Unpacked,
  ends: boolean,
  also: (m: EntityManager, added: Added) => Promise<unknown> = async () => undefined,
): Promise<Added> {
  const { db, data, shop, actor } = taker
  const photos: string[] = []
  try {
    const needed = new Set(records.flatMap(r => photosIn(r.record.log)))
    const names = await takePhotos(taker, unpacked, needed, { jobs: [], models: [], units: [], photos })
    return await retried(() =>
      db.transaction(async m => {
        const now = new Date()
        const added: Added = { jobs: [], models: [], units: [], photos }
        for (const { record } of records) {
          const unit = await unitFor(m, shop, record.machine, added)
          const job = randomUUID()
          const { log, state } = asOurs(renamed(record.log, names), job, unit, actor, ends)
          await writeWhole(m, [{ shop, unit, log, state, receivedAt: () => now }])
          added.jobs.push({ from: record.job, job, seq: log.length })
        }
        await also(m, added)
        return added
      }),
    )
  } catch (error) {
    for (const hash of photos) await takeOut(db, data, shop, hash)
    throw error
  }
}

/** Takes in a parcel that lies in a file, but for jobs that are here already. Throws a ParcelError where nothing in it is new. */
export async function takeParcel(taker: Taker, parcel: string, file: string): Promise<Added> {
  const unpacked = await unpack(file)
  try {
    const there = await known(
      taker.db.manager,
      taker.shop,
      unpacked.records.map(r => r.record.job),
    )
    const fresh = unpacked.records.filter(r => !there.has(r.record.job))
    if (!fresh.length) throw new ParcelError([{ path: '', message: 'All that is in it is here already.' }])
    const ends = unpacked.manifest !== null && unpacked.manifest.kind !== 'job'
    return await takeRecords(taker, fresh, unpacked, ends, (m, added) =>
      m.update(Parcel, { id: parcel }, { added, takenAt: new Date() }),
    )
  } finally {
    unpacked.close()
  }
}
