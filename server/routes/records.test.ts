import { foldAll, toSnapshot, type JobEvent } from '@dialytica/core/log'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import example from '../../docs/example-job.json' with { type: 'json' }
import { world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
})
afterAll(() => w.end())

/** What a state says apart from who, which job and which unit. */
const plain = (log: JobEvent[]) => {
  const { state } = toSnapshot(foldAll(log).state)
  return JSON.stringify({ ...state, opened: null }).replaceAll(/"by":"[^"]*"/g, '')
}

describe('the record of a job', () => {
  it('is taken in as a job of this shop, and given out again the same', async () => {
    const { body } = await agent.post('/api/records').send(example).expect(200)
    expect(body.steps).toBe(26)
    const { body: card } = await agent.get(`/api/jobs/${body.job}`).expect(200)
    expect(card).toMatchObject({ unit: { serial: '5500-0134' }, model: { code: 'FL-70', maker: 'Pellinor' } })
    const { body: again, headers } = await agent.get(`/api/jobs/${body.job}/record.json`).expect(200)
    expect(headers['content-disposition']).toContain('job-FL-70-5500-0134.json')
    expect(again.steps).toEqual(example.steps)
    expect(plain(again.log as JobEvent[])).toBe(plain(example.log as unknown as JobEvent[]))
    // What was given out is taken in once more, on the machine that is known by now.
    const { body: second } = await agent.post('/api/records').send(again).expect(200)
    expect(second.job).not.toBe(body.job)
  })
  it('that is not right is refused with the path into the file', async () => {
    const bent = { ...example, log: [{ ...example.log[0], at: 'yesterday' }, ...example.log.slice(1)] }
    const { body } = await agent.post('/api/records').send(bent).expect(422)
    expect(body.problems ?? body.errors).toContainEqual(expect.objectContaining({ path: 'log[0].at' }))
    const other = { ...example, machine: { ...example.machine, family: 'top-loader' } }
    await agent.post('/api/records').send(other).expect(422)
  })
  it('of another shop is not there', async () => {
    const { body } = await agent.post('/api/records').send(example).expect(200)
    await (await w.as('stranger')).get(`/api/jobs/${body.job}/record.json`).expect(404)
  })
})
