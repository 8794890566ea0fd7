import { isPhoto, isRecord, previewOf, readManifest, type Manifest, type ParcelPreview } from '@dialytica/core/parcel'
import { readRecord, type ReadRecord } from '@dialytica/core/record'
import { limits, type Problem } from '@dialytica/core/schema'
import { createHash } from 'node:crypto'
import { open, readFile, stat, type FileHandle } from 'node:fs/promises'
import sharp from 'sharp'
import yauzl from 'yauzl'

/** A parcel is not as it must be: what is wrong, by the file in it. */
export class ParcelError extends Error {
  readonly problems: Problem[]
  constructor(problems: Problem[]) {
    super(problems[0]?.message ?? 'This file cannot be read.')
    this.problems = problems.slice(0, 20)
  }
}
const wrong = (path: string, message: string) => new ParcelError([{ path, message }])

/** The longest that a file of a parcel may be, by what it is, in bytes. */
function longest(path: string): number {
  if (isPhoto(path)) return limits.photoBytes
  return isRecord(path) || path === 'book.json' ? limits.recordBytes : 8 * 1024 * 1024
}

/** All records of a parcel together, in bytes: they are held in memory at once. */
const mostRecords = 4 * limits.recordBytes

/** The entries of a zip by their names. Throws a ParcelError where the file is no zip, names leave their folder, or there are too many. */
async function entriesOf(zip: yauzl.ZipFile): Promise<Map<string, yauzl.Entry>> {
  if (zip.entryCount > limits.parcelFiles + 1)
    throw wrong('', `There are ${zip.entryCount} files in it; a parcel has ${limits.parcelFiles} at most.`)
  const entries = new Map<string, yauzl.Entry>()
  let [all, records] = [0, 0]
  await new Promise<void>((done, fail) => {
    zip.on('entry', (entry: yauzl.Entry) => {
      const { fileName: path, uncompressedSize: bytes } = entry
      all += bytes
      if (isRecord(path)) records += bytes
      if (entries.has(path)) return fail(wrong(path, `${path} is in it twice.`))
      if (bytes > longest(path))
        return fail(wrong(path, `${path} would be ${bytes} bytes: it can be ${longest(path)} at most.`))
      if (all > limits.parcelBytes)
        return fail(wrong('', `Unpacked it would be more than ${limits.parcelBytes} bytes.`))
      if (records > mostRecords) return fail(wrong('', `Its records would be more than ${mostRecords} bytes.`))
      entries.set(path, entry)
      zip.readEntry()
    })
    zip.on('end', done)
    zip.on('error', (error: Error) => fail(wrong('', `This zip cannot be read: ${error.message}.`)))
    zip.readEntry()
  })
  return entries
}

/** The bytes of an entry. More than it says of itself is never unpacked: that is what a zip bomb lies about. */
const bytesOf = (zip: yauzl.ZipFile, entry: yauzl.Entry) =>
  new Promise<Buffer>((done, fail) => {
    const broken = (error: Error) =>
      fail(wrong(entry.fileName, `${entry.fileName} cannot be unpacked: ${error.message}.`))
    zip.openReadStream(entry, (error, stream) => {
      if (error) return broken(error)
      const parts: Buffer[] = []
      stream.on('data', (part: Buffer) => parts.push(part))
      stream.on('error', broken)
      stream.on('end', () => done(Buffer.concat(parts)))
    })
  })

/** Text of a file. Bytes that are no UTF-8 are said by their file. */
function textOf(path: string, bytes: Buffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    throw wrong(path, `${path} is not text in UTF-8.`)
  }
}

/** A record of a file, read; its problems are told with its name before them. */
function recordIn(path: string, text: string): ReadRecord {
  const read = readRecord(text)
  if (read.ok) return read.value
  throw new ParcelError(
    read.problems.map(p => (path ? { path: `${path} ${p.path}`, message: `${path}: ${p.message}` } : p)),
  )
}

/** A file that came in: what it says of itself, its records, and its photos one by one. */
export interface Unpacked {
  manifest: Manifest | null
  records: ReadRecord[]
  /** The hashes of its photos, as the records name them. */
  photos: string[]
  /** The bytes of a photo, held against their checksum. Throws a ParcelError. */
  photo(hash: string): Promise<Buffer>
  close(): void
}

