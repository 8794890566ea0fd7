import type { Book } from '@dialytica/core/book'
import { limits } from '@dialytica/core/schema'
import type { JobRecord } from '@dialytica/core/record'
import { randomUUID } from 'node:crypto'
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { afterAll, beforeAll, expect, it } from 'vitest'
import record from '../../core/record/record-1.test-data.json' with { type: 'json' }
import { photoFile } from '../photos/store.ts'
import { unzipped } from '../test/zip.ts'
import { pack } from './pack.ts'

let data: string
const shop = randomUUID()
const hashes = Array.from({ length: 6 }, (_, i) => String(i).repeat(64))
beforeAll(async () => {
  data = await mkdtemp(join(tmpdir(), 'dialytica-pack-'))
  for (const hash of hashes) {
    const file = photoFile(data, shop, hash, 'full')
    await mkdir(dirname(file), { recursive: true })
    await writeFile(file, Buffer.alloc(1000, hash[0]))
  }
})
afterAll(() => rm(data, { recursive: true }))

it('a parcel has room for so many photos, those that the book shows first, and says how many are not in it', async () => {
  const [event] = record.log
  const whole = { ...record, version: 2, without: [], log: [{ ...event, body: { ...event!.body, seen: hashes } }] }
  const book = { recordings: [], steps: [{ acts: [{ varies: [], photo: { hash: hashes[4] } }] }] } as unknown as Book
  const of = {
    kind: 'book' as const,
    machine: 'Corrane FL-84',
    records: [whole as unknown as JobRecord],
    book,
    without: [],
  }
  const from = { data, shop, application: 'test' }
  const shown = async (most?: number) => {
    const file = await pack(of, from, most)
    const files = await unzipped(await readFile(file))
    await rm(file)
    const photos = [...files.keys()].filter(path => path.startsWith('photos/'))
    return { photos, says: files.get('README.txt')!.toString() }
  }
  const few = await shown(5 * limits.recordBytes + 2500)
  expect(few.photos.sort()).toEqual([hashes[0], hashes[4]].map(h => `photos/${h}.jpg`))
  expect(few.says).toContain('4 photos are not in it')
  const all = await shown()
  expect(all.photos).toHaveLength(6)
  expect(all.says).not.toContain('not in it')
})
