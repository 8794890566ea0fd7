import { randomUUID } from 'node:crypto'
import { readdir, rm } from 'node:fs/promises'
import { connect as connectTo } from 'node:net'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import sharp from 'sharp'
import supertest from 'supertest'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { limits } from '@dialytica/core/schema'
import { dice } from '../../core/test/dice.ts'
import { bodyOf, spoilt } from '../../core/test/hostile-body.ts'
import { errorForLog } from '../app.ts'
import { readConfig } from '../config.ts'
import { photoFile, sha256 } from '../photos/store.ts'
import { serve } from '../server.ts'
import { emptyWorld, machine, made, openingOf, screwStep, world, type Agent, type World } from '../test/world.ts'
import { health } from './health.ts'

type Json = Record<string, unknown>
let w: World
let agent: Agent
let me: string
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  me = await w.personId('technician')
})
// Tries that an earlier test has used up are not counted against the next one.
beforeEach(() => w.running.context.db.query('DELETE FROM attempt'))
afterAll(() => w.end())

const alive = async () => expect((await supertest(w.url).get('/api/health')).body).toMatchObject({ database: 'up' })
async function opened(code?: string): Promise<string> {
  const job = randomUUID()
  const unit = code ? await named(code) : (await machine(agent)).unit
  await agent
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit)] })
    .expect(200)
  return job
}
/** A unit whose model and serial have a name of any signs. */
async function named(code: string): Promise<string> {
  const [model, unit] = [randomUUID(), randomUUID()]
  await agent
    .post('/api/models')
    .send({ id: model, maker: 'Corrane', code, family: 'front-loader', notes: '' })
    .expect(201)
  await agent.post('/api/units').send({ id: unit, modelId: model, serial: code, stands: '' }).expect(201)
  return unit
}
const post = (job: string, events: unknown[]) => agent.post(`/api/jobs/${job}/events`).send({ events })

