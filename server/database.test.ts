import { DataSource } from 'typeorm'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { connect } from './database.ts'
import { entities } from './entities/index.ts'
import { emptyWorld, type EmptyWorld } from './test/world.ts'

let w: EmptyWorld
let db: DataSource
beforeAll(async () => {
  w = await emptyWorld()
  db = await connect(w.environment.DATABASE_URL!)
})
afterAll(async () => {
  await db.destroy()
  await w.end()
})

const tables = async () => ((await db.query('SHOW TABLES')) as object[]).map(r => String(Object.values(r)[0])).sort()

describe('the tables', () => {
  it('have every column that the entities name', async () => {
    for (const { options } of entities) {
      const columns = ((await db.query(`SHOW COLUMNS FROM ${options.name}`)) as { Field: string }[]).map(c => c.Field)
      const named = Object.entries(options.columns).map(([key, c]) => c!.name ?? key)
      expect(columns.sort(), options.name).toEqual(named.sort())
    }
  })
  it('keep the log of a job in one range: clustered by job and number', async () => {
    const keys = (await db.query("SHOW KEYS FROM event WHERE Key_name = 'PRIMARY'")) as { Column_name: string }[]
    expect(keys.map(k => k.Column_name)).toEqual(['job_id', 'seq'])
  })
  it('go and come back with their migrations; connecting again changes nothing', async () => {
    const all = await tables()
    for (let i = 0; i < db.migrations.length; i++) await db.undoLastMigration()
    expect(await tables()).toEqual(['migrations'])
    await db.runMigrations()
    expect(await tables()).toEqual(all)
    const again = await connect(w.environment.DATABASE_URL!)
    expect(await again.showMigrations()).toBe(false)
    await again.destroy()
  })
})
