import type { Book } from '@dialytica/core/book'
import { fastenersCsv, stepsCsv } from '@dialytica/core/exchange'
import { foldAll } from '@dialytica/core/log'
import { leftOut, photosIn, readMe, type Manifest, type ParcelKind } from '@dialytica/core/parcel'
import type { JobRecord, PrivateThing } from '@dialytica/core/record'
import { createHash, randomUUID } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { mkdir, readFile, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import yazl from 'yazl'
import { photoFile } from '../photos/store.ts'

/** What goes into a parcel. */
export interface Contents {
  kind: ParcelKind
  machine: string
  records: readonly JobRecord[]
  book?: Book
  without: readonly PrivateThing[]
}
interface From {
  data: string
  shop: string
  application: string
}

/** Where parcels lie while they come in or go out. */
export const parcelFolder = (data: string): string => join(data, 'parcels')

/** Every file of a parcel but its manifest, one after the other; photos that the server lost are left out. */
async function* filesOf({ kind, machine, records, book, without }: Contents, { data, shop }: From) {
  const text = (path: string, content: string) => ({ path, bytes: Buffer.from(content) })
  yield text('README.txt', readMe(kind, machine))
  const photos = new Set<string>()
  for (const [i, whole] of records.entries()) {
    const record = leftOut(whole, without)
    const { state } = foldAll(record.log)
    yield text(`records/${i + 1}.json`, `${JSON.stringify(record, null, 1)}\n`)
    yield text(`tables/${i + 1}-steps.csv`, stepsCsv(state, record.machine.family))
    yield text(`tables/${i + 1}-fasteners.csv`, fastenersCsv(state, record.machine.family))
    for (const hash of photosIn(record.log)) photos.add(hash)
  }
  if (book) yield text('book.json', `${JSON.stringify(book, null, 1)}\n`)
  for (const hash of photos) {
    const bytes = await readFile(photoFile(data, shop, hash, 'full')).catch(() => null)
    if (bytes) yield { path: `photos/${hash}.jpg`, bytes }
  }
}

/** Packs a parcel into a file of its own and returns its path; whoever sends it takes it away after. */
export async function pack(contents: Contents, from: From): Promise<string> {
  const folder = parcelFolder(from.data)
  await mkdir(folder, { recursive: true })
  const file = join(folder, `out-${randomUUID()}.zip`)
  const zip = new yazl.ZipFile()
  const written = pipeline(zip.outputStream, createWriteStream(file))
  const files: Manifest['files'] = []
  const mtime = new Date()
  try {
    for await (const { path, bytes } of filesOf(contents, from)) {
      files.push({ path, sha256: createHash('sha256').update(bytes).digest('hex'), bytes: bytes.length })
      // Photos do not become smaller.
      zip.addBuffer(bytes, path, { mtime, compress: !path.endsWith('.jpg') })
    }
    const manifest: Manifest = {
      format: 'dialytica-parcel',
      version: 1,
      kind: contents.kind,
      exportedAt: mtime.toISOString(),
      application: from.application,
      files,
    }
    zip.addBuffer(Buffer.from(`${JSON.stringify(manifest, null, 1)}\n`), 'manifest.json', { mtime })
    zip.end()
    await written
    return file
  } catch (error) {
    await rm(file, { force: true })
    throw error
  }
}
