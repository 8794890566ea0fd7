import { randomUUID } from 'node:crypto'
import type { Book } from '@dialytica/core/book'
import type { FoundThing, KnownUnit, ListedModel } from '@dialytica/core/wire'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { machine, made, openingOf, screwStep, world, type Agent, type World } from '../test/world.ts'

let w: World
let lead: Agent
let me: string
beforeAll(async () => {
  w = await world()
  lead = await w.as('lead')
  me = await w.personId('lead')
})
afterAll(() => w.end())

async function unitOf(model: string, serial: string): Promise<string> {
  const id = randomUUID()
  await lead.post('/api/units').send({ id, modelId: model, serial, stands: '' }).expect(201)
  return id
}
async function closedJob(unit: string): Promise<string> {
  const job = randomUUID()
  const closed = made(job, me, 'job-closed', { clean: false, note: 'parts come tomorrow' })
  const code = made(job, me, 'code-kept', { code: 'E20', says: `drain, by ${job}` })
  const events = [openingOf(job, me, unit), screwStep(job, me, 4), code, closed]
  const { body } = await lead.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  expect((body as { refused: unknown[] }).refused).toEqual([])
  return job
}
const makeOne = (from: string, into: string, who = lead) => who.post(`/api/models/${from}/made-one`).send({ into })
const book = async (model: string) => (await lead.get(`/api/models/${model}/book`).expect(200)).body as Book
const listed = async () => (await lead.get('/api/models').expect(200)).body as ListedModel[]

it('ten jobs of a misread model go over to the right one, with units, what was said, book and search; the name is kept', async () => {
  const [wrong, right] = [await machine(lead), await machine(lead)]
  const sister = await machine(lead)
  const own = await closedJob(right.unit)
  const units = [wrong.unit]
  // Two machines came in under both models, by the same serial: each is one.
  const twice = await unitOf(right.model, 'CAME-IN-TWICE')
  units.push(await unitOf(wrong.model, 'CAME-IN-TWICE'))
  for (let i = 0; i < 3; i++) units.push(await unitOf(wrong.model, `KW-${i}`))
  const jobs: string[] = []
  for (let i = 0; i < 10; i++) jobs.push(await closedJob(units[i % units.length]!))
  const hand = { id: randomUUID(), body: { kind: 'sister', model: wrong.model } }
  await lead.post(`/api/models/${sister.model}/hand`).send(hand).expect(200)
  expect((await book(wrong.model)).recordings).toHaveLength(10)
  const code = (await listed()).find(m => m.id === wrong.model)!.code

  await makeOne(wrong.model, right.model).expect(200)
  await w.running.context.reader.settled()

  const models = await listed()
  expect(models.find(m => m.id === wrong.model)).toBeUndefined()
  expect(models.find(m => m.id === right.model)).toMatchObject({ units: 5, also: [code] })
  const moved = (await lead.get('/api/units').query({ model: right.model }).expect(200)).body as KnownUnit[]
  expect(moved.map(u => u.id).sort()).toEqual([right.unit, twice, ...units.slice(2)].sort())
  expect(moved.find(u => u.id === twice)!.jobs).toBe(2)
  for (const job of jobs)
    expect(((await lead.get(`/api/jobs/${job}`).expect(200)).body as { model: { id: string } }).model.id).toBe(
      right.model,
    )
  const laid = await book(right.model)
  expect(laid.recordings.map(r => r.job).sort()).toEqual([own, ...jobs].sort())
  // Who still has the old id finds the model that it is now.
  expect((await book(wrong.model)).recordings).toHaveLength(11)
  expect((await lead.get(`/api/models/${wrong.model}`).expect(200)).body).toMatchObject({ id: right.model })
  expect((await lead.get(`/api/models/${right.model}/codes`).expect(200)).body).toMatchObject([
    { code: 'E20', says: `drain, by ${jobs.at(-1)}` },
  ])
  expect((await lead.get(`/api/models/${sister.model}/hand`).expect(200)).body).toMatchObject([
    { body: { kind: 'sister', model: right.model } },
  ])
  const found = (await lead.get('/api/search').query({ words: 'KW-1' }).expect(200)).body as FoundThing[]
  expect(found.filter(f => f.kind === 'machine').map(f => f.model.id)).toEqual([right.model])
})

it('a device that was away opens a job on a machine of the old model: it is of the machine that this is now', async () => {
  const [wrong, right] = [await machine(lead), await machine(lead)]
  const same = await unitOf(right.model, 'AWAY-1')
  const was = await unitOf(wrong.model, 'AWAY-1')
  await makeOne(wrong.model, right.model).expect(200)
  const job = await closedJob(was)
  expect((await lead.get(`/api/jobs/${job}`).expect(200)).body).toMatchObject({
    unit: { id: same },
    model: { id: right.model },
  })
  const late = await unitOf(wrong.model, 'AWAY-2')
  expect((await lead.get(`/api/units/${late}`).expect(200)).body).toMatchObject({ modelId: right.model })
})

it('a model that was made one keeps meaning the one that is left, also when that is made one with a third', async () => {
  const [a, b, c] = [await machine(lead), await machine(lead), await machine(lead)]
  await makeOne(a.model, b.model).expect(200)
  await makeOne(b.model, c.model).expect(200)
  expect((await lead.get(`/api/models/${a.model}`).expect(200)).body).toMatchObject({ id: c.model })
})

it('a technician, another shop, the same model, one that is made one already and another kind are refused', async () => {
  const [a, b] = [await machine(lead), await machine(lead)]
  await makeOne(a.model, b.model, await w.as('technician')).expect(403)
  await makeOne(a.model, b.model, await w.as('stranger')).expect(404)
  await makeOne(a.model, a.model).expect(422)
  const kind = { id: randomUUID(), maker: 'Corrane', code: `TL ${randomUUID()}`, family: 'top-loader', notes: '' }
  await lead.post('/api/models').send(kind).expect(201)
  await makeOne(a.model, kind.id).expect(422)
  await makeOne(a.model, b.model).expect(200)
  await makeOne(a.model, b.model).expect(404)
})
