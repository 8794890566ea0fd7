import { createWriteStream, mkdirSync } from 'node:fs'
import { cp } from 'node:fs/promises'
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import { connectionFlags } from './mariadb-client.mjs'
import { needMariaDb, needMariaDbClient, needNode, program } from './machine.mjs'
import { running, startMariaDb } from './mariadb.mjs'
import { data } from './paths.mjs'
import { step } from './say.mjs'

/** Writes the database and the photos to a folder: `npm run backup -- FOLDER`. Works while the application runs. */
needNode()
await needMariaDb()
await needMariaDbClient()
const stamp = new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-')
const to = process.argv[2] ?? join(data, 'backups', stamp)
mkdirSync(to, { recursive: true })
const folder = join(data, 'mariadb')
const mine = !process.env.DATABASE_URL && !running(folder)
const database = process.env.DATABASE_URL ? null : await startMariaDb(folder)
const { flags, env, name } = connectionFlags(process.env.DATABASE_URL ?? database.url())
await step('Writing the database', async () => {
  const dump = spawn(program('mariadb-dump'), ['--no-defaults', ...flags, '--single-transaction', '--hex-blob', name], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const ended = new Promise((done, fail) =>
    dump.on('exit', code => (code === 0 ? done() : fail(new Error(`mariadb-dump ended with ${code}`)))),
  )
  await pipeline(dump.stdout, createGzip(), createWriteStream(join(to, 'database.sql.gz')))
  await ended
})
await step('Copying the photos', () =>
  cp(join(data, 'photos'), join(to, 'photos'), { recursive: true }).catch(
    e => e.code === 'ENOENT' || Promise.reject(e),
  ),
)
if (mine) await database.stop()
console.log(`Backed up to ${to}`)
process.exit(0)
