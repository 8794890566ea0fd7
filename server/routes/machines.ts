import { calls } from '@dialytica/core/wire'
import { Model, Unit } from '../entities/index.ts'
import { notFound, ProblemError } from '../problems.ts'
import { readMachine, readModel } from '../search/sources.ts'
import { route } from './routing.ts'

const stored = <T extends { shopId: string; createdAt: Date }>({ shopId: _, createdAt, ...rest }: T) => ({
  ...rest,
  createdAt: createdAt.toISOString(),
})
/** What the search could not read now it reads at the next start: it is added all the same. */
const readLater = () => undefined
const isDouble = (error: unknown) => (error as { errno?: number }).errno === 1062

export const models = route(calls.models, {
  summary: 'The models of the shop',
  who: 'viewer',
  replies: { 200: 'Models by maker and code' },
  answer: async ({ db }, { person }) =>
    (
      await db.getRepository(Model).find({ where: { shopId: person.shopId }, order: { maker: 'ASC', code: 'ASC' } })
    ).map(stored),
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
    return stored(row)
  },
})

export const model = route(calls.oneModel, {
  summary: 'One model',
  who: 'viewer',
  replies: { 200: 'The model' },
  async answer({ db }, { person, params }) {
    const row = await db.getRepository(Model).findOneBy({ id: params.model!, shopId: person.shopId })
    if (!row) throw notFound()
    return stored(row)
  },
})

export const units = route(calls.units, {
  summary: 'The units of the shop',
  who: 'viewer',
  replies: { 200: 'Units by serial' },
  answer: async ({ db }, { person, query }) =>
    (
      await db.getRepository(Unit).find({
        where: { shopId: person.shopId, ...(query.model && { modelId: query.model }) },
        order: { serial: 'ASC' },
      })
    ).map(stored),
})

export const unit = route(calls.oneUnit, {
  summary: 'One unit',
  who: 'viewer',
  replies: { 200: 'The unit' },
  async answer({ db }, { person, params }) {
    const row = await db.getRepository(Unit).findOneBy({ id: params.unit!, shopId: person.shopId })
    if (!row) throw notFound()
    return stored(row)
  },
})

export const addUnit = route(calls.addUnit, {
  summary: 'Add a unit of a model, by its serial number',
  who: 'technician',
  replies: { 201: 'Added', 409: 'This unit is already there' },
  async answer({ db }, { person, body, res }) {
    const of = await db.getRepository(Model).findOneBy({ id: body.modelId, shopId: person.shopId })
    if (!of) throw notFound()
    const row = { ...body, made: body.made ?? null, shopId: person.shopId, createdAt: new Date() }
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
    return stored(row)
  },
})