/** True where a file begins as a zip does. */
async function isZip(file: string): Promise<boolean> {
  let handle: FileHandle | undefined
  try {
    handle = await open(file)
    const { buffer } = await handle.read(Buffer.alloc(2), 0, 2, 0)
    return buffer.toString('latin1') === 'PK'
  } finally {
    await handle?.close()
  }
}

/** A bare record, as it is written without its photos. Throws a ParcelError. */
export const bareRecord = (text: string): Unpacked => ({
  manifest: null,
  records: [recordIn('', text)],
  photos: [],
  photo: () => Promise.reject(new Error('a bare record has no photos')),
  close: () => undefined,
})
async function bareIn(file: string): Promise<Unpacked> {
  if ((await stat(file)).size > limits.recordBytes)
    throw wrong('', `A record can be ${limits.recordBytes} bytes at most; this is neither that nor a parcel.`)
  return bareRecord(textOf('The file', await readFile(file)))
}

/**
 * Opens a file that came in and reads it but for its photos: a parcel, or a bare record. Nothing is written. Throws a ParcelError that names what is
 * wrong: not every file named or there, a checksum that does not fit, text that is none, a record that its schema or its own log refuses.
 */
export async function unpack(file: string): Promise<Unpacked> {
  if (!(await isZip(file))) return bareIn(file)
  const zip = await new Promise<yauzl.ZipFile>((done, fail) =>
    yauzl.open(file, { lazyEntries: true, autoClose: false, strictFileNames: true }, (error, opened) =>
      error ? fail(wrong('', `This zip cannot be read: ${error.message}.`)) : done(opened),
    ),
  )
  try {
    const entries = await entriesOf(zip)
    const own = entries.get('manifest.json')
    if (!own) throw wrong('manifest.json', 'There is no manifest.json in it: it is no parcel of this application.')
    const read = readManifest(textOf('manifest.json', await bytesOf(zip, own)))
    if (!read.ok) throw new ParcelError(read.problems.map(p => ({ ...p, message: `manifest.json: ${p.message}` })))
    const manifest = read.value
    const named = new Map(manifest.files.map(f => [f.path, f]))
    for (const path of entries.keys())
      if (path !== 'manifest.json' && !named.has(path))
        throw wrong(path, `${path} is in it, and its manifest does not name it.`)
    const whole = async (path: string) => {
      const entry = entries.get(path)
      if (!entry) throw wrong(path, `${path} is named by the manifest, and is not in it.`)
      const bytes = await bytesOf(zip, entry)
      if (createHash('sha256').update(bytes).digest('hex') !== named.get(path)!.sha256)
        throw wrong(path, `${path} is not as it was packed: its checksum does not fit. Fetch the file again.`)
      return bytes
    }
    const records: ReadRecord[] = []
    const photos: string[] = []
    for (const { path } of manifest.files)
      if (isPhoto(path)) photos.push(path.slice('photos/'.length, -'.jpg'.length))
      else if (isRecord(path)) records.push(recordIn(path, textOf(path, await whole(path))))
      else textOf(path, await whole(path))
    if (records.length > limits.parcelRecords)
      throw wrong('', `There are ${records.length} records in it; a parcel has ${limits.parcelRecords} at most.`)
    return { manifest, records, photos, photo: hash => whole(`photos/${hash}.jpg`), close: () => zip.close() }
  } catch (error) {
    zip.close()
    throw error
  }
}

/** Holds all of a file against what it must be, photos too, and counts what is in it. Throws a ParcelError; nothing is written. */
export async function preview(file: string): Promise<ParcelPreview> {
  const unpacked = await unpack(file)
  try {
    for (const hash of unpacked.photos) {
      const bytes = await unpacked.photo(hash)
      const picture = await sharp(bytes, { limitInputPixels: limits.photoPixels })
        .metadata()
        .catch(() => null)
      if (picture?.format !== 'jpeg')
        throw wrong(`photos/${hash}.jpg`, `photos/${hash}.jpg is no picture that can be read.`)
    }
    return {
      kind: unpacked.manifest?.kind ?? 'job',
      records: unpacked.records.map(previewOf),
      photos: unpacked.photos.length,
    }
  } finally {
    unpacked.close()
  }
}
