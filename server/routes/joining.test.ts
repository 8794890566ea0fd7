import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { takeInvitation } from '../people/invitations.ts'
import { sha256 } from '../photos/store.ts'
import { machine, made, openingOf, screwStep, world, type Agent, type World } from '../test/world.ts'

let w: World
let desk: Agent
let me: string
const [job, other] = [randomUUID(), randomUUID()]
beforeAll(async () => {
  w = await world()
  desk = await w.as('technician')
  me = await w.personId('technician')
  for (const id of [job, other]) {
    const { unit } = await machine(desk)
    await desk
      .post(`/api/jobs/${id}/events`)
      .send({ events: [openingOf(id, me, unit)] })
      .expect(200)
  }
})
afterAll(() => w.end())

const invited = async () =>
  ((await desk.post(`/api/jobs/${job}/invitations`).send({ hand: 'web-desk' }).expect(201)).body as { code: string })
    .code
async function joined(): Promise<Agent> {
  const phone = supertest.agent(w.url)
  const { body } = await phone
    .post('/api/join')
    .send({ code: await invited() })
    .expect(200)
  expect(body).toMatchObject({ job, hand: 'web-desk', person: { id: me, joined: job } })
  return phone
}
const put = (agent: Agent, hand: string, version: number, body: object) =>
  agent.put(`/api/jobs/${job}/hands/${hand}`).send({ version, step: body })
const step = (over = {}) => ({ id: randomUUID(), photos: [], marks: [], moves: [], ...over })

describe('a device that joins by a code', () => {
  it('records in that job, as the person who invited', async () => {
    const phone = await joined()
    const { body } = await phone
      .post(`/api/jobs/${job}/events`)
      .send({ events: [screwStep(job, me, 2)] })
      .expect(200)
    expect(body.refused).toEqual([])
    await phone.get(`/api/jobs/${job}`).expect(200)
    await phone.get('/api/phrases').expect(200)
  })
  it('comes to no other job, no list, and invites nobody', async () => {
    const phone = await joined()
    await phone.get(`/api/jobs/${other}`).expect(404)
    await phone.get(`/api/jobs/${other}/events`).expect(404)
    await phone
      .post(`/api/jobs/${other}/events`)
      .send({ events: [made(other, me, 'note-added', { text: 'x' })] })
      .expect(404)
    for (const path of ['/api/jobs', '/api/models', '/api/units', '/api/people']) await phone.get(path).expect(403)
    await phone.post(`/api/jobs/${job}/invitations`).send({ hand: 'web-phone' }).expect(403)
  })
  it('is not let in by a code that is over, was used, or was made elsewhere', async () => {
    const { db } = w.running.context
    const join = (code: string) => supertest(w.url).post('/api/join').send({ code })
    const code = await invited()
    expect(await takeInvitation(db, code, new Date(Date.now() + 301_000))).toBeNull()
    await join(code).expect(200)
    await join(code).expect(410)
    for (const bad of [code.slice(0, 10), 'nonsense', `${await invited()}x`]) await join(bad).expect(410)
  })
  it('is one: of several that come with a code at the same moment', async () => {
    const code = await invited()
    const replies = await Promise.all(
      Array.from({ length: 6 }, () => supertest(w.url).post('/api/join').send({ code })),
    )
    expect(replies.map(r => r.status).sort()).toEqual([200, 410, 410, 410, 410, 410])
  })
  it('sees the photos of its job, and of no other', async () => {
    const jpeg = (tone: string) =>
      sharp({ create: { width: 40, height: 30, channels: 3, background: tone } })
        .png()
        .toBuffer()
    const [recorded, held, elsewhere] = await Promise.all(['#211', '#322', '#433'].map(jpeg))
    for (const bytes of [recorded, held, elsewhere])
      await desk
        .put(`/api/photos/${sha256(bytes!)}`)
        .set('content-type', 'image/png')
        .send(bytes)
        .expect(200)
    const shot = (bytes: Buffer) => ({
      hash: sha256(bytes),
      width: 40,
      height: 30,
      takenAt: '2026-01-05T08:00:00.000Z',
    })
    const note = (of: string, bytes: Buffer) => {
      const recording = screwStep(of, me, 1)
      return { ...recording, body: { step: { ...recording.body.step, photos: [shot(bytes)] } } }
    }
    const post = (of: string, event: object) => desk.post(`/api/jobs/${of}/events`).send({ events: [event] })
    const phone = await joined()
    const seen = (bytes: Buffer) => phone.get(`/api/photos/${sha256(bytes)}/thumb`)
    await seen(recorded!).expect(404)
    expect((await post(job, note(job, recorded!)).expect(200)).body.refused).toEqual([])
    expect((await post(other, note(other, elsewhere!)).expect(200)).body.refused).toEqual([])
    await seen(recorded!).expect(200)
    await seen(elsewhere!).expect(404)
    // What a step in hand names says nothing: any device of the job writes that.
    await seen(held!).expect(404)
    await put(phone, 'photos', 0, step({ photos: [shot(held!), shot(elsewhere!)] })).expect(200)
    for (const bytes of [held, elsewhere]) await seen(bytes!).expect(404)
    // What was taken for the job is seen before a step names it, whoever took it; for another job it is not.
    const takenFor = (of: string, bytes: Buffer) =>
      desk
        .put(`/api/photos/${sha256(bytes)}`)
        .query({ job: of })
        .set('content-type', 'image/png')
        .send(bytes)
    await takenFor(other, elsewhere!).expect(200)
    await takenFor(job, held!).expect(200)
    await seen(elsewhere!).expect(404)
    await seen(held!).expect(200)
    const own = await jpeg('#544')
    await phone
      .put(`/api/photos/${sha256(own)}`)
      .query({ job: other })
      .set('content-type', 'image/png')
      .send(own)
    await seen(own).expect(200)
    await desk.get(`/api/photos/${sha256(elsewhere!)}/thumb`).expect(200)
  })
  it('stays who it is where somebody of the shop is signed in on it; a stranger to the shop joins as who invited', async () => {
    const [mate, stranger] = [await w.as('lead'), await w.as('stranger')]
    const join = async (agent: Agent) =>
      (
        await agent
          .post('/api/join')
          .send({ code: await invited() })
          .expect(200)
      ).body as { person: object }
    expect((await join(mate)).person).toMatchObject({ id: await w.personId('lead'), joined: null })
    expect((await join(stranger)).person).toMatchObject({ id: me, joined: job })
    await stranger.get('/api/models').expect(403)
  })
  it('is let in by another server of the same database', async () => {
    const second = await w.another()
    const code = await invited()
    await supertest(`http://127.0.0.1:${second.port}`).post('/api/join').send({ code }).expect(200)
  })
  it('needs a technician to invite it', async () => {
    await (await w.as('viewer')).post(`/api/jobs/${job}/invitations`).send({ hand: 'web-x' }).expect(403)
    await desk.post(`/api/jobs/${job}/invitations`).send({ hand: 'a b' }).expect(422)
  })
})

