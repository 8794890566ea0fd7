import { createConnection, type Connection } from 'mysql2/promise'
import type { DataSource } from 'typeorm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { open } from './database.ts'
import { forShop } from './shares.ts'
import { emptyWorld, type EmptyWorld } from './test/world.ts'

let w: EmptyWorld
let other: Connection
let db: DataSource
beforeAll(async () => {
  w = await emptyWorld()
  const url = w.environment.DATABASE_URL!
  other = await createConnection(url)
  db = await open(url, { connections: 3, own: 2, seconds: 0 })
})
afterAll(async () => {
  await db.destroy()
  await other.end()
  await w.end()
})

const one = async (shop: string) => (await forShop(shop, () => db.query('SELECT 1 AS is_one'))) as { is_one: number }[]

describe('the connections to the database', () => {
  it('are not all of one shop: while it waits on all of its own, another is answered', async () => {
    await other.query("SELECT GET_LOCK('held', 0)")
    const wait = () => forShop('mine', () => db.query("SELECT GET_LOCK('held', 300), RELEASE_LOCK('held')"))
    const waits = Array.from({ length: 6 }, wait)
    for (let i = 0; i < 5; i++) expect(await one('theirs')).toEqual([{ is_one: 1 }])
    expect(await db.query('SELECT 1 AS is_one')).toHaveLength(1)
    await other.query("SELECT RELEASE_LOCK('held')")
    await Promise.all(waits)
    expect(await one('mine')).toEqual([{ is_one: 1 }])
  })
  it('come back after an error, in a transaction or not', async () => {
    for (let i = 0; i < 8; i++) {
      await expect(forShop('mine', () => db.query('SELECT FROM nothing'))).rejects.toThrow()
      await expect(forShop('mine', () => db.transaction(m => m.query('SELECT * FROM no_such_table')))).rejects.toThrow()
    }
    expect(await one('mine')).toHaveLength(1)
  })
  it('come back when they are lost', async () => {
    for (let i = 0; i < 6; i++) await expect(forShop('mine', () => db.query('KILL CONNECTION_ID()'))).rejects.toThrow()
    expect(await one('mine')).toHaveLength(1)
  })
  it('end a statement that takes longer than it may', async () => {
    const short = await open(w.environment.DATABASE_URL!, { connections: 1, own: 1, seconds: 1 })
    const long = 'SELECT COUNT(*) FROM seq_1_to_100000000 a JOIN seq_1_to_100000000 b ON a.seq > b.seq'
    await expect(short.query(long)).rejects.toMatchObject({ errno: 1969 })
    expect(await short.query('SELECT 1 AS is_one')).toHaveLength(1)
    await short.destroy()
  })
})
