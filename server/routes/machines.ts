import { asRead } from '@dialytica/core/intake'
import { limits } from '@dialytica/core/schema'
import { calls } from '@dialytica/core/wire'
import { In, IsNull, Like, MoreThan, type DataSource } from 'typeorm'
import { Job, Model, Unit, type JobRow, type ModelRow, type UnitRow } from '../entities/index.ts'
import { makeOne as made, modelNow, unitNow } from '../machines/made-one.ts'
import { notFound, ProblemError } from '../problems.ts'
import { retried } from '../retried.ts'
import { readMachine, readModel } from '../search/sources.ts'
import { route } from './routing.ts'

const shownModel = ({ shopId: _, madeOneWith: __, createdAt, ...rest }: ModelRow) => ({
  ...rest,
  createdAt: createdAt.toISOString(),
})
const shownUnit = ({ shopId: _, asRead: __, madeOneWith: ___, createdAt, ...rest }: UnitRow) => ({
  ...rest,
  createdAt: createdAt.toISOString(),
})
/** What the search could not read now it reads at the next start: it is added all the same. */
const readLater = () => undefined
const isDouble = (error: unknown) => (error as { errno?: number }).errno === 1062

export const models = route(calls.models, {
  summary: 'The models of the shop, or the first so many of them, each with how many units of it there are',
  who: 'viewer',
  replies: { 200: 'Models by maker and code' },
  async answer({ db }, { person, query }) {
    const rows = (await db.query(
      `SELECT m.id, m.maker, m.code, m.family, m.notes, m.created_at AS createdAt,
         (SELECT COUNT(*) FROM unit u WHERE u.shop_id = m.shop_id AND u.model_id = m.id) AS units,
         (SELECT GROUP_CONCAT(w.code ORDER BY w.code SEPARATOR '\n') FROM model w WHERE w.made_one_with = m.id) AS also
       FROM (SELECT * FROM model WHERE shop_id = ? AND made_one_with IS NULL ORDER BY maker, code LIMIT ?) m
       ORDER BY m.maker, m.code`,
      [person.shopId, Number(query.most ?? 1e9)],
    )) as (Omit<ModelRow, 'shopId'> & { units: string; also: string | null })[]
    return rows.map(({ createdAt, units, also, ...rest }) => ({
      ...rest,
      units: Number(units),
      also: also?.split('\n') ?? [],
      createdAt: createdAt.toISOString(),
    }))
  },
})

export const addModel = route(calls.addModel, {
  summary: 'Add a model by the code on its rating plate',
  who: 'technician',
  replies: { 201: 'Added', 409: 'This model is already there' },
  async answer({ db }, { person, body, res }) {
    const row = { ...body, shopId: person.shopId, createdAt: new Date() }
    await db
      .getRepository(Model)
      .insert(row)
      .catch(error => {
        throw isDouble(error)
          ? new ProblemError('already-there', `${body.maker} ${body.code} is already in your models.`)
          : error
      })
    await readModel(db, row).catch(readLater)
    res.status(201)
    return shownModel(row)
  },
})

export const model = route(calls.oneModel, {
  summary: 'One model',
  who: 'viewer',
  replies: { 200: 'The model' },
  async answer({ db }, { person, params }) {
    return shownModel(await modelNow(db, person.shopId, params.model!))
  },
})

export const makeOne = route(calls.makeOne, {
  summary: 'Make one model of two: machines, jobs, what was said of it and its book go over to the other',
  who: 'lead',
  replies: { 200: 'The model that both are now', 422: 'They are of two kinds, or the same' },
  async answer({ db, reader }, { person, params, body }) {
    await retried(() => db.transaction(m => made(m, person.shopId, params.model!, body.into)))
    void reader.catchUp()
    return shownModel(await modelNow(db, person.shopId, body.into))
  },
})

const brief = ({ id, closedAt, pieces, summary: { complaint, steps, clean, proved } }: JobRow) => ({
  ...{ id, closedAt: closedAt?.toISOString() ?? null, complaint, steps, pieces },
  ...(clean !== undefined && { clean }),
  ...(proved !== undefined && { proved }),
})

/** How often units were opened here, the job that stands open on each, and the one that changed last. */
async function jobsOn(db: DataSource, units: readonly UnitRow[]) {
  if (!units.length) return () => ({ jobs: 0, open: null, last: null })
  const ids = units.map(u => u.id)
  const counts = (await db.query(
    `SELECT unit_id AS unit, COUNT(*) AS n,
       SUBSTRING_INDEX(GROUP_CONCAT(id ORDER BY (closed_at IS NULL) DESC, changed_at DESC), ',', 1) AS last
     FROM job WHERE unit_id IN (?) GROUP BY unit_id`,
    [ids],
  )) as { unit: string; n: string; last: string }[]
  const last = new Map(
    (await db.getRepository(Job).findBy({ id: In(counts.map(c => c.last)) })).map(
      j => [j.unitId, j] as [string, JobRow],
    ),
  )
  const n = new Map(counts.map(c => [c.unit, Number(c.n)]))
  return (unit: string) => {
    const job = last.get(unit)
    return { jobs: n.get(unit) ?? 0, open: job && !job.closedAt ? job.id : null, last: job ? brief(job) : null }
  }
}

export const units = route(calls.units, {
  summary:
    'Units of the shop, at most 100: of a model by serial, after one; those whose plate begins so, however it was typed; else the newest. Each with its last job',
  who: 'viewer',
  replies: { 200: 'Units with how often each was opened here' },
  async answer({ db }, { person, query: { model: modelId, serial, after } }) {
    const begins = serial ? asRead(serial) : ''
    const rows = await db.getRepository(Unit).find({
      where: {
        shopId: person.shopId,
        madeOneWith: IsNull(),
        ...(modelId && { modelId }),
        ...(begins && { asRead: Like(`${begins}%`) }),
        ...(after && { serial: MoreThan(after) }),
      },
      order: modelId || begins ? { serial: 'ASC' } : { createdAt: 'DESC' },
      take: limits.unitsAtOnce,
    })
    const of = await jobsOn(db, rows)
    return rows.map(u => ({ ...shownUnit(u), ...of(u.id) }))
  },
})

export const unit = route(calls.oneUnit, {
  summary: 'One unit',
  who: 'viewer',
  replies: { 200: 'The unit' },
  async answer({ db }, { person, params }) {
    const row = await unitNow(db, person.shopId, params.unit!)
    if (!row) throw notFound()
    return shownUnit(row)
  },
})

export const addUnit = route(calls.addUnit, {
  summary: 'Add a unit of a model, by its serial number',
  who: 'technician',
  replies: { 201: 'Added', 409: 'This unit is already there' },
  async answer({ db }, { person, body, res }) {
    const of = await modelNow(db, person.shopId, body.modelId)
    const row = {
      ...body,
      modelId: of.id,
      asRead: asRead(body.serial),
      made: body.made ?? null,
      shopId: person.shopId,
      createdAt: new Date(),
    }
    await db
      .getRepository(Unit)
      .insert(row)
      .catch(error => {
        throw isDouble(error)
          ? new ProblemError('already-there', `Serial ${body.serial} of this model is already there.`)
          : error
      })
    await readMachine(db, row).catch(readLater)
    res.status(201)
    return shownUnit(row)
  },
})