describe('bodies that nobody would type', () => {
  it('are answered by what is wrong with them, 1,200 of them from the schemas of every address', async () => {
    const document = (await supertest(w.url).get('/api/openapi.json')).body as {
      paths: Record<string, Record<string, { requestBody?: { content: Record<string, { schema: Json }> } }>>
      components: { schemas: Record<string, Json> }
    }
    const job = await opened()
    const chance = dice(20261125)
    const below = (n: number) => chance.int(0, n - 1)
    const takers = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.entries(methods).flatMap(([method, { requestBody }]) => {
        const schema = requestBody?.content['application/json']?.schema
        return schema ? [{ method, path, schema }] : []
      }),
    )
    expect(takers.length).toBeGreaterThan(5)
    const refs = document.components.schemas
    const event = (): unknown => ({ ...(bodyOf(refs.event!, refs, below) as Json), job, actor: me })
    const seen = new Map<number, number>()
    for (let n = 0; n < 1200; n += 1) {
      // Every other one is a batch of events: there most is written.
      const { method, path, schema } =
        n % 2 ? takers.find(t => t.path.endsWith('/events'))! : takers[below(takers.length)]!
      const good = path.endsWith('/events') ? { events: [event(), event()] } : bodyOf(schema, refs, below)
      const address = path
        .replace('{job}', job)
        .replace('{hand}', 'hand')
        .replace(/\{\w+\}/g, randomUUID())
      const text = JSON.stringify(spoilt(good, below)).replace(/1e\+300/g, '1e309')
      const { status, body, type } = await agent[method as 'post'](address)
        .set('content-type', 'application/json')
        .send(text)
      seen.set(status, (seen.get(status) ?? 0) + 1)
      if (status >= 500) throw new Error(`${status} for ${method} ${address}: ${text.slice(0, 600)}`)
      if (status >= 400) expect(type).toBe('application/problem+json')
      expect(JSON.stringify(body).length).toBeLessThan(200_000)
    }
    expect(seen.get(422) ?? 0).toBeGreaterThan(100)
    expect(seen.get(200) ?? 0).toBeGreaterThan(100)
    await alive()
    // Whatever got in: the job opens, is listed, summarised and printed.
    await agent.get('/api/jobs').expect(200)
    await agent.get(`/api/jobs/${job}/events`).expect(200)
    await agent.get(`/api/jobs/${job}/record.pdf`).expect(200)
    await agent.get(`/api/jobs/${job}/record.json`).expect(200)
    await agent.get('/api/phrases').expect(200)
  })

  it('of a size that no hand reaches are refused by their size, before they are looked at', async () => {
    const job = await opened()
    const step = screwStep(job, me, 1)
    const with_ = (fields: object) => ({ ...step, id: randomUUID(), body: { step: { ...step.body.step, ...fields } } })
    const zeros = (n: number) => Array(n).fill(0)
    const { body } = await post(job, [with_({ moves: zeros(1_000_000) }), step]).expect(200)
    expect(body.accepted).toHaveLength(1)
    expect(body.refused).toEqual([expect.objectContaining({ message: expect.stringMatching(/can hold 60/) })])
    const marks = (await post(job, [with_({ marks: Array(400_000).fill({}) })]).expect(200)).body
    expect(marks.refused[0].message).toMatch(/can hold 300/)
    await post(job, [with_({ marks: zeros(3_000_000) })]).expect(413)
    await supertest(w.url)
      .post('/api/join')
      .send({ code: zeros(4_000_000) })
      .expect(413)
    await supertest(w.url)
      .post('/api/session')
      .send({ login: 'x'.repeat(1e6), password: 'x' })
      .expect(413)
    await alive()
  })

  it('of nobody are not read: the answer comes before the first byte of a photo', async () => {
    const { hostname, port } = new URL(w.url)
    const answers = await Promise.all(
      Array.from(
        { length: 40 },
        () =>
          new Promise<string>((done, fail) => {
            const socket = connectTo(Number(port), hostname, () =>
              socket.write(
                `PUT /api/photos/${'a'.repeat(64)} HTTP/1.1\r\nhost: x\r\ncontent-type: image/jpeg\r\ncontent-length: ${24 * 1024 * 1024}\r\n\r\n`,
              ),
            )
            socket.once('data', data => {
              done(String(data).split('\r\n')[0]!)
              socket.destroy()
            })
            socket.once('error', fail)
          }),
      ),
    )
    expect(new Set(answers)).toEqual(new Set(['HTTP/1.1 401 Unauthorized']))
  })
})

describe('one bad event', () => {
  it.each<[string, (job: string) => unknown]>([
    ['an id that is no text', job => ({ ...screwStep(job, me, 1), id: { toString: null } })],
    ['an impossible moment', job => ({ ...screwStep(job, me, 1), at: '2026-02-30T08:00:00.000Z' })],
    ['an impossible day', job => made(job, me, 'phase-changed', { phase: 'bench', due: '2026-99-99T08:00:00.000Z' })],
    ['a debt without end', job => made(job, me, 'check-done', { check: 'x', passed: true, debt: 'x'.repeat(60_000) })],
    [
      'three thousand lists in each other',
      job => ({ ...screwStep(job, me, 1), body: JSON.parse('['.repeat(3000) + ']'.repeat(3000)) as unknown }),
    ],
    ['nothing', () => null],
  ])('never holds back its neighbours: %s', async (_, bad) => {
    const job = await opened()
    const [one, two] = [screwStep(job, me, 1), screwStep(job, me, 2)]
    const { body } = await post(job, [one, bad(job), two]).expect(200)
    expect(body.accepted.map((a: { id: string }) => a.id)).toEqual([one.id, two.id])
    expect(body.refused).toHaveLength(1)
    await agent.get('/api/jobs?state=open').expect(200)
  })

  it('with the rank of another step is put beside it; a photo on a step without moves is printed', async () => {
    const job = await opened()
    const [one, two] = [screwStep(job, me, 1), screwStep(job, me, 2)]
    const bare = made(job, me, 'step-recorded', { step: { id: randomUUID(), photos: [], marks: [], moves: [] } })
    const same = (step: string) => made(job, me, 'step-reordered', { step, rank: 'm' })
    const photo = { hash: 'a'.repeat(64), width: 9, height: 6, takenAt: '2026-01-05T08:00:00.000Z' }
    const later = made(job, me, 'photo-added', { step: bare.body.step.id, photo })
    const events = [one, two, bare, same(one.body.step.id), same(two.body.step.id), later]
    expect((await post(job, events).expect(200)).body.refused).toEqual([])
    await agent.get(`/api/jobs/${job}/record.pdf`).expect(200)
  })
})

