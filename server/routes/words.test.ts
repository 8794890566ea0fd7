import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
let job: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  const { unit } = await machine(mine)
  job = randomUUID()
  await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit)] })
    .expect(200)
})
afterAll(() => w.end())

async function teach(word: string, means: string | undefined, at: string): Promise<void> {
  const event = { ...made(job, me, 'word-taught', { word, ...(means && { means }) }), at }
  const { body } = await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [event] })
    .expect(200)
  expect(body.refused).toEqual([])
}
const words = async (who: Agent) =>
  ((await who.get('/api/words').expect(200)).body as { word: string; means?: string }[]).map(({ word, means }) => [
    word,
    means,
  ])

describe('the words of a shop', () => {
  it('are what its jobs taught, of each the last by its time, whenever it came up', async () => {
    await teach('gubbins', 'part', '2031-01-01T10:00:00.000Z')
    await teach('blip', 'release-clips', '2031-01-01T10:05:00.000Z')
    await teach('gubbins', 'look', '2031-01-01T09:00:00.000Z')
    expect(await words(mine)).toEqual([
      ['gubbins', 'part'],
      ['blip', 'release-clips'],
    ])
    await teach('blip', undefined, '2031-01-01T11:00:00.000Z')
    expect(Object.fromEntries(await words(mine))).toEqual({ gubbins: 'part', blip: undefined })
  })
  it('are not those of another shop, and what no word can mean is refused', async () => {
    expect(await words(await w.as('stranger'))).toEqual([])
    const event = made(job, me, 'word-taught', { word: 'x', means: 'nonsense' })
    const { body } = await mine.post(`/api/jobs/${job}/events`).send({ events: [event] })
    expect(body.refused ?? body.problems).toHaveLength(1)
  })
})
