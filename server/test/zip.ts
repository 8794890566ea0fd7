import { createHash } from 'node:crypto'
import { buffer } from 'node:stream/consumers'
import yauzl from 'yauzl'
import yazl from 'yazl'

/** Files by their paths. */
export type Files = Record<string, Buffer | string>

/** A zip of files, as they are. */
export async function zipOf(files: Files): Promise<Buffer> {
  const zip = new yazl.ZipFile()
  for (const [path, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), path)
  zip.end()
  return buffer(zip.outputStream)
}
/** A parcel of files, with the manifest that belongs to them unless it is bent. */
export async function parcelOf(files: Files, bend: (manifest: Record<string, unknown>) => object = m => m) {
  const manifest = {
    format: 'dialytica-parcel',
    version: 1,
    kind: 'job',
    exportedAt: '2026-01-05T08:00:00.000Z',
    application: 'a test',
    files: Object.entries(files).map(([path, content]) => {
      const bytes = Buffer.from(content)
      return { path, sha256: createHash('sha256').update(bytes).digest('hex'), bytes: bytes.length }
    }),
  }
  return zipOf({ ...files, 'manifest.json': JSON.stringify(bend(manifest)) })
}
/** The files of a zip. */
export const unzipped = (zip: Buffer): Promise<Map<string, Buffer>> =>
  new Promise((done, fail) => {
    yauzl.fromBuffer(zip, { lazyEntries: true }, (error, opened) => {
      if (error) return fail(error)
      const files = new Map<string, Buffer>()
      opened.on('entry', (entry: yauzl.Entry) =>
        opened.openReadStream(entry, (broken, stream) => {
          if (broken) return fail(broken)
          buffer(stream).then(bytes => {
            files.set(entry.fileName, bytes)
            opened.readEntry()
          }, fail)
        }),
      )
      opened.on('end', () => done(files))
      opened.on('error', fail)
      opened.readEntry()
    })
  })
