import { randomUUID } from 'node:crypto'
import type { Member } from '@dialytica/core/wire'
import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, openingOf, password, screwStep, world, type Agent, type World } from '../test/world.ts'

/** Who may do what after each change: asked over HTTP, with a stream open all the while, through another server than the one that changes it. */
let w: World
let lead: Agent
let elsewhere: string
const job = randomUUID()
beforeAll(async () => {
  w = await world()
  lead = await w.as('lead')
  elsewhere = `http://127.0.0.1:${(await w.another()).port}`
  const me = await w.personId('lead')
  const { unit } = await machine(lead)
  await lead
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit)] })
    .expect(200)
})
afterAll(() => w.end())

interface Somebody {
  id: string
  login: string
  /** Signs in on one more device. */
  signIn(word?: string, status?: number): Promise<Agent>
}
let made = 0
const chosen = 'chosen by themselves'
/** A person whom the lead added, and who chose their password. */
async function somebody(role: 'viewer' | 'technician' | 'lead' = 'technician'): Promise<Somebody> {
  const login = `person-${(made += 1)}`
  const { body } = await lead.post('/api/team').send({ name: login, login, role }).expect(201)
  await supertest(w.url).post('/api/welcome').send({ login, code: body.code, password: chosen }).expect(200)
  return {
    id: body.person as string,
    login,
    async signIn(word = chosen, status = 200) {
      const agent = supertest.agent(elsewhere)
      await agent
        .post('/api/session')
        .send({ login, password: word, device: `web-${login}` })
        .expect(status)
      return agent
    },
  }
}
/** The job's stream as an agent gets it: what came of it so far, and when it ended. */
async function streamOf(agent: Agent) {
  const { cookies } = (await agent.get('/api/session').expect(200)).request as unknown as { cookies: string }
  const reply = await fetch(`${elsewhere}/api/jobs/${job}/stream`, { headers: { cookie: cookies } })
  expect(reply.status).toBe(200)
  const stream = { text: '', ended: Promise.resolve() }
  stream.ended = (async () => {
    for await (const chunk of reply.body!.pipeThrough(new TextDecoderStream())) stream.text += chunk
  })()
  return stream
}
/** A phone that joined the job by a code of an agent. */
async function phoneOf(agent: Agent): Promise<Agent> {
  const { body } = await agent.post(`/api/jobs/${job}/invitations`).send({ hand: 'web-desk' }).expect(201)
  const phone = supertest.agent(elsewhere)
  await phone.post('/api/join').send({ code: body.code, device: 'web-phone' }).expect(200)
  return phone
}
const asks = { look: '/api/jobs', people: '/api/team' }
/** What an agent may: look at the shop, record in the job, keep the shop. */
async function may(agent: Agent, as: string): Promise<string> {
  const look = (await agent.get(asks.look)).status === 200
  const record = (await agent.post(`/api/jobs/${job}/events`).send({ events: [screwStep(job, as, 1)] })).status === 200
  const keep = (await agent.get(asks.people)).status === 200
  return [look && 'look', record && 'record', keep && 'keep'].filter(Boolean).join(' ') || 'nothing'
}

