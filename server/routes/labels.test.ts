import { execFile } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtemp, readdir, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { codeSquare, labelsOf, places, readLabel, sheets, type Sheet } from '@dialytica/core/labels'
import { foldAll, type JobEvent, type JobState } from '@dialytica/core/log'
import decode from 'jsqr'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
let state: JobState
let folder: string
const job = randomUUID()

beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  const me = await w.personId('technician')
  const moves = [
    { kind: 'remove-fasteners', fastener: { size: 'T20', length: 18 }, count: 4, cell: 'B2' },
    { kind: 'unplug', connector: { label: 'P1', housing: 'white', ways: 3 } },
    { kind: 'remove-part', part: { name: 'pump bracket' } },
  ].map(m => ({ id: randomUUID(), way: 'down', ...m }))
  const events = [
    openingOf(job, me, (await machine(agent)).unit),
    made(job, me, 'tray-chosen', { rows: 3, columns: 4 }),
    made(job, me, 'step-recorded', { step: { id: randomUUID(), zone: 'base', photos: [], marks: [], moves } }),
  ]
  await agent.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  state = foldAll(events as unknown as JobEvent[]).state
  folder = await mkdtemp(join(tmpdir(), 'dialytica-labels-'))
})
afterAll(async () => {
  await rm(folder, { recursive: true, force: true })
  await w.end()
})

const dots = 400
const toDots = (mm: number) => Math.round((mm / 25.4) * dots)

/** The pages of a PDF as pictures, in their order. */
async function pictures(pdf: Buffer, name: string): Promise<string[]> {
  const file = join(folder, `${name}.pdf`)
  await writeFile(file, pdf)
  await promisify(execFile)('pdftoppm', ['-r', String(dots), '-gray', '-png', file, join(folder, name)])
  const found = (await readdir(folder)).filter(f => f.startsWith(`${name}-`) && f.endsWith('.png'))
  return found
    .sort((a, b) => Number(a.match(/(\d+)\.png/)![1]) - Number(b.match(/(\d+)\.png/)![1]))
    .map(f => join(folder, f))
}
/** What a decoder reads on a label at a place of a page. */
async function codeAt(page: string, sheet: Sheet, at: { x: number; y: number }): Promise<string | undefined> {
  const square = codeSquare(sheet)
  const quiet = (square.side * 4) / 21
  const cut = {
    left: Math.max(0, toDots(at.x + square.x - quiet)),
    top: Math.max(0, toDots(at.y + square.y - quiet / 2)),
    width: toDots(square.side + quiet * 1.9),
    height: toDots(square.side + quiet),
  }
  const { data, info } = await sharp(page)
    .extract(cut)
    .extend({ top: 20, bottom: 20, left: 20, right: 20, background: '#fff' })
    .ensureAlpha()
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true })
  return decode(new Uint8ClampedArray(data), info.width, info.height)?.data
}

describe('labels as PDF', () => {
  it.each(sheets.map(s => [s.name, s] as const))('%s: each code is read back to its item', async (_, sheet) => {
    const skip = sheet.rows > 1 ? 2 : 0
    const reply = await agent
      .get(`/api/jobs/${job}/labels.pdf?sheet=${sheet.id}&kinds=cells,connectors,parts&skip=${skip}`)
      .buffer(true)
      .expect(200)
    expect(reply.headers['content-type']).toBe('application/pdf')
    const labels = labelsOf(state, 'front-loader', job, ['cells', 'connectors', 'parts'])
    expect(labels).toHaveLength(12 + 1 + 1)
    const pages = await pictures(reply.body as Buffer, sheet.id)
    const at = places(sheet, labels.length, skip)
    expect(pages).toHaveLength(at.at(-1)!.page + 1)
    const { width, height } = await sharp(pages[0]).metadata()
    expect([width, height].map(n => Math.round((n! / dots) * 25.4))).toEqual(sheet.page.map(Math.round))
    const codes = await Promise.all(labels.map((_, i) => codeAt(pages[at[i]!.page]!, sheet, at[i]!)))
    expect(codes).toEqual(labels.map(l => l.code))
    for (const [i, label] of labels.entries())
      expect(readLabel(codes[i]!, state, job)).toMatchObject(
        label.kind === 'cells' ? { of: 'cell', cell: label.id } : { of: 'move', move: label.id },
      )
  })
  it('of a sheet that is not there, or of nothing, say what is wrong', async () => {
    await agent.get(`/api/jobs/${job}/labels.pdf?sheet=a5`).expect(422)
    const empty = randomUUID()
    const me = await w.personId('technician')
    const { unit } = await machine(agent)
    await agent
      .post(`/api/jobs/${empty}/events`)
      .send({ events: [openingOf(empty, me, unit)] })
      .expect(200)
    const { body } = await agent.get(`/api/jobs/${empty}/labels.pdf?kinds=parts`).expect(422)
    expect(body.detail).toMatch(/record a step first/)
  })
})
