import type { Book } from '@dialytica/core/book'
import { foldAll, toSnapshot, type JobEvent } from '@dialytica/core/log'
import { readRecord } from '@dialytica/core/record'
import type { FoundThing, LookedAt, TakenIn } from '@dialytica/core/wire'
import Ajv from 'ajv/dist/2020.js'
import { createHash, randomUUID } from 'node:crypto'
import { readdir } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import example from '../../docs/example-job.json' with { type: 'json' }
import manifestSchema from '../../docs/parcel-manifest.schema.json' with { type: 'json' }
import recordSchema from '../../docs/job-record.schema.json' with { type: 'json' }
import { sha256 } from '../photos/store.ts'
import { made, machine, openingOf, world, type Agent, type World } from '../test/world.ts'
import { parcelOf, unzipped, zipOf, type Files } from '../test/zip.ts'

let w: World
let mine: Agent
let theirs: Agent
let me: string
let model: string
let unit: string
let hash: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  theirs = await w.as('stranger')
  me = await w.personId('lead')
  ;({ model, unit } = await machine(mine))
  const bytes = await sharp({ create: { width: 90, height: 60, channels: 3, background: '#8a4' } })
    .png()
    .toBuffer()
  hash = sha256(bytes)
  await mine.put(`/api/photos/${hash}`).set('content-type', 'image/png').send(bytes).expect(200)
})
afterAll(() => w.end())

/** A job with all that does not leave a shop by itself: plate and its photo, place, who signed, a setting, a word of the shop. */
async function toldJob(closed = true): Promise<string> {
  const job = randomUUID()
  const photo = { hash, width: 90, height: 60, takenAt: '2026-01-05T08:00:00.000Z' }
  const move = { id: randomUUID(), kind: 'remove-fasteners', way: 'down', fastener: { size: 'T20' }, count: 4 }
  const step = { id: randomUUID(), zone: 'top', photos: [photo], moves: [move] }
  const mark = { id: randomUUID(), photo: hash, move: move.id, glyph: 'fastener', path: [{ x: 0.5, y: 0.5 }] }
  const taught = made(job, me, 'word-taught', { word: 'wozzle', means: 'release-clips' })
  const events = [
    { ...openingOf(job, me, unit), device: 'lead tablet' },
    made(job, me, 'intake-told', { seen: 'hums', stands: 'Weir Lane 4', plate: hash }),
    taught,
    made(job, me, 'entry-withdrawn', { entry: taught.id }),
    made(job, me, 'step-recorded', { step: { ...step, marks: [mark] } }),
    made(job, me, 'note-added', { step: step.id, text: 'the front edge is sharp' }),
    ...(closed
      ? [
          made(job, me, 'debt-settled', { debt: move.id, how: 'refitted', count: 4 }),
          made(job, me, 'job-closed', { clean: true, signedBy: 'Orla Venn' }),
        ]
      : []),
  ]
  const reply = await mine.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  expect((reply.body as { refused: unknown[] }).refused).toEqual([])
  return job
}
const fetched = async (path: string, who = mine) =>
  (await who.get(path).buffer(true).responseType('blob').expect(200)).body as Buffer
const lookAt = async (zip: Buffer | string, who = theirs) =>
  who.post('/api/parcels?name=a%20parcel.zip').set('content-type', 'application/zip').send(zip)
async function takenIn(zip: Buffer, who = theirs): Promise<{ parcel: LookedAt; jobs: string[] }> {
  const looked = await lookAt(zip, who)
  expect(looked.body.problems ?? []).toEqual([])
  const parcel = looked.body as LookedAt
  const { body } = await who.post(`/api/parcels/${parcel.id}/take`).send({}).expect(200)
  return { parcel, jobs: (body as { jobs: string[] }).jobs }
}
/** How much of everything there is. */
async function counts(): Promise<Record<string, number>> {
  const { db, config } = w.running.context
  await w.running.context.reader.settled()
  const all: Record<string, number> = {}
  for (const table of ['model', 'unit', 'job', 'event', 'photo', 'search_thing', 'search_said', 'search_source'])
    all[table] = Number(((await db.query(`SELECT COUNT(*) AS n FROM ${table}`)) as { n: unknown }[])[0]!.n)
  const files = async (folder: string) =>
    (await readdir(join(config.data, folder), { recursive: true }).catch(() => [])).filter(f => f.endsWith('.jpg'))
      .length
  return { ...all, photos: await files('photos') }
}
const plain = (log: JobEvent[]) => {
  const { state } = toSnapshot(foldAll(log).state)
  return JSON.stringify({ ...state, opened: null })
    .replaceAll(/"by":"[^"]*"/g, '')
    .replaceAll(/[0-9a-f]{64}/g, '')
}
const logOf = async (job: string, who: Agent) =>
  (await who.get(`/api/jobs/${job}/events`).expect(200)).body as JobEvent[]