describe('a change of a person takes effect at once, on every device and in every stream', () => {
  interface Case {
    change: string
    does: (p: Somebody, here: Agent) => Promise<unknown>
    /** What they may then: on the device that changed it, on another, on the phone that joined from there, and whether signing in goes. */
    then: { here: string; there: string; phone: string; signIn: string }
  }
  const put = (p: Somebody, body: object) => lead.put(`/api/team/${p.id}`).send(body).expect(204)
  const end = 'nothing'
  const cases: Case[] = [
    {
      change: 'signs out here',
      does: (_, here) => here.delete('/api/session').expect(204),
      then: { here: end, there: 'look record', phone: 'record', signIn: 'goes' },
    },
    {
      change: 'chooses another password',
      does: (_, here) =>
        here.put('/api/session/password').send({ current: chosen, password: 'another one yet' }).expect(200),
      then: { here: 'look record', there: end, phone: end, signIn: 'refused' },
    },
    {
      change: 'is given a new code',
      does: p => lead.post(`/api/team/${p.id}/code`).send({}).expect(201),
      then: { here: end, there: end, phone: end, signIn: 'refused' },
    },
    {
      change: 'only looks from now on',
      does: p => put(p, { role: 'viewer' }),
      then: { here: 'look', there: 'look', phone: end, signIn: 'goes' },
    },
    {
      change: 'becomes lead',
      does: p => put(p, { role: 'lead' }),
      then: { here: 'look record keep', there: 'look record keep', phone: 'record', signIn: 'goes' },
    },
    {
      change: 'has left: the account ends',
      does: p => put(p, { ended: true }),
      then: { here: end, there: end, phone: end, signIn: 'refused' },
    },
    {
      change: 'is signed out everywhere',
      does: p => lead.delete(`/api/team/${p.id}/sessions`).expect(204),
      then: { here: end, there: end, phone: end, signIn: 'goes' },
    },
    {
      change: 'loses a device',
      does: p => lead.delete(`/api/devices/web-${p.login}`).expect(204),
      then: { here: end, there: end, phone: end, signIn: 'goes' },
    },
    {
      change: 'is renamed',
      does: p => put(p, { name: 'Somebody Else' }),
      then: { here: 'look record', there: 'look record', phone: 'record', signIn: 'goes' },
    },
  ]
  it.each(cases.map(c => [c.change, c] as const))('%s', async (_, { does, then }) => {
    const p = await somebody()
    const [here, there] = [await p.signIn(), await p.signIn()]
    const phone = await phoneOf(there)
    const agents = { here, there, phone }
    const streams = { here: await streamOf(here), there: await streamOf(there), phone: await streamOf(phone) }
    expect([await may(here, p.id), await may(there, p.id), await may(phone, p.id)]).toEqual([
      'look record',
      'look record',
      'record',
    ])
    await does(p, here)
    const stood = (was: string, is: string) => was === is
    for (const name of ['here', 'there', 'phone'] as const) {
      expect([name, await may(agents[name], p.id)]).toEqual([name, then[name]])
      // A phone of somebody who only looks has its session, and may still look on.
      const lasts = then[name] !== end || stood(then.here, 'look')
      if (lasts) expect([name, (await agents[name].get('/api/session')).status]).toEqual([name, 200])
      else await streams[name].ended
    }
    await p.signIn(chosen, then.signIn === 'goes' ? 200 : 401)
    // Those that last hear it where it changed who they are.
    if (then.here === 'look' || then.here.includes('keep'))
      await expect.poll(() => streams.here.text).toMatch(/event: person\ndata: .*"role":"(viewer|lead)"/)
    await lead.delete(`/api/team/${p.id}/sessions`).expect(204)
    await Promise.all(Object.values(streams).map(s => s.ended))
  })

  it('an invitation ends with the session that made it, unused or not', async () => {
    const p = await somebody()
    const desk = await p.signIn()
    const { body } = await desk.post(`/api/jobs/${job}/invitations`).send({ hand: 'web-desk' }).expect(201)
    await desk.delete('/api/session').expect(204)
    await supertest(w.url).post('/api/join').send({ code: body.code }).expect(410)
  })
})

describe('an account', () => {
  it('needs the code that its lead handed over, once, however it is typed', async () => {
    const { body } = await lead.post('/api/team').send({ name: 'New', login: 'New.One', role: 'viewer' }).expect(201)
    const take = (code: string, login = 'new.one') =>
      supertest(w.url).post('/api/welcome').send({ login, code, password: chosen })
    await supertest(w.url).post('/api/session').send({ login: 'new.one', password: '' }).expect(422)
    await supertest(w.url).post('/api/session').send({ login: 'new.one', password: 'x' }).expect(401)
    await take('00000-00000').expect(401)
    await take(body.code, 'lead').expect(401)
    await take(String(body.code).toLowerCase().replace('-', ' ').replace(/0/g, 'o').replace(/1/g, 'l')).expect(200)
    await take(body.code).expect(401)
  })
  it('is not made twice under one login, in no shop', async () => {
    const add = (login: string) => lead.post('/api/team').send({ name: 'Again', login, role: 'viewer' })
    expect((await add('STRANGER').expect(409)).body.detail).toMatch(/taken/)
    expect((await add('two words').expect(422)).body.problems).toEqual([
      { path: 'login', message: 'a login is one word' },
    ])
  })
  it('that has ended keeps its name in the shop, lets nobody take its code, and is taken up again', async () => {
    const p = await somebody()
    const { body } = await lead.post(`/api/team/${p.id}/code`).send({}).expect(201)
    await lead.put(`/api/team/${p.id}`).send({ ended: true }).expect(204)
    const take = (code: string) =>
      supertest(w.url).post('/api/welcome').send({ login: p.login, code, password: 'one more of them' })
    await take(body.code).expect(401)
    await lead.post(`/api/team/${p.id}/code`).send({}).expect(403)
    expect((await lead.get('/api/people')).body).toContainEqual({ id: p.id, name: p.login, role: 'technician' })
    await lead.put(`/api/team/${p.id}`).send({ ended: false }).expect(204)
    await p.signIn(chosen, 401)
    const again = await lead.post(`/api/team/${p.id}/code`).send({}).expect(201)
    await take(again.body.code).expect(200)
    await p.signIn('one more of them')
  })
  it('of the last lead stays as it is', async () => {
    const stranger = await w.as('stranger')
    const me = await w.personId('stranger')
    for (const change of [{ role: 'technician' }, { ended: true }])
      expect((await stranger.put(`/api/team/${me}`).send(change).expect(409)).body.detail).toMatch(/lead first/)
    // Somebody who never chose a password cannot be the one who is left.
    await stranger.post('/api/team').send({ name: 'Late', login: 'late', role: 'lead' }).expect(201)
    await stranger.put(`/api/team/${me}`).send({ role: 'viewer' }).expect(409)
    await stranger.put(`/api/team/${me}`).send({ name: 'Still Lead' }).expect(204)
  })
  it('of two leads who end each other at the same moment leaves one', async () => {
    const [a, b] = [await somebody('lead'), await somebody('lead')]
    const [as, bs] = [await a.signIn(), await b.signIn()]
    const { body } = await lead.get('/api/team').expect(200)
    const others = (body as Member[]).filter(m => m.role === 'lead' && m.id !== a.id && m.id !== b.id)
    for (const { id } of others) await as.put(`/api/team/${id}`).send({ role: 'technician' }).expect(204)
    const replies = await Promise.all([
      as.put(`/api/team/${b.id}`).send({ ended: true }),
      bs.put(`/api/team/${a.id}`).send({ ended: true }),
    ])
    expect(replies.filter(r => r.status === 204)).toHaveLength(1)
    const left = replies[0]!.status === 204 ? as : bs
    await left
      .put(`/api/team/${await w.personId('lead')}`)
      .send({ role: 'lead' })
      .expect(204)
  })
})

