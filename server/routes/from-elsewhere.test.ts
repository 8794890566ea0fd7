import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
beforeAll(async () => {
  w = await world()
  mine = await w.as('technician')
})
afterAll(() => w.end())

const model = () => ({ id: randomUUID(), maker: 'Corrane', code: randomUUID(), family: 'front-loader', notes: '' })
const add = (headers: Record<string, string>) => mine.post('/api/models').set(headers).send(model())

it('a page of another address changes nothing with the session of a browser, and signs nobody in', async () => {
  const elsewhere: Record<string, string>[] = [
    { 'sec-fetch-site': 'cross-site' },
    { 'sec-fetch-site': 'same-site' },
    { 'sec-fetch-site': 'none' },
    { origin: 'http://elsewhere.example' },
    { origin: 'http://127.0.0.1:1' },
    { origin: 'null' },
  ]
  for (const headers of elsewhere)
    expect((await add(headers).expect(403)).body).toMatchObject({ type: 'urn:dialytica:problem:not-allowed' })
  const form = { login: 'technician', password: 'ten letters or more' }
  await mine.post('/api/session').set('origin', 'http://elsewhere.example').send(form).expect(403)
})

it('the application itself, and what is no browser, go on as before; a link from elsewhere opens', async () => {
  await add({ 'sec-fetch-site': 'same-origin' }).expect(201)
  await add({ origin: `http://127.0.0.1:${w.running.port}` }).expect(201)
  await add({}).expect(201)
  await mine.get('/api/models').set('sec-fetch-site', 'cross-site').expect(200)
})

it('an event with a field of no form is refused by its name, and what came with it is kept', async () => {
  const me = await w.personId('technician')
  const { unit } = await machine(mine)
  const job = randomUUID()
  const photo = { hash: 'a'.repeat(64), width: 40, height: 30, takenAt: '2026-01-05T08:00:00.000Z' }
  const bad = made(job, me, 'part-photographed', {
    ...{ part: 'drain pump', which: 'old', photo },
    known: { is: 'card', mm: null, at: [{ x: 0.1, y: 0.1 }] },
  })
  const good = made(job, me, 'note-added', { text: 'the owner waits' })
  const { body } = await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit), bad, good] })
    .expect(200)
  expect((body as { refused: { id: string }[] }).refused.map(r => r.id)).toEqual([bad.id])
  expect((body as { accepted: { id: string }[] }).accepted.map(a => a.id)).toContain(good.id)
})