describe('what is asked again and again', () => {
  it('twelve sheets, and a thirteenth of another shop, come out alike', async () => {
    const job = await opened()
    for (let n = 0; n < 12; n += 1) await agent.get(`/api/jobs/${job}/record.pdf`).expect(200)
    const stranger = await w.as('stranger')
    const own = randomUUID()
    const { unit } = await machine(stranger)
    const opening = openingOf(own, await w.personId('stranger'), unit)
    await stranger
      .post(`/api/jobs/${own}/events`)
      .send({ events: [opening] })
      .expect(200)
    await stranger.get(`/api/jobs/${own}/record.pdf`).expect(200)
  })

  it('a login is one however it is padded or written; its tries are counted and swept', async () => {
    const { db } = w.running.context
    const wrong = (login: string) => supertest(w.url).post('/api/session').send({ login, password: 'wrong' })
    const forms = ['padded', ' padded', 'padded\t', '\tPADDED ', 'ｐadded']
    for (let n = 0; n < 10; n += 1) await wrong(forms[n % forms.length]!).expect(401)
    for (const login of forms) await wrong(login).expect(429)
    await db.query("UPDATE attempt SET resets_at = '2020-01-01'")
    await wrong('somebody').expect(401)
    const [{ n }] = (await db.query("SELECT COUNT(*) AS n FROM attempt WHERE resets_at < '2021-01-01'")) as [
      { n: string },
    ]
    expect(Number(n)).toBe(0)
  })

  it('codes to join by are counted too', async () => {
    const join_ = () => supertest(w.url).post('/api/join').send({ code: 'AAAA' })
    for (let n = 0; n < 30; n += 1) await join_().expect(410)
    await join_().expect(429)
  })
})

describe('a request that its sender can mend', () => {
  it('is 4xx: a malformed address, range, condition, charset, packing, an Ω in a file name', async () => {
    const job = await opened('Ω-70 – “x”')
    const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#456' } })
      .jpeg()
      .toBuffer()
    const photo = `/api/photos/${sha256(bytes)}`
    await agent.put(photo).set('content-type', 'image/jpeg').send(bytes).expect(200)
    await agent.get('/api/jobs/%E0%A4%A').expect(400)
    await agent.get(`${photo}/thumb`).set('range', 'bytes=900000-').expect(416)
    await agent.get(`${photo}/thumb`).set('if-match', '"other"').expect(412)
    const form = () => agent.post('/api/models')
    await form().set('content-type', 'application/json; charset=klingon').send('{}').expect(415)
    await form().set('content-type', 'application/json').set('content-encoding', 'gzip').send('no gzip').expect(400)
    await form().set('content-type', 'application/json').set('content-encoding', 'rar').send('{}').expect(415)
    const bomb = gzipSync(Buffer.alloc(8_000_000, 0x20))
    await form()
      .set('content-type', 'application/json')
      .set('content-encoding', 'gzip')
      .serialize(b => b as never)
      .send(bomb)
      .expect(413)
    for (const file of ['record.pdf', 'record.json']) {
      const reply = await agent.get(`/api/jobs/${job}/${file}`).expect(200)
      expect(reply.headers['content-disposition']).toMatch(/filename\*=UTF-8''(record|job)-%CE%A9-70/)
    }
  })

  it('is taken or refused, never failed: a new hand with a version, an import with a long name', async () => {
    const job = await opened()
    const step = { id: randomUUID(), photos: [], marks: [], moves: [] }
    const put = await agent.put(`/api/jobs/${job}/hands/one`).send({ version: 7, step }).expect(200)
    expect(put.body).toEqual({ taken: false, version: 0, step: null })
    const record = (await agent.get(`/api/jobs/${job}/record.json`).expect(200)).body as Json & { machine: Json }
    const long = { ...record, machine: { ...record.machine, code: 'x'.repeat(200) } }
    const reply = await agent.post('/api/records').send(long).expect(422)
    expect(reply.body.problems).toEqual([expect.objectContaining({ path: 'machine.code' })])
  })
})

