import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { scenario } from '@dialytica/demo'
import { Job, PhotoEntity, Shop, User } from '../entities/index.ts'
import { readConfig } from '../config.ts'
import { serve, type Running } from '../server.ts'
import { emptyWorld, type EmptyWorld } from '../test/world.ts'
import { seedDemo } from './demo.ts'

let w: EmptyWorld
let running: Running
beforeAll(async () => {
  w = await emptyWorld()
  running = await serve(readConfig(w.environment))
})
afterAll(async () => {
  await running.stop()
  await w.end()
})

const loadDemo = async (say: (line: string) => void) => (await seedDemo(running.context, say)).machines
const count = async () => {
  const { db } = running.context
  return Promise.all([Shop, User, Job, PhotoEntity].map(e => db.getRepository(e).count()))
}

describe('the demo', () => {
  it('is loaded once: people, machines, jobs and their photos', async () => {
    await loadDemo(() => {})
    const [shops, users, jobs, photos] = await count()
    expect([shops, users, jobs]).toEqual([1, scenario.people.length, scenario.jobs.length])
    expect(photos).toBeGreaterThan(scenario.jobs.reduce((n, j) => n + j.steps.length, 0) * 0.9)
    const said: string[] = []
    await loadDemo(line => said.push(line))
    expect(said).toEqual([])
    expect(await count()).toEqual([shops, users, jobs, photos])
  })

  it('that was cut off is made good by the next start', async () => {
    const { db } = running.context
    const before = await count()
    const [lost] = await db.query('SELECT id FROM job ORDER BY id LIMIT 1')
    for (const table of ['snapshot', 'event']) await db.query(`DELETE FROM ${table} WHERE job_id = ?`, [lost.id])
    await db.query('DELETE FROM job WHERE id = ?', [lost.id])
    running.context.states.clear()
    await loadDemo(() => {})
    expect((await count()).slice(0, 3)).toEqual(before.slice(0, 3))
  })

  it('is never put beside a shop of somebody', async () => {
    const { db } = running.context
    await db.query("INSERT INTO shop VALUES ('00000000-0000-4000-8000-000000000009', 'Quay Street', 'UTC', NOW(3))")
    await db.query('DELETE FROM event')
    await db.query('DELETE FROM snapshot')
    await db.query('DELETE FROM job')
    await loadDemo(() => {})
    expect((await count())[2]).toBe(0)
  })
})
