import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { limits } from '@dialytica/core/schema'
import { world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
})
afterAll(() => w.end())

const model = (over: object = {}) => ({
  id: randomUUID(),
  maker: 'Corrane',
  code: 'FL-84',
  family: 'front-loader',
  notes: '',
  ...over,
})
const problems = async (path: string, body: object) =>
  (await agent.post(path).send(body).expect(422)).body.problems as { path: string; message: string }[]

describe('a model', () => {
  it('is added once by its maker and code, and found again', async () => {
    const first = model()
    expect((await agent.post('/api/models').send(first).expect(201)).body).toMatchObject(first)
    const again = await agent.post('/api/models').send(model()).expect(409)
    expect(again.body.detail).toBe('Corrane FL-84 is already in your models.')
    expect((await agent.get(`/api/models/${first.id}`).expect(200)).body).toMatchObject({ code: 'FL-84' })
    expect((await agent.get('/api/models').expect(200)).body).toHaveLength(1)
    expect((await agent.get('/api/models?most=0').expect(200)).body).toHaveLength(0)
  })
  it('of another shop may have the same code', async () => {
    const stranger = await w.as('stranger')
    await stranger.post('/api/models').send(model()).expect(201)
  })
  it.each([
    [{ code: '' }, 'code', /rating plate/],
    [{ maker: undefined }, 'maker', /name the maker/],
    [{ family: 'dish washer' }, 'family', /front-loader, top-loader/],
    [{ notes: 'x'.repeat(limits.line + 1) }, 'notes', /500/],
    [{ colour: 'white' }, '', /colour/],
  ])('with %j is refused by path', async (over, path, message) => {
    expect(await problems('/api/models', model({ code: 'X-1', ...over }))).toEqual([
      { path, message: expect.stringMatching(message) },
    ])
  })
})

describe('a unit', () => {
  it('is added to its model by its serial, once', async () => {
    const of = model({ code: 'FL-90' })
    await agent.post('/api/models').send(of).expect(201)
    const unit = { id: randomUUID(), modelId: of.id, serial: '77', stands: 'bay 1' }
    await agent.post('/api/units').send(unit).expect(201)
    await agent
      .post('/api/units')
      .send({ ...unit, id: randomUUID() })
      .expect(409)
    expect((await agent.get(`/api/units?model=${of.id}`).expect(200)).body).toMatchObject([{ serial: '77' }])
    expect((await agent.get(`/api/units/${unit.id}`).expect(200)).body).toMatchObject({ stands: 'bay 1' })
  })
  it('needs a model that is there', async () => {
    await agent
      .post('/api/units')
      .send({ id: randomUUID(), modelId: randomUUID(), serial: '1', stands: '' })
      .expect(404)
    expect(await problems('/api/units', { id: randomUUID(), modelId: 'x', serial: '1', stands: '' })).toMatchObject([
      { path: 'modelId' },
    ])
  })
})

describe('what is asked for in another form', () => {
  it('is not found, or said to be wrong', async () => {
    await agent.get('/api/units/not-an-id').expect(404)
    await agent.get('/api/units?model=1%20OR%201').expect(422)
    await agent.get('/api/jobs?state=maybe').expect(422)
  })
})

describe('the pages', () => {
  it('come with a policy that lets in no other script, and API answers are not kept', async () => {
    const reply = await agent.get('/api/models')
    expect(reply.headers['content-security-policy']).toContain("script-src 'self'")
    expect(reply.headers['cache-control']).toBe('no-store')
    expect(reply.headers['x-powered-by']).toBeUndefined()
    const page = await agent.get('/jobs/anything')
    expect([200, 404]).toContain(page.status)
  })
})
