import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Session, User } from '../entities/index.ts'
import { createAccount } from '../people/accounts.ts'
import { personOf, startSession } from '../people/sessions.ts'
import { password, world, type World } from '../test/world.ts'

let w: World
beforeAll(async () => void (w = await world()))
afterAll(() => w.end())

describe('sign-in', () => {
  it('sets an httpOnly, SameSite cookie; the database holds neither token nor password', async () => {
    const reply = await supertest(w.url).post('/api/session').send({ login: 'LEAD', password }).expect(200)
    expect(reply.body).toMatchObject({ name: 'lead', role: 'lead', shop: 'Quay Street' })
    const [cookie] = reply.get('Set-Cookie')!
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Strict/)
    const token = /dialytica_session=([^;]+)/.exec(cookie!)![1]!
    const { db } = w.running.context
    const sessions = await db.getRepository(Session).find()
    expect(sessions.map(s => s.tokenHash)).not.toContain(token)
    const user = await db.query('SELECT password_hash FROM user WHERE login = ?', ['lead'])
    expect(user[0].password_hash).toMatch(/^\$argon2id\$/)
    expect(await db.getRepository(User).findOneBy({ login: 'lead' })).not.toHaveProperty('passwordHash')
  })

  it('lasts until sign-out', async () => {
    const agent = await w.as('technician')
    await agent.get('/api/session').expect(200)
    await agent.delete('/api/session').expect(204)
    const reply = await agent.get('/api/session').expect(401)
    expect(reply.type).toBe('application/problem+json')
    expect(reply.body).toMatchObject({ type: 'urn:dialytica:problem:signed-out', status: 401 })
  })

  it('refuses a forged token', async () => {
    await supertest(w.url).get('/api/jobs').set('Cookie', 'dialytica_session=forged').expect(401)
  })

  it('says what is missing, with its path', async () => {
    const reply = await supertest(w.url).post('/api/session').send({ login: 'lead' }).expect(422)
    expect(reply.body.problems).toEqual([{ path: 'password', message: 'give your password' }])
  })

  it('pauses after ten wrong passwords, on every server of the shop', async () => {
    const wrong = (port: number) =>
      supertest(`http://127.0.0.1:${port}`).post('/api/session').send({ login: 'guess', password: 'wrong' })
    const second = await w.another()
    for (let i = 0; i < 10; i++) await wrong(i % 2 ? second.port : w.running.port).expect(401)
    const reply = await wrong(second.port).expect(429)
    expect(reply.body.type).toBe('urn:dialytica:problem:too-many')
    await wrong(w.running.port).expect(429)
    await w.as('lead')
  })

  it('lets nobody in as a person of the demo outside demo mode, also not by an older session', async () => {
    const { db } = w.running.context
    const [{ id: shopId }] = await db.query('SELECT id FROM shop LIMIT 1')
    const { id } = await createAccount(db, { shopId, login: 'demo', name: 'demo', role: 'lead', password, demo: true })
    await supertest(w.url).post('/api/session').send({ login: 'demo', password }).expect(401)
    const { token } = await startSession(db, id)
    await w.another()
    expect(await personOf(db, token)).toBeNull()
  })

  it('offers no demo accounts outside demo mode', async () => {
    expect((await supertest(w.url).get('/api/demo-accounts').expect(200)).body).toEqual([])
  })
})

describe('roles', () => {
  it('a viewer reads and does not write', async () => {
    const viewer = await w.as('viewer')
    await viewer.get('/api/jobs').expect(200)
    const reply = await viewer.post('/api/models').send({}).expect(403)
    expect(reply.body.detail).toMatch(/technician/)
  })
})

describe('an address that is not there', () => {
  it('is a problem document', async () => {
    const reply = await supertest(w.url).get('/api/nothing').expect(404)
    expect(reply.body).toMatchObject({ type: 'urn:dialytica:problem:not-found', status: 404 })
  })
  it('says so of a body that is not JSON', async () => {
    const reply = await supertest(w.url)
      .post('/api/session')
      .set('content-type', 'application/json')
      .send('{')
      .expect(400)
    expect(reply.body.type).toBe('urn:dialytica:problem:not-json')
  })
})

describe('health', () => {
  it('tells the version and the state of the database', async () => {
    expect((await supertest(w.url).get('/api/health').expect(200)).body).toMatchObject({
      database: 'up',
      version: expect.stringMatching(/^\d/),
    })
  })
})
