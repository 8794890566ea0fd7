import { execFile } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Book } from '@dialytica/core/book'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
let model: string
let unit: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  ;({ model, unit } = await machine(mine))
})
afterAll(() => w.end())

const moveOf = (count: number, place: string) => ({
  id: randomUUID(),
  way: 'down',
  kind: 'remove-fasteners',
  place,
  count,
  fastener: { drive: 'torx', size: 'T20' },
})
/** A job of two steps, the second with a note, closed; returns its id. */
async function closedJob(count: number): Promise<string> {
  const job = randomUUID()
  const step = randomUUID()
  const say = (kind: Parameters<typeof made>[2], body: object) => made(job, me, kind, body)
  const recorded = (id: string, move: object) =>
    say('step-recorded', { step: { id, zone: 'outside', photos: [], marks: [], moves: [move] } })
  const events = [
    openingOf(job, me, unit),
    recorded(randomUUID(), moveOf(8, 'rear panel')),
    recorded(step, moveOf(count, 'top panel')),
    say('note-added', { text: 'one sits under the sticker', step }),
    say('job-closed', { clean: false, note: 'parts come tomorrow' }),
  ]
  const reply = await mine.post(`/api/jobs/${job}/events`).send({ events })
  expect((reply.body as { refused: unknown[] }).refused).toEqual([])
  return job
}
const book = async () => (await mine.get(`/api/models/${model}/book`).expect(200)).body as Book
const acts = (of: Book) => of.steps.flatMap(s => s.acts)

describe('the book of a model', () => {
  it('is empty before a job is closed and grows with each one', async () => {
    expect((await book()).steps).toEqual([])
    const one = await closedJob(2)
    expect(acts(await book()).map(a => a.jobs)).toEqual([[one], [one]])
    const two = await closedJob(3)
    const both = await book()
    expect(both.recordings.map(r => r.job)).toEqual([one, two])
    expect(acts(both)).toHaveLength(2)
    expect(acts(both)[1]).toMatchObject({
      jobs: [one, two],
      of: 2,
      varies: [{ field: 'count', split: null }],
      lessons: [{ kind: 'noted', says: 'one sits under the sticker', job: one }],
    })
    expect(await book()).toEqual(both)
  })
  it('is a sheet to print, with every step down and back', async () => {
    const reply = await mine.get(`/api/models/${model}/book.pdf`).buffer(true).expect(200)
    expect(reply.headers['content-type']).toBe('application/pdf')
    const folder = await mkdtemp(join(tmpdir(), 'dialytica-book-'))
    await writeFile(join(folder, 'book.pdf'), reply.body as Buffer)
    const { stdout } = await promisify(execFile)('pdftotext', ['-layout', join(folder, 'book.pdf'), '-'])
    await rm(folder, { recursive: true })
    const text = stdout.replace(/\s+/g, ' ')
    for (const words of [
      'From 2 closed jobs',
      'Rear panel: take out eight T20',
      'one sits under the sticker',
      'start all eight T20 by hand',
      'local codes',
    ])
      expect(text).toContain(words)
    await (await w.as('stranger')).get(`/api/models/${model}/book.pdf`).expect(404)
  })
  it('is put right by a lead, with who said it; taken back, it is as it was; nobody else may', async () => {
    const before = await book()
    const [first, second] = acts(before)
    const say = (body: object, who = mine) => who.post(`/api/models/${model}/hand`).send({ id: randomUUID(), body })
    const trap = await say({ kind: 'trap', act: second!.id, says: 'it drops' }).expect(200)
    const gone = await say({ kind: 'withdrawn', job: first!.jobs[0], reason: 'told by a learner' }).expect(200)
    const now = await book()
    expect(now.recordings).toHaveLength(1)
    expect(acts(now)[1]!.lessons).toContainEqual(expect.objectContaining({ kind: 'trap', says: 'it drops' }))
    const told = (await mine.get(`/api/models/${model}/hand`).expect(200)).body as { by: string; body: object }[]
    expect(told).toMatchObject([
      { by: 'lead', body: { kind: 'trap' } },
      { by: 'lead', body: { kind: 'withdrawn' } },
    ])
    for (const { body } of [trap, gone]) await say({ kind: 'undone', word: (body as { id: string }).id }).expect(200)
    expect(await book()).toEqual(before)
    await say({ kind: 'trap', act: second!.id }).expect(422)
    await say({ kind: 'burnt', act: second!.id }).expect(422)
    await say({ kind: 'standard', act: second!.id }, await w.as('technician')).expect(403)
    await say({ kind: 'standard', act: second!.id }, await w.as('stranger')).expect(404)
  })
  it('names a sister model of the same shop, another than itself', async () => {
    const say = (id: string) =>
      mine.post(`/api/models/${model}/hand`).send({ id: randomUUID(), body: { kind: 'sister', model: id } })
    const sister = (await machine(mine)).model
    await say(sister).expect(200)
    expect((await book()).sister).toBe(sister)
    await say(model).expect(422)
    await say((await machine(await w.as('stranger'))).model).expect(404)
    await say(randomUUID()).expect(404)
    expect((await book()).sister).toBe(sister)
  })
  it('is told to nobody of another shop', async () => {
    await (await w.as('stranger')).get(`/api/models/${model}/book`).expect(404)
  })
})
