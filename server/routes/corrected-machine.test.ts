import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
let me: string
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  me = await w.personId('technician')
})
afterAll(() => w.end())

const post = (job: string, ...events: object[]) => agent.post(`/api/jobs/${job}/events`).send({ events })
const corrected = (job: string, unit: string, family = 'front-loader') =>
  made(job, me, 'machine-corrected', { unit, family, was: 'Corrane KW 2750' })

it('a job goes over to the right machine, with what it said of its model; what it was taken for stays in its log', async () => {
  const [wrong, right] = [await machine(agent), await machine(agent)]
  const job = randomUUID()
  const code = made(job, me, 'code-kept', { code: 'E20', says: 'drain' })
  await post(job, openingOf(job, me, wrong.unit), code).expect(200)
  expect((await agent.get(`/api/models/${wrong.model}/codes`)).body).toHaveLength(1)

  const { body } = await post(job, corrected(job, right.unit)).expect(200)
  expect(body.refused).toEqual([])
  const card = (await agent.get(`/api/jobs/${job}`).expect(200)).body
  expect([card.unit.id, card.model.id, card.summary.unit]).toEqual([right.unit, right.model, right.unit])
  expect((await agent.get(`/api/models/${wrong.model}/codes`)).body).toEqual([])
  expect((await agent.get(`/api/models/${right.model}/codes`)).body).toHaveLength(1)
  const log = (await agent.get(`/api/jobs/${job}/events`)).body as {
    kind: string
    body: { unit?: string; was?: string }
  }[]
  expect(log[0]!.body.unit).toBe(wrong.unit)
  expect(log.at(-1)!.body.was).toBe('Corrane KW 2750')
})

it('a machine of another shop, of no shop, or of another kind is refused, and the job stays where it was', async () => {
  const own = await machine(agent)
  const job = randomUUID()
  await post(job, openingOf(job, me, own.unit)).expect(200)
  const right = await machine(agent)
  for (const event of [corrected(job, randomUUID()), corrected(job, right.unit, 'top-loader')]) {
    const { body } = await post(job, event).expect(200)
    expect(body.refused).toMatchObject([{ id: event.id, code: 102 }])
  }
  expect((await agent.get(`/api/jobs/${job}`)).body.unit.id).toBe(own.unit)
})
