import { asRead } from '@dialytica/core/intake'
import { limits } from '@dialytica/core/schema'
import { calls } from '@dialytica/core/wire'
import { In, Like, MoreThan, type DataSource } from 'typeorm'
import { Job, Model, Unit, type JobRow, type ModelRow, type UnitRow } from '../entities/index.ts'
import { notFound, ProblemError } from '../problems.ts'
import { readMachine, readModel } from '../search/sources.ts'
import { route } from './routing.ts'

const shownModel = ({ shopId: _, createdAt, ...rest }: ModelRow) => ({ ...rest, createdAt: createdAt.toISOString() })
const shownUnit = ({ shopId: _, asRead: __, createdAt, ...rest }: UnitRow) => ({
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
         (SELECT COUNT(*) FROM unit u WHERE u.shop_id = m.shop_id AND u.model_id = m.id) AS units
       FROM (SELECT * FROM model WHERE shop_id = ? ORDER BY maker, code LIMIT ?) m
       ORDER BY m.maker, m.code`,
      [person.shopId, Number(query.most ?? 1e9)],
    )) as (Omit<ModelRow, 'shopId'> & { units: string })[]
    return rows.map(({ createdAt, units, ...rest }) => ({
      ...rest,
      units: Number(units),
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
    const row = await db.getRepository(Model).findOneBy({ id: params.model!, shopId: person.shopId })
    if (!row) throw notFound()
    return shownModel(row)
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
    const row = await db.getRepository(Unit).findOneBy({ id: params.unit!, shopId: person.shopId })
    if (!row) throw notFound()
    return shownUnit(row)
  },
})

export const addUnit = route(calls.addUnit, {
  summary: 'Add a unit of a model, by its serial number',
  who: 'technician',
  replies: { 201: 'Added', 409: 'This unit is already there' },
  async answer({ db }, { person, body, res }) {
    const of = await db.getRepository(Model).findOneBy({ id: body.modelId, shopId: person.shopId })
    if (!of) throw notFound()
    const row = {
      ...body,
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
