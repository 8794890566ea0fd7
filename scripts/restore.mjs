import { spawn } from 'node:child_process'
import { cpSync, createReadStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { pipeline } from 'node:stream/promises'
import { createGunzip } from 'node:zlib'
import { databaseFile, faults } from './backup-files.mjs'
import { connectionFlags } from './mariadb-client.mjs'
import { needMariaDb, needMariaDbClient, needNode, program } from './machine.mjs'
import { running, withMariaDb } from './mariadb.mjs'
import { data } from './paths.mjs'
import { fail, step } from './say.mjs'

/**
 * Brings back what `npm run backup` wrote: `npm run restore -- FOLDER --yes`. The backup is read through first; then everything is made
 * ready in a new place and put in the place of what was there, which is kept aside. Where anything fails, nothing has changed.
 */
needNode()
const { values, positionals } = parseArgs({ options: { yes: { type: 'boolean' } }, allowPositionals: true })
const from = positionals[0]
if (!from || !existsSync(from)) fail('Name the folder of a backup: npm run restore -- FOLDER --yes')
const wrong = await step('Reading the backup through', () => faults(from))
if (wrong.length) fail(`${from} cannot be restored, and nothing was changed:\n${wrong.slice(0, 20).join('\n')}`)
if (!values.yes) fail('The backup is whole. Restoring it replaces what is there now. If you mean it, add --yes.')
await needMariaDb()
await needMariaDbClient()

/** Runs the statements of the dump; resolves when the database has all of them. */
async function load(url) {
  const { flags, env, name } = connectionFlags(url)
  const client = spawn(program('mariadb'), ['--no-defaults', ...flags, name], {
    env,
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  client.stdout.resume()
  const ended = new Promise(done => client.once('exit', done))
  await pipeline(createReadStream(join(from, databaseFile)), createGunzip(), client.stdin)
  const status = await ended
  if (status !== 0) throw new Error(`mariadb ended with ${status}`)
}
/** What a query answers, as one line. */
function answer(url, sql) {
  const { flags, env, name } = connectionFlags(url)
  const client = spawn(program('mariadb'), ['--no-defaults', ...flags, '-N', '-B', '-e', sql, name], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  let said = ''
  client.stdout.on('data', d => (said += d))
  return new Promise(done => client.once('exit', () => done(said.trim())))
}
const tables = 'SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = DATABASE()'

const stamp = new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-')
const ready = join(data, `restoring-${stamp}`)
const before = join(data, `before-restore-${stamp}`)

/** Puts folders in the place of what was there, which goes aside; where one cannot be moved, all go back. */
function swap(names) {
  mkdirSync(before, { recursive: true, mode: 0o700 })
  const done = []
  try {
    for (const name of names) {
      if (existsSync(join(data, name))) {
        renameSync(join(data, name), join(before, name))
        done.push([join(before, name), join(data, name)])
      }
      if (existsSync(join(ready, name))) {
        renameSync(join(ready, name), join(data, name))
        done.push([join(data, name), join(ready, name)])
      }
    }
  } catch (error) {
    for (const [now, was] of done.reverse()) renameSync(now, was)
    throw error
  }
}

try {
  mkdirSync(ready, { recursive: true, mode: 0o700 })
  if (existsSync(join(from, 'photos')))
    await step('Copying the photos', () => cpSync(join(from, 'photos'), join(ready, 'photos'), { recursive: true }))
  if (process.env.DATABASE_URL) {
    if ((await answer(process.env.DATABASE_URL, tables)) !== '0')
      throw new Error(
        'The database of DATABASE_URL is not empty. Make a new one, set DATABASE_URL to it, restore, and let the application use it from then on.',
      )
    await step('Reading the database', () => load(process.env.DATABASE_URL))
    swap(['photos'])
  } else {
    if (running(join(data, 'mariadb'))) throw new Error('Stop the application first.')
    await step('Reading the database', () => withMariaDb(join(ready, 'mariadb'), load))
    swap(['mariadb', 'photos'])
  }
  rmSync(ready, { recursive: true, force: true })
  console.log(`Restored. npm start goes on from there. What was there before lies in ${before}.`)
  process.exit(0)
} catch (error) {
  rmSync(ready, { recursive: true, force: true })
  fail(`Nothing was changed: ${error.message}`)
}
