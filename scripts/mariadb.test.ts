import { mkdtemp, readdir, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createConnection } from 'mysql2/promise'
import { afterEach, expect, it } from 'vitest'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { startMariaDb } from './mariadb.mjs'

const start = startMariaDb as (folder: string) => Promise<{ url(): string; stop(): Promise<void> }>
/** The files of temporary tables that a server holds. */
const held = async (folder: string) => (await readdir(join(folder, 'tmp'))).filter(f => f.startsWith('#sql'))

/** What has to end with the test, last first, also where it failed. */
const ends: (() => Promise<unknown>)[] = []
afterEach(async () => {
  for (const end of ends.splice(0).reverse()) await end()
})

it('starting a database takes no temporary table from another of the same machine', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'dialytica-two-'))
  ends.push(() => rm(folder, { recursive: true, force: true }))
  const [one, other] = [join(folder, 'one'), join(folder, 'other')]
  const first = await start(one)
  ends.push(first.stop)
  const connection = await createConnection(first.url())
  ends.push(() => connection.end())
  await connection.query('CREATE TEMPORARY TABLE kept (n INT) ENGINE=Aria')
  await connection.query('INSERT INTO kept VALUES (7)')
  const before = await held(one)
  expect(before.length).toBeGreaterThan(0)
  ends.push((await start(other)).stop)
  expect(await held(one)).toEqual(before)
  expect((await connection.query('SELECT n FROM kept'))[0]).toEqual([{ n: 7 }])
})
