import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import supertest from 'supertest'
import { linked, linkTo } from '../people/links.ts'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let job: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  const me = await w.personId('lead')
  const { unit } = await machine(mine)
  job = randomUUID()
  const step = {
    id: randomUUID(),
    zone: 'base',
    photos: [],
    marks: [],
    moves: [{ id: randomUUID(), kind: 'exchange', way: 'down', part: { name: 'drain pump' } }],
  }
  const close = { clean: true, cause: 'a hair grip stood in the pump', signedBy: 'M. Okwell' }
  await mine
    .post(`/api/jobs/${job}/events`)
    .send({
      events: [
        openingOf(job, me, unit),
        made(job, me, 'step-recorded', { step }),
        made(job, me, 'proof-done', { trial: 'pump', result: 'passed' }),
        made(job, me, 'job-closed', close),
      ],
    })
    .expect(200)
})
afterAll(() => w.end())

/** Somebody without an account. */
const anybody = () => supertest.agent(w.url)
const pdfFrom = (body: Buffer) => body.subarray(0, 5).toString()

describe('the page for the customer', () => {
  it('is a PDF of one page, for who is of the shop', async () => {
    const { body } = await mine.get(`/api/jobs/${job}/customer.pdf`).buffer(true).expect(200)
    expect(pdfFrom(body as Buffer)).toBe('%PDF-')
    expect((body as Buffer).toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1)
    await (await w.as('stranger')).get(`/api/jobs/${job}/customer.pdf`).expect(404)
    await anybody().get(`/api/jobs/${job}/customer.pdf`).expect(401)
  })
  it('opens by its link and code without an account, and by nothing else', async () => {
    const { body } = await mine.post(`/api/jobs/${job}/links`).send({}).expect(201)
    const { link, code, until } = body as { link: string; code: string; until: string }
    expect(code).toMatch(/^\d{6}$/)
    expect((Date.parse(until) - Date.now()) / 86_400_000).toBeCloseTo(30, 2)
    const anyone = anybody()
    const page = await anyone.post('/api/shared.pdf').send({ link, code }).buffer(true).expect(200)
    expect(pdfFrom(page.body as Buffer)).toBe('%PDF-')
    const other = code === '000000' ? '000001' : '000000'
    const wrong = await anyone.post('/api/shared.pdf').send({ link, code: other }).expect(403)
    expect(wrong.body.detail).toContain('Check the code')
    await anyone
      .post('/api/shared.pdf')
      .send({ link: `${link.slice(0, -2)}AA`, code })
      .expect(403)
    await anyone.post('/api/shared.pdf').send({ link: 'x', code }).expect(403)
    await anyone.post('/api/shared.pdf').send({ link }).expect(422)
    await (await w.as('viewer')).post(`/api/jobs/${job}/links`).send({}).expect(403)
  })
  it('ends after its time', async () => {
    const { db } = w.running.context
    const until = Math.floor(Date.now() / 1000) + 60
    const { link, code } = await linkTo(db, job, until)
    expect(await linked(db, link, code)).toEqual({ job })
    expect(await linked(db, link, code, (until + 1) * 1000)).toBe('over')
    const past = await linkTo(db, job, until - 120)
    const { body } = await anybody().post('/api/shared.pdf').send({ link: past.link, code: past.code }).expect(410)
    expect(body.detail).toContain('new link')
  })
  it('counts wrong codes', async () => {
    const { link, code } = await linkTo(w.running.context.db, job, Math.floor(Date.now() / 1000) + 600)
    const tries = Array.from({ length: 12 }, (_, i) => String((Number(code) + 1 + i) % 1e6).padStart(6, '0'))
    const statuses: number[] = []
    for (const one of tries) statuses.push((await anybody().post('/api/shared.pdf').send({ link, code: one })).status)
    expect(statuses.at(-1)).toBe(429)
  })
})
