import { foldAll } from '@dialytica/core/log'
import { phrasesOf, type ShopPhrase } from '@dialytica/core/quick-line'
import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { Event, Job } from '../entities/index.ts'
import { eventOf } from '../joblog/states.ts'
import { filled } from '../test/filled.ts'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  await filled(w, 'lead', { models: 2, units: 3, jobs: 6, steps: 20 })
})
afterAll(() => w.end())

const inOrder = (all: readonly ShopPhrase[]) =>
  [...all].sort((a, b) => b.times - a.times || (a.text < b.text ? -1 : 1)).map(p => `${p.times} ${p.text}`)
const told = async (who = mine) => {
  await w.running.context.reader.settled()
  return inOrder((await who.get('/api/phrases').expect(200)).body as ShopPhrase[])
}
/** The words of all steps that stand in the jobs of the shop, read from their logs. */
async function read(): Promise<string[]> {
  const { db } = w.running.context
  const moves = []
  for (const { id } of await db.getRepository(Job).find()) {
    const log = (await db.getRepository(Event).find({ where: { jobId: id }, order: { seq: 'ASC' } })).map(eventOf)
    const { state } = foldAll(log)
    moves.push(...state.order.toArray().flatMap(step => state.steps.get(step)!.moves))
  }
  return inOrder(phrasesOf(moves).slice(0, 400))
}
const part = (name: string) => ({ id: randomUUID(), kind: 'remove-part', way: 'down', part: { name } })

it('the words of a shop are those that its steps stand with: recorded, corrected, struck; of nobody else', async () => {
  expect((await told()).length).toBeGreaterThan(5)
  expect(await told()).toEqual(await read())
  const { unit } = await machine(mine)
  const job = randomUUID()
  const send = async (...events: object[]) => {
    const { body } = await mine.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
    expect((body as { refused: unknown[] }).refused).toEqual([])
  }
  const step = { id: randomUUID(), photos: [], marks: [], moves: [part('wozzle bracket'), part('wozzle bracket')] }
  await send(openingOf(job, me, unit), made(job, me, 'step-recorded', { step }))
  expect(await told()).toContain('2 wozzle bracket')
  const now = { ...step, moves: [step.moves[0]!, { ...step.moves[1]!, part: { name: 'Wozzle bracket' } }] }
  await send(made(job, me, 'step-amended', { step: now }))
  expect(await told()).toEqual(expect.arrayContaining(['1 wozzle bracket', '1 Wozzle bracket']))
  expect(await told()).toEqual(await read())
  await send(made(job, me, 'step-struck', { step: step.id, reason: 'another machine' }))
  expect((await told()).join()).not.toContain('ozzle')
  expect(await told()).toEqual(await read())
  expect(await told(await w.as('stranger'))).toEqual([])
})

it('words of jobs from before are read in at the next start, and again change nothing', async () => {
  const { db, reader } = w.running.context
  const before = await told()
  await db.query('DELETE FROM phrase')
  await db.query('DELETE FROM phrases_of_job')
  await db.query('UPDATE search_source SET edition = 1')
  await reader.catchUp()
  expect(await told()).toEqual(before)
  await db.query('UPDATE search_source SET edition = 1')
  await reader.catchUp()
  expect(await told()).toEqual(before)
})
