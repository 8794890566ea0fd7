import { spawn } from 'node:child_process'
import { createReadStream, existsSync } from 'node:fs'
import { cp } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip } from 'node:zlib'
import { connectionFlags } from './mariadb-client.mjs'
import { needMariaDb, needMariaDbClient, needNode, program } from './machine.mjs'
import { running, startMariaDb } from './mariadb.mjs'
import { data } from './paths.mjs'
import { fail, step } from './say.mjs'

/** Brings back what `npm run backup` wrote: `npm run restore -- FOLDER --yes`. The application must be stopped. */
needNode()
const from = process.argv[2]
if (!from || !existsSync(join(from, 'database.sql.gz')))
  fail('Name the folder of a backup: npm run restore -- FOLDER --yes')
if (!process.argv.includes('--yes')) fail('This replaces everything that is there now. If you mean it, add --yes.')
await needMariaDb()
await needMariaDbClient()
const folder = join(data, 'mariadb')
if (!process.env.DATABASE_URL && running(folder)) fail('Stop the application first.')
const database = process.env.DATABASE_URL ? null : await startMariaDb(folder)
const { flags, env, name } = connectionFlags(process.env.DATABASE_URL ?? database.url())
await step('Reading the database', async () => {
  const client = spawn(program('mariadb'), ['--no-defaults', ...flags, name], {
    env,
    stdio: ['pipe', 'inherit', 'inherit'],
  })
  const ended = new Promise((done, no) =>
    client.on('exit', code => (code === 0 ? done() : no(new Error(`mariadb ended with ${code}`)))),
  )
  await pipeline(createReadStream(join(from, 'database.sql.gz')), createGunzip(), client.stdin)
  await ended
})
if (existsSync(join(from, 'photos')))
  await step('Copying the photos', () => cp(join(from, 'photos'), join(data, 'photos'), { recursive: true }))
await database?.stop()
console.log('Restored. npm start goes on from there.')
process.exit(0)
