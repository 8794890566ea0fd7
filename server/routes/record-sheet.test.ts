import { execFile } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
let folder: string
const job = randomUUID()

beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  folder = await mkdtemp(join(tmpdir(), 'dialytica-record-'))
  const me = await w.personId('technician')
  const step = randomUUID()
  const moves = [
    { kind: 'remove-fasteners', fastener: { size: 'T20', length: 18 }, count: 4, cell: 'B2', condition: 'corroded' },
    { kind: 'replace-part', part: { name: 'pump', opens: ['base'] }, carryOver: ['bracket'] },
  ].map(m => ({ id: randomUUID(), way: 'down', ...m }))
  const events = [
    openingOf(job, me, (await machine(agent)).unit),
    made(job, me, 'step-recorded', { step: { id: step, zone: 'base', photos: [], marks: [], moves } }),
    made(job, me, 'reading-taken', { of: 'winding', value: 2.6, unit: 'Ω' }),
    ...['one', 'the other'].map((state, i) =>
      made(job, me, 'reading-taken', {
        of: 'motor brushes',
        quantity: 'brushes',
        state,
        value: 22 + i,
        unit: 'mm',
        step: 1,
        given: [
          { name: 'limit', value: 10 },
          { name: 'fresh', value: 40 },
          { name: 'years', value: 6 },
        ],
      }),
    ),
    made(job, me, 'gate-passed', { step, owed: [moves[0]!.id], reason: 'part to come', zones: ['base'] }),
    made(job, me, 'job-closed', { clean: false, note: 'customer takes it as it is', signedBy: 'M. Okwell' }),
  ]
  const reply = await agent.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  expect(reply.body.refused).toEqual([])
})
afterAll(async () => {
  await rm(folder, { recursive: true, force: true })
  await w.end()
})

describe('the record sheet', () => {
  it('says what is owed, why the gate was passed, what was found and measured, and who signed', async () => {
    const reply = await agent.get(`/api/jobs/${job}/record.pdf`).buffer(true).expect(200)
    expect(reply.headers['content-type']).toBe('application/pdf')
    const file = join(folder, 'record.pdf')
    await writeFile(file, reply.body as Buffer)
    const { stdout } = await promisify(execFile)('pdftotext', ['-layout', file, '-'])
    const text = stdout.replace(/\s+/g, ' ')
    for (const words of [
      'Closed with debts',
      'customer takes it as it is',
      'M. Okwell',
      'Still owed',
      'bracket, from the old pump',
      'part to come',
      'corroded',
      'winding 2.6 ohm',
      // The picture beneath the table, by its words and the figure drawn in it.
      'limit 10 mm: about 4.0 years left',
      '22 mm',
      'local codes',
    ])
      expect(text).toContain(words)
  })
  it('has a sheet of the way back, with what to fetch from which cell', async () => {
    const reply = await agent.get(`/api/jobs/${job}/return.pdf`).buffer(true).expect(200)
    const file = join(folder, 'return.pdf')
    await writeFile(file, reply.body as Buffer)
    const { stdout } = await promisify(execFile)('pdftotext', ['-layout', file, '-'])
    const text = stdout.replace(/\s+/g, ' ')
    for (const words of ['the way back', 'from B2', 'start all four T20', 'new pump', 'local codes'])
      expect(text.toLowerCase()).toContain(words.toLowerCase())
  })
  it('is of the own shop only', async () => {
    const stranger = await w.as('stranger')
    await stranger.get(`/api/jobs/${job}/record.pdf`).expect(404)
  })
})