describe('a step in two hands', () => {
  it('is taken where it follows what was seen, else what stands is returned', async () => {
    const phone = await joined()
    const first = step({ zone: 'top' })
    expect((await desk.get(`/api/jobs/${job}/hands/one`).expect(200)).body).toEqual({ version: 0, step: null })
    expect((await put(desk, 'one', 0, first).expect(200)).body).toEqual({ taken: true, version: 1 })
    expect((await put(phone, 'one', 0, step()).expect(200)).body).toEqual({ taken: false, version: 1, step: first })
    const second = { ...first, title: 'hatch' }
    expect((await put(phone, 'one', 1, second).expect(200)).body).toEqual({ taken: true, version: 2 })
    expect((await desk.get(`/api/jobs/${job}/hands/one`).expect(200)).body).toEqual({ version: 2, step: second })
  })
  it('is taken from one of two that put at the same moment', async () => {
    const puts = await Promise.all(Array.from({ length: 6 }, () => put(desk, 'race', 0, step())))
    expect(puts.filter(p => p.body.taken)).toHaveLength(1)
    expect(new Set(puts.map(p => p.body.version))).toEqual(new Set([1]))
  })
  it('must be a step', async () => {
    await put(desk, 'one', 2, { id: 'x' }).expect(422)
  })
  it('comes to the other device by the stream, also through another server', async () => {
    const second = await w.another()
    const cookie = (
      await supertest(w.url)
        .post('/api/join')
        .send({ code: await invited() })
    ).headers['set-cookie']![0]!
    const stop = new AbortController()
    const reply = await fetch(`http://127.0.0.1:${second.port}/api/jobs/${job}/stream`, {
      headers: { cookie: cookie.split(';')[0]! },
      signal: stop.signal,
    })
    await put(desk, 'streamed', 0, step({ title: 'under the lid' })).expect(200)
    let heard = ''
    const reader = reply.body!.pipeThrough(new TextDecoderStream()).getReader()
    while (!/event: hand\ndata: \{"hand":"streamed".*under the lid/.test(heard))
      heard += (await reader.read()).value ?? ''
    stop.abort()
    expect(heard).toContain('"version":1')
  })
})
