import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { sha256 } from '../photos/store.ts'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'
import { routes } from './index.ts'

/** Every address of one shop, asked by a lead of another. */
let w: World
let mine: Agent
let stranger: Agent
const ids: Record<string, string> = {}
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  stranger = await w.as('stranger')
  const me = await w.personId('lead')
  Object.assign(ids, await machine(mine), { job: randomUUID(), size: 'thumb', hand: 'web-1' })
  await mine
    .post(`/api/jobs/${ids.job}/events`)
    .send({ events: [openingOf(ids.job!, me, ids.unit!)] })
    .expect(200)
  const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#456' } })
    .png()
    .toBuffer()
  ids.thing = String(((await mine.get('/api/search?words=Corrane')).body as { thing: number }[])[0]!.thing)
  ids.hash = sha256(bytes)
  await mine.put(`/api/photos/${ids.hash}`).set('content-type', 'image/png').send(bytes).expect(200)
})
afterAll(() => w.end())

const filled = (path: string) => path.replace(/\{(\w+)\}/g, (_, name: string) => ids[name]!)
const named = routes.filter(r => r.params && r.method === 'get')

describe('a person of another shop', () => {
  it.each(named.map(r => [r.path]))('gets 404 for %s', async path => {
    expect((await stranger.get(filled(path)).expect(404)).body.type).toBe('urn:dialytica:problem:not-found')
  })

  it.each(named.filter(r => !r.path.endsWith('/stream')).map(r => [r.path]))(
    'while its own shop gets 200 for %s',
    async path => {
      await mine.get(filled(path)).expect(200)
    },
  )

  it('cannot append to the job, nor open one on the unit, nor add a unit to the model', async () => {
    const them = await w.personId('stranger')
    const post = (job: string, event: object) => stranger.post(`/api/jobs/${job}/events`).send({ events: [event] })
    await post(ids.job!, made(ids.job!, them, 'note-added', { text: 'hello' })).expect(404)
    await post(ids.job!, openingOf(ids.job!, them, ids.unit!)).expect(404)
    const other = randomUUID()
    await post(other, openingOf(other, them, ids.unit!)).expect(404)
    await stranger
      .post('/api/units')
      .send({ id: randomUUID(), modelId: ids.model, serial: '1', stands: '' })
      .expect(404)
  })

  it('sees nothing of it in any list', async () => {
    for (const list of routes.filter(
      r => r.method === 'get' && !r.params && r.who === 'viewer' && r.path !== '/api/session',
    )) {
      const seen = JSON.stringify((await stranger.get(list.path).expect(200)).body)
      for (const id of [ids.job, ids.model, ids.unit]) expect(seen).not.toContain(id)
    }
    expect((await stranger.get(`/api/units?model=${ids.model}`).expect(200)).body).toEqual([])
  })
})

describe('nobody', () => {
  it.each(routes.filter(r => r.who !== 'anyone').map(r => [r.method, r.path] as const))(
    'gets 401 for %s %s',
    async (method, path) => {
      const reply = await fetch(w.url + filled(path), { method: method.toUpperCase() })
      expect(reply.status).toBe(401)
    },
  )
})
