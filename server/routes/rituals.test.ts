import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
let model: string
let job: string
const put = async (body: object) =>
  (await mine.post(`/api/jobs/${job}/events`).send({ events: [made(job, me, 'ritual-kept', body)] })).body as {
    refused?: { message: string }[]
  }
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  const made = await machine(mine)
  model = made.model
  job = randomUUID()
  await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, made.unit)] })
    .expect(200)
})
afterAll(() => w.end())

describe('the rituals of a model', () => {
  const names = async (of: string) =>
    ((await mine.get(`/api/models/${of}/rituals`).expect(200)).body as { name: string; text?: string }[]).map(
      ({ name, text }) => [name, text],
    )
  it('are what its jobs kept, the last word of each name; those of another model and of another shop are not', async () => {
    await put({ name: 'clear it', purpose: 'forget a fault', text: 'hold START 6 s' })
    await put({ name: 'clear it', purpose: 'forget a fault', text: 'hold START 8 s' })
    await put({ name: 'drain', purpose: 'drain', text: 'press DRAIN' })
    await put({ name: 'drain', purpose: 'drain' })
    expect(await names(model)).toEqual([
      ['clear it', 'hold START 8 s'],
      ['drain', undefined],
    ])
    expect(await names((await machine(mine)).model)).toEqual([])
    const stranger = await w.as('stranger')
    await stranger.get(`/api/models/${model}/rituals`).expect(404)
  })
  it('what cannot be read is refused with its place and the reason', async () => {
    const { refused } = await put({ name: 'odd', purpose: 'other', text: 'hold START' })
    expect(refused).toHaveLength(1)
    expect(refused![0]!.message).toContain('at sign 1: say how long it is held')
  })
})