describe('a parcel', () => {
  it('is readable without us, fits its published schemas, and each file its checksum', async () => {
    const files = await unzipped(await fetched(`/api/jobs/${await toldJob()}/parcel.zip`))
    expect([...files.keys()].sort()).toEqual(
      [
        'README.txt',
        'manifest.json',
        `photos/${hash}.jpg`,
        'records/1.json',
        'tables/1-fasteners.csv',
        'tables/1-steps.csv',
      ].sort(),
    )
    const json = (path: string) =>
      JSON.parse(files.get(path)!.toString()) as { files: { path: string; sha256: string }[] }
    const valid = new Ajv({ allErrors: true, strict: false })
    expect(valid.validate(manifestSchema, json('manifest.json'))).toBe(true)
    expect(valid.validate(recordSchema, json('records/1.json'))).toBe(true)
    for (const { path, sha256: sum } of json('manifest.json').files)
      expect(createHash('sha256').update(files.get(path)!).digest('hex'), path).toBe(sum)
  })
  it('of a recording has no serial, no place, no names, and nothing that is only of the shop', async () => {
    const files = await unzipped(await fetched(`/api/jobs/${await toldJob()}/parcel.zip`))
    const all = [...files]
      .filter(([path]) => !path.endsWith('.jpg'))
      .map(([, bytes]) => bytes.toString())
      .join()
    for (const secret of ['2231-0417', 'Weir Lane', 'bay 2', 'Orla Venn', 'lead', 'wozzle', 'Quay Street'])
      expect(all, secret).not.toContain(secret)
    const read = readRecord(files.get('records/1.json')!.toString())
    expect(read.ok && read.value.record.without).toEqual(['serial', 'place', 'names'])
  })
  it('goes to another shop: looked at first, then a closed job with its photo, and the search finds it', async () => {
    const looked = await lookAt(await fetched(`/api/jobs/${await toldJob(false)}/parcel.zip`))
    expect(looked.body).toMatchObject({
      name: 'a parcel.zip',
      known: [],
      preview: {
        kind: 'recording',
        photos: 1,
        records: [{ steps: 1, moves: 1, photos: 1, closed: false, complaint: 'does not drain' }],
      },
    })
    const before = await counts()
    const { body } = await theirs
      .post(`/api/parcels/${(looked.body as LookedAt).id}/take`)
      .send({})
      .expect(200)
    const [job] = (body as { jobs: string[] }).jobs
    expect(await counts()).toMatchObject({ model: before.model! + 1, unit: before.unit! + 1, job: before.job! + 1 })
    const log = await logOf(job!, theirs)
    expect(log.at(-1)!.kind).toBe('job-closed')
    const step = log.find(e => e.kind === 'step-recorded')!
    const photo = step.kind === 'step-recorded' ? step.body.step.photos[0]! : null
    await theirs.get(`/api/photos/${photo!.hash}/thumb`).expect(200)
    const found = (await theirs.get('/api/search?words=front edge').expect(200)).body as FoundThing[]
    expect(found).toMatchObject([{ kind: 'note', source: job }])
    expect((await theirs.get(`/api/jobs/${job}`).expect(200)).body).toMatchObject({ unit: { serial: 'not known' } })
  })
  it('of a whole job comes back as it was, but for who took it in', async () => {
    const job = await toldJob(false)
    const { jobs } = await takenIn(await fetched(`/api/jobs/${job}/parcel.zip?whole=1`))
    const [there, here] = [await logOf(job, mine), await logOf(jobs[0]!, theirs)]
    const ofTheShop = new Set(['word-taught', 'entry-withdrawn'])
    expect(plain(here)).toBe(plain(there.filter(e => !ofTheShop.has(e.kind))))
    expect((await theirs.get(`/api/jobs/${jobs[0]}`).expect(200)).body).toMatchObject({ unit: { serial: '2231-0417' } })
  })
  it('of a book brings all its recordings, and the book of the other shop is made from them', async () => {
    await toldJob()
    const zip = await fetched(`/api/models/${model}/book.zip`)
    const files = await unzipped(zip)
    const book = JSON.parse(files.get('book.json')!.toString()) as Book
    expect(book.recordings.length).toBeGreaterThan(1)
    const { jobs } = await takenIn(zip)
    expect(jobs).toHaveLength(book.recordings.length)
    const card = (await theirs.get(`/api/jobs/${jobs[0]}`).expect(200)).body as { model: { id: string } }
    const made = (await theirs.get(`/api/models/${card.model.id}/book`).expect(200)).body as Book
    for (const job of jobs) expect(made.recordings.map(r => r.job)).toContain(job)
  })
  it('that was taken in before is said to be here, and is not taken in twice', async () => {
    const zip = await fetched(`/api/jobs/${await toldJob()}/parcel.zip`)
    await takenIn(zip)
    const again = (await lookAt(zip)).body as LookedAt
    expect(again.known).toEqual([again.preview.records[0]!.job])
    const before = await counts()
    const refused = await theirs.post(`/api/parcels/${again.id}/take`).send({}).expect(422)
    expect(refused.body.problems[0].message).toContain('here already')
    expect(await counts()).toEqual(before)
    // One's own as well.
    expect(((await lookAt(zip, mine)).body as LookedAt).known).toHaveLength(1)
  })
  it('is taken back with all that it brought', async () => {
    const stranger = await toldJob()
    // A model of its own, so that it comes and goes too.
    const zip = await fetched(`/api/jobs/${stranger}/parcel.zip`)
    const files = await unzipped(zip)
    files.delete('manifest.json')
    const record = files
      .get('records/1.json')!
      .toString()
      .replaceAll(/FL-\w{4}/g, 'ZZ-99')
    const other = await sharp({ create: { width: 30, height: 30, channels: 3, background: '#123' } })
      .jpeg()
      .toBuffer()
    const entries = [...files].map(([path, bytes]) => [path, path.endsWith('.jpg') ? other : bytes] as const)
    const parcel = await parcelOf({ ...Object.fromEntries(entries), 'records/1.json': record })
    const before = await counts()
    const taken = await takenIn(parcel)
    expect(await counts()).not.toEqual(before)
    const { body } = await theirs.post(`/api/parcels/${taken.parcel.id}/back`).send({}).expect(200)
    expect(body).toEqual({ jobs: 1 })
    await theirs.get(`/api/jobs/${taken.jobs[0]}`).expect(404)
    expect(await counts()).toEqual(before)
    const [told] = ((await theirs.get('/api/parcels').expect(200)).body as TakenIn[]).filter(
      t => t.id === taken.parcel.id,
    )
    expect(told!.backAt).not.toBeNull()
    await theirs.post(`/api/parcels/${taken.parcel.id}/back`).send({}).expect(409)
    // It can be taken in once more.
    await takenIn(parcel)
  })
  it('stays where somebody has worked on it since', async () => {
    const { parcel, jobs } = await takenIn(await fetched(`/api/jobs/${await toldJob(false)}/parcel.zip?whole=1`))
    const them = await w.personId('stranger')
    const events = [made(jobs[0]!, them, 'note-added', { text: 'mine now' })]
    await theirs.post(`/api/jobs/${jobs[0]}/events`).send({ events }).expect(200)
    const before = await counts()
    await theirs.post(`/api/parcels/${parcel.id}/back`).send({}).expect(412)
    expect(await counts()).toEqual(before)
  })
  it('of another shop is not there, whatever is asked of it', async () => {
    const { parcel } = await takenIn(await fetched(`/api/jobs/${await toldJob()}/parcel.zip`))
    for (const act of ['take', 'back']) await mine.post(`/api/parcels/${parcel.id}/${act}`).send({}).expect(404)
    expect(((await mine.get('/api/parcels').expect(200)).body as TakenIn[]).map(t => t.id)).not.toContain(parcel.id)
    const viewer = await w.as('viewer')
    expect((await lookAt('{}', viewer)).status).toBe(403)
  })
  it('may be a bare record, as they were written before there were parcels', async () => {
    const looked = (await lookAt(JSON.stringify(example))).body as LookedAt
    expect(looked.preview).toMatchObject({ kind: 'job', photos: 0, records: [{ steps: 26 }] })
    const { body } = await theirs.post(`/api/parcels/${looked.id}/take`).send({}).expect(200)
    expect((body as { jobs: string[] }).jobs).toHaveLength(1)
  })
})

