import {
  createReadStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { spawn } from 'node:child_process'
import { dirname, join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { createGzip } from 'node:zlib'
import { databaseFile, faults, format, sealOf, sizes, version, writeFileOf } from './backup-files.mjs'
import { connectionFlags } from './mariadb-client.mjs'
import { needMariaDb, needMariaDbClient, needNode, program } from './machine.mjs'
import { withMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { photoRows } from './photo-rows.mjs'
import { fail, step } from './say.mjs'

/**
 * Writes the database and its photos to a new folder, as they are at one moment, while the application runs: `npm run backup -- FOLDER`.
 * `npm run backup -- --verify FOLDER` reads a backup through and changes nothing.
 */
needNode()
const { values, positionals } = parseArgs({ options: { verify: { type: 'boolean' } }, allowPositionals: true })
if (values.verify) {
  const folder = positionals[0]
  if (!folder) fail('Name the folder of a backup: npm run backup -- --verify FOLDER')
  const wrong = await faults(folder)
  if (wrong.length) fail(`${folder} is damaged:\n${wrong.slice(0, 20).join('\n')}`)
  console.log(`${folder} is whole.`)
  process.exit(0)
}
const stamp = new Date().toISOString().slice(0, 19).replace(/[:T]/g, '-')
const to = resolve(positionals[0] ?? join(data, 'backups', stamp))
if (existsSync(to) && readdirSync(to).length > 0)
  fail(`${to} is not empty: name a new folder, so that no backup is mixed with another.`)
await needMariaDb()
await needMariaDbClient()

const part = `${to}.part-${process.pid}`
process.on('exit', () => rmSync(part, { recursive: true, force: true }))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(1))
mkdirSync(dirname(to), { recursive: true })
mkdirSync(part, { mode: 0o700 })

/** The dump of one moment, and the photos that it lists. */
async function dump(url) {
  const { flags, env, name } = connectionFlags(url)
  const options = ['--no-defaults', ...flags, '--single-transaction', '--quick', '--hex-blob', name]
  const child = spawn(program('mariadb-dump'), options, { env, stdio: ['ignore', 'pipe', 'inherit'] })
  const ended = new Promise(done => child.once('exit', done))
  const rows = photoRows()
  const told = await writeFileOf(child.stdout.pipe(rows.stream).pipe(createGzip()), join(part, databaseFile))
  const status = await ended
  if (status !== 0 || !rows.isWhole()) throw new Error(`mariadb-dump ended with ${status}: nothing was backed up.`)
  return { file: { file: databaseFile, ...told }, photos: rows.photos }
}

try {
  const write = url => step('Writing the database', () => dump(url))
  const { file, photos } = process.env.DATABASE_URL
    ? await write(process.env.DATABASE_URL)
    : await withMariaDb(join(data, 'mariadb'), write)
  const files = [file]
  const missing = []
  await step(`Copying ${photos.length} photos`, async () => {
    for (const [shop, hash] of photos)
      for (const size of sizes) {
        const name = join('photos', shop, hash.slice(0, 2), `${hash}.${size}.jpg`)
        if (!existsSync(join(data, name))) missing.push(name)
        else files.push({ file: name, ...(await writeFileOf(createReadStream(join(data, name)), join(part, name))) })
      }
  })
  const told = {
    format,
    version,
    at: new Date().toISOString(),
    application: JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')).version,
    photos: photos.length,
    missing,
    files,
  }
  writeFileSync(join(part, 'manifest.json'), `${JSON.stringify({ ...told, seal: sealOf(told) })}\n`, { mode: 0o600 })
  if (existsSync(to)) rmSync(to, { recursive: true })
  renameSync(part, to)
  if (missing.length)
    console.log(
      `${missing.length} files of photos are missing on this server, and so in the backup: the devices that took them can send them again.`,
    )
  console.log(`Backed up to ${to}: ${photos.length} photos, ${files.length} files.`)
  process.exit(0)
} catch (error) {
  fail(`The backup was not made, and nothing of it is left: ${error.message}`)
}
