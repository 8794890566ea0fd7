import { mkdtemp, readdir, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createConnection } from 'mysql2/promise'
import { expect, it } from 'vitest'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { startMariaDb } from './mariadb.mjs'

const start = startMariaDb as (folder: string) => Promise<{ url(): string; stop(): Promise<void> }>
/** The files of temporary tables that a server holds. */
const held = async (folder: string) => (await readdir(join(folder, 'tmp'))).filter(f => f.startsWith('#sql'))

it('starting a database takes no temporary table from another of the same machine', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'dialytica-two-'))
  const [one, other] = [join(folder, 'one'), join(folder, 'other')]
  const first = await start(one)
  const connection = await createConnection(first.url())
  await connection.query('CREATE TEMPORARY TABLE kept (n INT) ENGINE=Aria')
  await connection.query('INSERT INTO kept VALUES (7)')
  const before = await held(one)
  expect(before.length).toBeGreaterThan(0)
  const second = await start(other)
  expect(await held(one)).toEqual(before)
  expect((await connection.query('SELECT n FROM kept'))[0]).toEqual([{ n: 7 }])
  await connection.end()
  await first.stop()
  await second.stop()
  await rm(folder, { recursive: true, force: true })
})