const text = JSON.stringify(example)
/** A zip in which a name was put in place of another of the same length. */
const renamedIn = (zip: Buffer, from: string, to: string) => {
  expect(to).toHaveLength(from.length)
  return Buffer.from(zip.toString('latin1').replaceAll(from, to), 'latin1')
}
const photoPath = `photos/${'a'.repeat(64)}.jpg`
const good: Files = { 'records/1.json': text }
const hostile: Record<string, [() => Promise<Buffer>, RegExp]> = {
  'a zip bomb': [
    () => parcelOf({ ...good, 'records/2.json': Buffer.alloc(40 * 1024 * 1024) }),
    /can be 33554432 at most/,
  ],
  'a zip bomb that lies about its size': [
    async () => {
      const zip = await parcelOf({ ...good, 'README.txt': Buffer.alloc(7_654_321) })
      const [size, lie] = [Buffer.alloc(4), Buffer.alloc(4)]
      size.writeUInt32LE(7_654_321)
      lie.writeUInt32LE(321)
      return Buffer.from(zip.toString('latin1').replaceAll(size.toString('latin1'), lie.toString('latin1')), 'latin1')
    },
    /cannot be unpacked|checksum/,
  ],
  'a path that leaves its folder': [
    async () => renamedIn(await parcelOf({ ...good, 'README.txt': 'x' }), 'README.txt', '../../../x'),
    /cannot be read/,
  ],
  'a file that no parcel has': [
    () => parcelOf({ ...good, 'run.sh': 'rm -rf /' }),
    /run\.sh is no file that a parcel has/,
  ],
  'a file that the manifest does not name': [
    () => parcelOf({ ...good, 'README.txt': 'x' }, m => ({ ...m, files: (m.files as object[]).slice(0, 1) })),
    /does not name it/,
  ],
  'a file that is not there': [
    () =>
      parcelOf(good, m => ({
        ...m,
        files: [...(m.files as object[]), { path: photoPath, sha256: 'b'.repeat(64), bytes: 3 }],
      })),
    /is not in it/,
  ],
  'a wrong checksum': [
    () => parcelOf(good, m => ({ ...m, files: (m.files as object[]).map(f => ({ ...f, sha256: 'b'.repeat(64) })) })),
    /checksum does not fit/,
  ],
  'a million steps': [
    () => parcelOf({ 'records/1.json': JSON.stringify({ ...example, log: Array(1_000_000).fill(0) }) }),
    /can hold 20000 events/,
  ],
  'broken UTF-8': [() => parcelOf({ 'records/1.json': Buffer.from([0x7b, 0xff, 0xfe, 0x7d]) }), /not text in UTF-8/],
  'a picture that is none': [() => parcelOf({ ...good, [photoPath]: 'GIF or so' }), /no picture/],
  'a record that is none': [() => parcelOf({ 'records/1.json': '{"log": 1}' }), /records\/1\.json: /],
  'a record whose log its own state refuses': [
    () =>
      parcelOf({
        'records/1.json': JSON.stringify({
          ...example,
          log: [...example.log, example.log[0]].map((e, i) => ({
            ...e,
            id: i < example.log.length ? e!.id : randomUUID(),
          })),
        }),
      }),
    /is refused/,
  ],
  'a later version': [() => parcelOf(good, m => ({ ...m, version: 9 })), /later version/],
  'no manifest': [() => zipOf(good), /no manifest/],
  'no record': [() => parcelOf({ 'README.txt': 'x' }), /no record/],
  'half a zip': [async () => (await parcelOf(good)).subarray(0, 900), /cannot be read/],
  'anything else': [async () => Buffer.from('%PDF-1.7'), /not JSON/],
  nothing: [async () => Buffer.alloc(0), /not JSON/],
}

describe('a file that is not right is refused, says why, and nothing is changed by it', () => {
  it.each(Object.keys(hostile))('%s', async name => {
    const [zip, why] = hostile[name]!
    const before = await counts()
    const reply = await lookAt(await zip())
    expect(reply.status).toBe(422)
    expect((reply.body as { problems: { message: string }[] }).problems.map(p => p.message).join()).toMatch(why)
    expect(await counts()).toEqual(before)
    const left = await readdir(join(w.running.context.config.data, 'parcels'))
    expect(left.filter(f => f.startsWith('in-') || f.startsWith('out-'))).toEqual([])
  })
})
