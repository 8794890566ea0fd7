import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { world, type World } from '../test/world.ts'
import { fits, hashPassword } from './passwords.ts'
import { mayAct } from './roles.ts'
import { endSession, personOf, startSession, tokenIn } from './sessions.ts'

let w: World
beforeAll(async () => void (w = await world()))
afterAll(() => w.end())

describe('a session', () => {
  it('is of its person until it ends, by time or by hand', async () => {
    const { db } = w.running.context
    const id = await w.personId('technician')
    const { token, expires } = await startSession(db, id)
    expect(await personOf(db, token)).toMatchObject({ id, shop: 'Quay Street', role: 'technician' })
    expect(await personOf(db, token, new Date(expires.getTime() + 1))).toBeNull()
    await endSession(db, token)
    expect(await personOf(db, token)).toBeNull()
  })
  it('that has run out is swept when the next one starts', async () => {
    const { db } = w.running.context
    const id = await w.personId('viewer')
    await startSession(db, id, {}, new Date('2020-01-01'))
    await startSession(db, id)
    const [{ n }] = await db.query("SELECT COUNT(*) AS n FROM session WHERE expires_at < '2021-01-01'")
    expect(Number(n)).toBe(0)
  })
  it('is nobody without a token', async () => {
    expect(tokenIn(undefined)).toBeUndefined()
    expect(tokenIn('theme=dark; dialytica_session=abc')).toBe('abc')
    expect(await personOf(w.running.context.db, undefined)).toBeNull()
  })
})

describe('a password', () => {
  it('fits its own hash only; of nobody it fits nothing', async () => {
    const hash = await hashPassword('take it apart')
    expect([await fits('take it apart', hash), await fits('take it apar', hash), await fits('x', undefined)]).toEqual([
      true,
      false,
      false,
    ])
    expect(await hashPassword('take it apart')).not.toBe(hash)
  })
})

it('a role may do what is open to those below it', () => {
  expect(mayAct('lead', 'viewer') && mayAct('technician', 'technician')).toBe(true)
  expect(mayAct('viewer', 'technician') || mayAct('technician', 'lead')).toBe(false)
})
