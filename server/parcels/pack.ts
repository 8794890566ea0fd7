import type { Book } from '@dialytica/core/book'
import { fastenersCsv, stepsCsv } from '@dialytica/core/exchange'
import { foldAll } from '@dialytica/core/log'
import { leftOut, photosIn, readMe, type Manifest, type ParcelKind } from '@dialytica/core/parcel'
import type { JobRecord, PrivateThing } from '@dialytica/core/record'
import { limits } from '@dialytica/core/schema'
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
  /** In their order; each is read when it is packed. */
  records: Iterable<JobRecord> | AsyncIterable<JobRecord>
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

/** A file of a parcel: text that is made here, or a photo that lies on the disk. */
type ToPack = { path: string; bytes: Buffer } | { path: string; from: string; bytes: Buffer }
/** So much of a parcel is kept free of photos: for its records, tables and names, in bytes. */
const ofText = 5 * limits.recordBytes

/** Every file of a parcel but its manifest, one after the other. Photos that the server lost are left out, and those for which `most` bytes have no room. */
async function* filesOf(
  { kind, machine, records, book, without }: Contents,
  { data, shop }: From,
  most: number,
): AsyncGenerator<ToPack> {
  const text = (path: string, content: string) => ({ path, bytes: Buffer.from(content) })
  // What the book shows goes before the rest.
  const photos = new Set(book?.steps.flatMap(s => s.acts.flatMap(a => a.photo?.hash ?? [])))
  let files = 0
  for await (const whole of records) {
    const record = leftOut(whole, without)
    const { state } = foldAll(record.log)
    const i = (files += 1)
    yield text(`records/${i}.json`, `${JSON.stringify(record, null, 1)}\n`)
    yield text(`tables/${i}-steps.csv`, stepsCsv(state, record.machine.family))
    yield text(`tables/${i}-fasteners.csv`, fastenersCsv(state, record.machine.family))
    for (const hash of photosIn(record.log)) photos.add(hash)
  }
  if (book) yield text('book.json', `${JSON.stringify(book, null, 1)}\n`)
  let [room, places, left] = [most - ofText, limits.parcelFiles - 3 * files - 3, 0]
  for (const hash of photos) {
    const from = photoFile(data, shop, hash, 'full')
    const bytes = await readFile(from).catch(() => null)
    if (!bytes) continue
    if (bytes.length > room || places < 1) {
      left += 1
      continue
    }
    room -= bytes.length
    places -= 1
    yield { path: `photos/${hash}.jpg`, from, bytes }
  }
  yield text('README.txt', readMe(kind, machine, left))
}

/** Packs a parcel of so many bytes at most into a file of its own and returns its path; whoever sends it takes it away after. */
export async function pack(contents: Contents, from: From, most: number = limits.parcelBytes): Promise<string> {
  const folder = parcelFolder(from.data)
  await mkdir(folder, { recursive: true })
  const file = join(folder, `out-${randomUUID()}.zip`)
  const zip = new yazl.ZipFile()
  const written = pipeline(zip.outputStream, createWriteStream(file))
  const files: Manifest['files'] = []
  const mtime = new Date()
  try {
    for await (const file of filesOf(contents, from, most)) {
      const { path, bytes } = file
      files.push({ path, sha256: createHash('sha256').update(bytes).digest('hex'), bytes: bytes.length })
      // Photos do not become smaller, and are too many to be held until they are written.
      if ('from' in file) zip.addFile(file.from, path, { mtime, compress: false })
      else zip.addBuffer(bytes, path, { mtime })
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