describe('a log that is full', () => {
  it('still opens and can be closed', async () => {
    const job = await opened()
    const owed = Array.from({ length: 900 }, (_, i) => `${randomUUID()}/${i % 100}`)
    const gate = () => made(job, me, 'gate-passed', { step: randomUUID(), owed, reason: 'x' })
    const size = JSON.stringify(gate().body).length
    const batch = Math.floor((limits.batchBytes * 0.95) / (size + 300))
    for (let left = Math.ceil(limits.logSize / size); left > 0; left -= batch)
      await post(job, Array.from({ length: Math.min(left, batch) }, gate)).expect(200)
    const over = (await post(job, [gate()]).expect(200)).body
    expect(over.refused[0].message).toMatch(/log is full/)
    expect((await post(job, [made(job, me, 'job-closed', { clean: true })]).expect(200)).body.refused).toEqual([])
    expect((await agent.get(`/api/jobs/${job}`).expect(200)).body.closedAt).not.toBeNull()
  })
})

describe('a photo', () => {
  const picture = (n: number) => sharp({ create: { width: 400 + n, height: 300, channels: 3, background: '#678' } })
  const put = (bytes: Buffer) =>
    agent
      .put(`/api/photos/${sha256(bytes)}`)
      .set('content-type', 'image/jpeg')
      .send(bytes)

  it('sent ten times at once is taken in ten times, and lies there once', async () => {
    for (let round = 0; round < 5; round += 1) {
      const bytes = await picture(round).jpeg().toBuffer()
      await Promise.all(Array.from({ length: 10 }, () => put(bytes).expect(200)))
    }
    const files = await readdir(join(w.running.context.config.data, 'photos'), { recursive: true })
    expect(files.filter(f => f.endsWith('.part'))).toEqual([])
  })
  it('of the AVIF kind is taken in as the documents say', async () => {
    await put(await picture(20).avif().toBuffer()).expect(200)
  })
  it('whose file is gone is healed by the same bytes', async () => {
    const bytes = await picture(30).jpeg().toBuffer()
    const { hash } = (await put(bytes).expect(200)).body as { hash: string }
    const { shopId } = (await agent.get('/api/session')).body as { shopId: string }
    await rm(photoFile(w.running.context.config.data, shopId, hash, 'stage'))
    await agent.get(`/api/photos/${hash}/stage`).expect(404)
    await put(bytes).expect(200)
    await agent.get(`/api/photos/${hash}/stage`).expect(200)
  })
})

describe('a server', () => {
  it('that starts beside another on an empty database waits for it', async () => {
    const empty = await emptyWorld()
    const both = await Promise.all([1, 2, 3].map(() => serve(readConfig(empty.environment))))
    for (const running of both) await running.stop()
    await empty.end()
  })
  it('says that its database is silent instead of waiting for it', async () => {
    const frozen = { query: () => new Promise(() => undefined) }
    let status = 0
    const res = { status: (s: number) => void (status = s) }
    const said = await health.answer({ db: frozen, version: '1', config: { demo: false } } as never, { res } as never)
    expect([status, said]).toEqual([503, expect.objectContaining({ database: 'down' })])
  })
  it('writes down what failed, and nothing of what somebody sent', () => {
    const failed = Object.assign(new Error("Duplicate entry 'secret' for key"), {
      name: 'QueryFailedError',
      code: 'ER_DUP_ENTRY',
      errno: 1062,
      sql: "INSERT INTO user VALUES ('secret')",
      parameters: ['secret'],
    })
    const line = JSON.stringify(errorForLog(failed))
    expect(line).toContain('ER_DUP_ENTRY')
    expect(line).toContain('hostile.test.ts')
    expect(line).not.toContain('secret')
    expect(JSON.stringify(errorForLog(new TypeError('x is not a function')))).toContain('x is not a function')
  })
})