describe('a password', () => {
  it('is changed by who knows the one that was, and is ten characters or more', async () => {
    const here = await (await somebody()).signIn()
    const change = (current: string, next: string) =>
      here.put('/api/session/password').send({ current, password: next })
    expect((await change('a guess', 'ten letters, new').expect(403)).body.type).toMatch(/wrong-password/)
    expect((await change(chosen, 'short').expect(422)).body.problems[0].message).toMatch(/at least 10/)
    await change(chosen, 'ten letters, new').expect(200)
    await here.get('/api/session').expect(200)
  })
  it('is not guessed: ten wrong ones, and it waits', async () => {
    const here = await (await somebody()).signIn()
    const change = () => here.put('/api/session/password').send({ current: 'a guess', password: 'ten letters, new' })
    for (let i = 0; i < 10; i++) await change().expect(403)
    await change().expect(429)
  })
})

describe('the devices of a shop', () => {
  it('are listed with who is on them; one names them, one ends them; those of another shop are not there', async () => {
    const p = await somebody()
    const here = await p.signIn()
    const phone = await phoneOf(here)
    await here.put(`/api/devices/web-${p.login}`).send({ name: 'Tablet of bay 2' }).expect(204)
    const mine = (await here.get('/api/sessions').expect(200)).body as { id: string; joined: string | null }[]
    expect(mine).toMatchObject(
      expect.arrayContaining([
        expect.objectContaining({ device: `web-${p.login}`, name: 'Tablet of bay 2', joined: null, here: true }),
        expect.objectContaining({ device: 'web-phone', joined: '2231-0417', here: false }),
      ]) as object,
    )
    const stranger = await w.as('stranger')
    expect(JSON.stringify((await stranger.get('/api/team').expect(200)).body)).not.toContain(p.login)
    const ofPhone = mine.find(s => s.joined)!.id
    for (const of of [`/api/sessions/${ofPhone}`, `/api/devices/web-${p.login}`, `/api/team/${p.id}/sessions`])
      await stranger.delete(of).expect(404)
    await stranger.put(`/api/team/${p.id}`).send({ role: 'viewer' }).expect(404)
    await stranger.post(`/api/team/${p.id}/code`).send({}).expect(404)
    // Another technician ends none of theirs.
    await (await w.as('technician')).delete(`/api/sessions/${ofPhone}`).expect(404)
    await here.delete(`/api/sessions/${ofPhone}`).expect(204)
    await phone.get('/api/session').expect(401)
    await here.delete(`/api/sessions/${ofPhone}`).expect(404)
    await here.get('/api/session').expect(200)
  })
  it('keep one session each: who signs in takes the place of who was there', async () => {
    const agent = await w.as('viewer')
    const count = async () => Number((await w.running.context.db.query('SELECT COUNT(*) AS n FROM session'))[0].n)
    const before = await count()
    await agent.post('/api/session').send({ login: 'technician', password }).expect(200)
    expect(await count()).toBe(before)
  })
})
