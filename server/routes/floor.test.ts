import type { Floor, JobCard, KnownUnit } from '@dialytica/core/wire'
import { byToday, today } from '@dialytica/core/ledger'
import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Job, Unit } from '../entities/index.ts'
import { filled } from '../test/filled.ts'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
const day = 86_400_000
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  const { db } = w.running.context
  await filled(w, 'lead', { models: 4, units: 150, jobs: 260, steps: 3, open: 70 })
  // A fifth of the open ones waits: for something late, due today, due later, or for no day.
  const open = (await db.getRepository(Job).find({ order: { id: 'ASC' } })).filter(j => !j.closedAt)
  const due = [-3, 0, 4, null]
  for (const [i, { id, summary }] of open.entries()) {
    if (i % 5) continue
    const job = due[(i / 5) % 4]
    const body = { phase: 'bench', waitsFor: 'pump', ...(job !== null && { due: new Date(Date.now() + job! * day) }) }
    const { body: told } = await mine
      .post(`/api/jobs/${id}/events`)
      .send({ events: [{ ...made(id, me, 'phase-changed', body), at: new Date().toISOString() }] })
      .expect(200)
    expect((told as { refused: unknown[] }).refused, summary.complaint).toEqual([])
  }
})
afterAll(() => w.end())

const floor = async (query = '') => (await mine.get(`/api/floor${query}`).expect(200)).body as Floor
/** A list read to its end, each part from where the last one ended. */
async function toTheEnd(query = ''): Promise<JobCard[]> {
  const all: JobCard[] = []
  for (;;) {
    const after = all.length ? `&after=${all.at(-1)!.id}` : ''
    const { jobs, more } = await floor(`?${query}${after}`)
    all.push(...jobs)
    if (!more) return all
  }
}
async function everyJob(query: string, key: (j: JobCard) => string): Promise<JobCard[]> {
  const all: JobCard[] = []
  for (;;) {
    const last = all.at(-1)
    const before = last ? `&before=${key(last)}_${last.id}` : ''
    const some = (await mine.get(`/api/jobs?${query}${before}`).expect(200)).body as JobCard[]
    all.push(...some)
    if (some.length < 50) return all
  }
}
const rows = () => w.running.context.db.getRepository(Job).find()

describe('the floor of a large shop', () => {
  it('tells every machine that stands open once, part by part, and counts them', async () => {
    const open = (await rows()).filter(j => !j.closedAt)
    const all = await toTheEnd()
    expect(new Set(all.map(j => j.id))).toEqual(new Set(open.map(j => j.id)))
    expect(all).toHaveLength(open.length)
    const { jobs, ...counts } = await floor()
    expect(jobs).toHaveLength(12)
    expect(counts).toMatchObject({ open: 70, asked: 70, late: 8, goesOn: 56, waits: 6 })
    expect(counts.pieces).toBe(open.reduce((n, j) => n + Object.values(j.summary.owed).reduce((a, b) => a + b, 0), 0))
  })
  it('has those first that can go on today, by what each waits for', async () => {
    const now = Date.now()
    const days = (due: string | undefined) => (due ? Math.round((now - Date.parse(due)) / day) : 0)
    const all = (await toTheEnd()).map(j => today(j.summary, days(j.summary.due)))
    for (const [i, one] of all.entries()) if (i > 0) expect(byToday(all[i - 1]!, one)).toBeLessThanOrEqual(0)
    expect(all.map(t => t.is).slice(0, 4)).toEqual(['late', 'late', 'late', 'late'])
  })
  it('is narrowed by how they can go on, and by words of their plate, place or complaint', async () => {
    expect((await toTheEnd('today=waits')).every(j => j.summary.waitsFor)).toBe(true)
    expect(await toTheEnd('today=late')).toHaveLength(8)
    const [one] = (await floor()).jobs
    const { serial } = one!.unit
    for (const words of [serial, serial.replace('-', ''), `${one!.model.code} ${serial.slice(0, 4)}`])
      expect((await toTheEnd(`words=${encodeURIComponent(words)}`)).map(j => j.id)).toContain(one!.id)
    const some = await floor(`?words=${encodeURIComponent(one!.summary.complaint.split(' ')[0]!)}`)
    expect(some.jobs.length).toBeGreaterThan(0)
    expect(await floor('?words=%25%25')).toMatchObject({ jobs: [], asked: 0, open: 70 })
    await mine.get('/api/floor?today=never').expect(422)
  })
  it('is not told to another shop', async () => {
    const theirs = (await (await w.as('stranger')).get('/api/floor').expect(200)).body as Floor
    expect(theirs).toMatchObject({ jobs: [], open: 0, pieces: 0 })
  })
})

describe('lists of jobs', () => {
  it('have what was closed lately first, to the first that ever was', async () => {
    const closed = (await rows()).filter(j => j.closedAt)
    const all = await everyJob('state=closed', j => j.closedAt!)
    expect(all.map(j => j.id)).toEqual(
      closed.sort((a, b) => b.closedAt!.getTime() - a.closedAt!.getTime() || (a.id < b.id ? 1 : -1)).map(j => j.id),
    )
  })
  it('of one unit are all of it, and a unit that was never opened says so', async () => {
    const all = await rows()
    const units = await w.running.context.db.getRepository(Unit).find()
    const told: KnownUnit[] = []
    for (const modelId of new Set(units.map(u => u.modelId)))
      for (let after = ''; ;) {
        const query = `model=${modelId}${after && `&after=${after}`}`
        const some = (await mine.get(`/api/units?${query}`).expect(200)).body as KnownUnit[]
        told.push(...some)
        if (some.length < 100) break
        after = some.at(-1)!.serial
      }
    expect(told.map(u => u.id).sort()).toEqual(units.map(u => u.id).sort())
    for (const unit of told) {
      const own = all.filter(j => j.unitId === unit.id)
      expect(unit.jobs).toBe(own.length)
      expect(unit.last === null).toBe(own.length === 0)
      const open = own.filter(j => !j.closedAt).map(j => j.id)
      if (open.length) expect(open).toContain(unit.open)
      else expect(unit.open).toBeNull()
    }
    expect(told.some(u => u.jobs === 0)).toBe(true)
    const [busy] = told.sort((a, b) => b.jobs - a.jobs)
    const listed = await everyJob(`unit=${busy!.id}`, j => j.changedAt)
    expect(listed.map(j => j.id).sort()).toEqual(
      all
        .filter(j => j.unitId === busy!.id)
        .map(j => j.id)
        .sort(),
    )
  })
})

it('a plate is found however its serial was typed, of its own shop', async () => {
  const { unit } = await machine(mine)
  const typed = async (serial: string, who = mine) =>
    ((await who.get(`/api/units?serial=${encodeURIComponent(serial)}`).expect(200)).body as KnownUnit[]).map(u => u.id)
  for (const serial of ['2231-0417', '22310417', '2231 04', 'ZZ31-O4I7']) expect(await typed(serial)).toContain(unit)
  expect(await typed('2231-0418')).not.toContain(unit)
  expect(await typed('2231-0417', await w.as('stranger'))).toEqual([])
  const job = randomUUID()
  await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit)] })
    .expect(200)
  const [found] = (await mine.get('/api/units?serial=2231-0417').expect(200)).body as KnownUnit[]
  expect(found).toMatchObject({ jobs: 1, open: job, last: { complaint: 'does not drain' } })
})
