import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { Event, Said } from '../entities/index.ts'
import { ShopForYears1764800000000 } from '../migrations/1764800000000-shop-for-years.ts'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'
import { askedOfShop } from './said.ts'

let w: World
let mine: Agent
let me: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
})
afterAll(() => w.end())

/** Where everything stands that is asked of a shop and was not taken back, read from all logs. */
async function read(): Promise<string[]> {
  const events = await w.running.context.db.getRepository(Event).find()
  const gone = new Set(
    events.flatMap(e => (e.kind === 'entry-withdrawn' ? [`${e.jobId} ${(e.body as { entry: string }).entry}`] : [])),
  )
  return events
    .filter(e => (askedOfShop as readonly string[]).includes(e.kind) && !gone.has(`${e.jobId} ${e.id}`))
    .map(e => `${e.kind} ${e.jobId} ${e.seq} ${e.id}`)
    .sort()
}
const kept = async () =>
  (await w.running.context.db.getRepository(Said).find()).map(s => `${s.kind} ${s.jobId} ${s.seq} ${s.id}`).sort()

it('what is asked of a shop is kept by where it stands; what is taken back goes; logs from before come in with the tables', async () => {
  for (let i = 0; i < 2; i++) {
    const { unit } = await machine(mine)
    const job = randomUUID()
    const say = (kind: string, body: object) => made(job, me, kind, body)
    const word = say('word-taught', { word: `wozzle ${i}`, means: 'part' })
    const set = say('shop-set', { setting: 'rate', value: String(50 + i) })
    const note = say('note-added', { text: 'the front edge is sharp' })
    const events = [openingOf(job, me, unit), word, set, note]
    const { body } = await mine.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
    expect((body as { refused: unknown[] }).refused).toEqual([])
    const back = [word.id, ...(i ? [note.id] : [])].map(entry => say('entry-withdrawn', { entry }))
    await mine.post(`/api/jobs/${job}/events`).send({ events: back }).expect(200)
    // Sent once more, it is there once.
    await mine.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  }
  expect(await kept()).toEqual(await read())
  expect((await kept()).map(k => k.split(' ')[0])).toEqual(['shop-set', 'shop-set'])

  const runner = w.running.context.db.createQueryRunner()
  const migration = new ShopForYears1764800000000()
  await migration.down(runner)
  await migration.up(runner)
  await runner.release()
  expect(await kept()).toEqual(await read())
  expect((await mine.get('/api/settings').expect(200)).body).toMatchObject([{ setting: 'rate', value: '51' }])
  expect((await mine.get('/api/words').expect(200)).body).toEqual([])
})
