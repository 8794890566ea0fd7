import { summary } from '@dialytica/core/ledger'
import { eventSchema, foldAll } from '@dialytica/core/log'
import { check } from '@dialytica/core/schema'
import type { FoundThing } from '@dialytica/core/wire'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Event, Job } from '../entities/index.ts'
import { eventOf } from '../joblog/states.ts'
import { filled } from '../test/filled.ts'
import { world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  await filled(w, 'lead', { models: 3, units: 5, jobs: 12, steps: 20, open: 4, photos: true })
})
afterAll(() => w.end())

describe('a shop that was filled', () => {
  it('has jobs as the application writes them: every event fits its schema, none is refused, the summary is theirs', async () => {
    const { db } = w.running.context
    const jobs = await db.getRepository(Job).find()
    expect(jobs).toHaveLength(12)
    expect(jobs.filter(j => j.closedAt === null)).toHaveLength(4)
    for (const job of jobs) {
      const log = (await db.getRepository(Event).find({ where: { jobId: job.id }, order: { seq: 'ASC' } })).map(eventOf)
      for (const [i, { seq, ...event }] of log.entries()) {
        expect(seq).toBe(i + 1)
        const checked = check(eventSchema, event)
        expect(checked.ok ? [] : checked.problems, JSON.stringify(event)).toEqual([])
      }
      const { state, refused } = foldAll(log)
      expect(refused).toEqual([])
      expect(JSON.parse(JSON.stringify(summary(state)))).toEqual(job.summary)
      expect(job.seq).toBe(log.length)
    }
  })
  it('is told by every list and found by the search, as if it had been recorded', async () => {
    const { db } = w.running.context
    expect((await mine.get('/api/jobs').expect(200)).body).toHaveLength(12)
    const before = (await db.query('SELECT COUNT(*) AS n FROM search_posting')) as { n: number }[]
    const found = (await mine.get('/api/search?words=screws').expect(200)).body as FoundThing[]
    expect(found.length).toBeGreaterThan(3)
    expect(found.every(f => f.photo)).toBe(true)
    // Read anew, nothing changes.
    await db.query('UPDATE search_source SET edition = 0')
    await w.running.context.reader.catchUp()
    expect(await db.query('SELECT COUNT(*) AS n FROM search_posting')).toEqual(before)
    expect(await db.query('SELECT COUNT(*) AS n FROM search_source WHERE edition = 0')).toEqual([{ n: '0' }])
  })
})
