import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, existsSync, readFileSync } from 'node:fs'
import { mkdir, open } from 'node:fs/promises'
import { dirname, join, normalize } from 'node:path'
import { PassThrough } from 'node:stream'
import { pipeline } from 'node:stream/promises'

/**
 * A backup is a folder: `database.sql.gz`, the photos as they lie in the data folder, and `manifest.json`, which lists every file with
 * its SHA-256 and its size in bytes. What the manifest does not list is no part of it.
 */
export const format = 'dialytica-backup'
export const version = 1
export const sizes = ['full', 'stage', 'thumb']
export const databaseFile = 'database.sql.gz'

/** Passes a stream on and tells its SHA-256 and its length when it has ended. */
function counter() {
  const hash = createHash('sha256')
  let bytes = 0
  const stream = new PassThrough()
  stream.on('data', chunk => {
    hash.update(chunk)
    bytes += chunk.length
  })
  return { stream, told: () => ({ sha256: hash.digest('hex'), bytes }) }
}

/** Writes a stream to a new file that its owner alone reads, down to the disk; tells what was written. */
export async function writeFileOf(source, file) {
  await mkdir(dirname(file), { recursive: true, mode: 0o700 })
  const { stream, told } = counter()
  await pipeline(source, stream, createWriteStream(file, { mode: 0o600, flags: 'wx' }))
  const written = await open(file, 'r')
  await written.sync()
  await written.close()
  return told()
}

/** The SHA-256 and the length of a file. */
export async function measure(file) {
  const { stream, told } = counter()
  stream.resume()
  await pipeline(createReadStream(file), stream)
  return told()
}

/** What is wrong with a backup, file by file; empty when it is whole. Reads all of it, changes nothing. */
export async function faults(folder) {
  const file = join(folder, 'manifest.json')
  if (!existsSync(file)) return ['There is no manifest.json: this is no backup, or it was never finished.']
  let manifest
  try {
    manifest = JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return ['manifest.json cannot be read: the backup is damaged.']
  }
  if (manifest?.format !== format || manifest.version !== version || !Array.isArray(manifest.files))
    return ['manifest.json is not of this version of the backup.']
  const { seal, ...told } = manifest
  if (seal !== sealOf(told)) return ['manifest.json was changed: the backup is damaged.']
  if (!manifest.files.some(f => f.file === databaseFile)) return [`${databaseFile} is not in the manifest.`]
  const wrong = []
  for (const { file: name, sha256, bytes } of manifest.files) {
    if (name !== normalize(name) || name.startsWith('..') || name.startsWith('/')) wrong.push(`${name} lies outside.`)
    else {
      const is = await measure(join(folder, name)).catch(() => null)
      if (!is) wrong.push(`${name} is missing.`)
      else if (is.bytes !== bytes || is.sha256 !== sha256) wrong.push(`${name} is not as it was written.`)
    }
  }
  return wrong
}

/** The SHA-256 of the manifest's own words, so that a change of the list is seen too. */
export const sealOf = told => createHash('sha256').update(JSON.stringify(told)).digest('hex')
