import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { readConfig } from '../config.ts'
import { serve, type Running } from '../server.ts'
import { emptyWorld, type EmptyWorld } from '../test/world.ts'
import { firstCode, isFresh } from './first-account.ts'

let empty: EmptyWorld
let running: Running
beforeAll(async () => {
  empty = await emptyWorld()
  running = await serve(readConfig(empty.environment))
})
afterAll(async () => {
  await running.stop()
  await empty.end()
})

const account = {
  shop: 'Sluice Lane Washers',
  timeZone: 'Europe/Lisbon',
  name: 'Ada Ferrow',
  login: 'ada',
  password: 'a first password',
}
const at = () => supertest(`http://127.0.0.1:${running.port}`)
const make = (over: object) =>
  at()
    .post('/api/first-account')
    .send({ ...account, ...over })

describe('the first account of a fresh server', () => {
  it('is made by the code that the start prints, by one of those who try, and never again', async () => {
    const { db } = running.context
    const code = await firstCode(db)
    expect(code).toMatch(/^[0-9A-Z]{5}-[0-9A-Z]{5}$/)
    expect(await firstCode(db)).toBe(code)
    expect((await at().get('/api/first-account').expect(200)).body).toEqual({ fresh: true })
    expect((await make({ code: 'AAAAA-AAAAA' }).expect(403)).body.detail).toMatch(/where the server was started/)
    expect((await make({ code, timeZone: 'Nowhere/At all', password: 'short' }).expect(422)).body.problems).toEqual([
      { path: 'timeZone', message: 'give a time zone like Europe/London' },
      { path: 'password', message: 'take at least 10 characters' },
    ])
    expect(await isFresh(db)).toBe(true)
    const tries = await Promise.all(
      ['ada', 'bea', 'cyd'].map(login => make({ code: code.toLowerCase(), login, shop: `Shop of ${login}` })),
    )
    expect(tries.map(t => t.status).sort()).toEqual([201, 410, 410])
    const made = tries.find(t => t.status === 201)!
    expect(made.body).toMatchObject({ role: 'lead', timeZone: 'Europe/Lisbon', demo: false })
    await at().get('/api/team').set('Cookie', made.get('Set-Cookie')![0]!.split(';')[0]!).expect(200)
    expect((await at().get('/api/first-account').expect(200)).body).toEqual({ fresh: false })
    await make({ code, login: 'dee' }).expect(410)
    const [{ shops }] = await db.query('SELECT COUNT(*) AS shops FROM shop')
    expect(Number(shops)).toBe(1)
  })
})
