import { expect, it } from 'vitest'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { photoRows } from './photo-rows.mjs'

const shop = '00000000-0000-4000-8000-000000000001'
const hash = (letter: string) => letter.repeat(64)
const row = (letter: string) => `('${shop}','${hash(letter)}',80,60,900,NULL,'2026-01-01')`

/** What is read of a dump that comes in pieces of so many bytes. */
async function read(dump: string, piece: number) {
  const { stream, photos, isWhole } = photoRows()
  const passed: Buffer[] = []
  stream.on('data', (chunk: Buffer) => passed.push(chunk))
  const ended = new Promise(done => stream.once('end', done))
  const bytes = Buffer.from(dump)
  for (let at = 0; at < bytes.length; at += piece) stream.write(bytes.subarray(at, at + piece))
  stream.end()
  await ended
  expect(Buffer.concat(passed)).toEqual(bytes)
  return { photos: (photos as [string, string][]).map(([, h]) => h[0]), whole: isWhole() }
}

it.each([1, 7, 4096])(
  'the photos of a dump are found however its rows and its bytes are cut: pieces of %i',
  async piece => {
    const other = `INSERT INTO \`event\` VALUES ('${shop}','${hash('e')}');`
    const oneLine = `-- Ω\nINSERT INTO \`photo\` VALUES ${row('a')},${row('b')};\n${other}\n-- Dump completed\n`
    const manyLines = `INSERT INTO \`photo\` VALUES\n${row('a')},\n${row('b')};\nINSERT INTO \`event\` VALUES\n${row('e')};\n`
    expect(await read(oneLine, piece)).toEqual({ photos: ['a', 'b'], whole: true })
    expect(await read(manyLines, piece)).toEqual({ photos: ['a', 'b'], whole: false })
  },
)
