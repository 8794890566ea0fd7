import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import type { JobEvent } from '@dialytica/core/log'
import { limits } from '@dialytica/core/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, screwStep, world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
let me: string
let unit: string
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  me = await w.personId('technician')
  unit = (await machine(agent)).unit
})
afterAll(() => w.end())

const post = (job: string, ...events: object[]) => agent.post(`/api/jobs/${job}/events`).send({ events })
async function opened() {
  const job = randomUUID()
  await post(job, openingOf(job, me, unit)).expect(200)
  return job
}

describe('the job log', () => {
  it('opens a job with its first event and numbers what follows', async () => {
    const job = randomUUID()
    const events = [openingOf(job, me, unit), screwStep(job, me, 4)]
    const { body } = await post(job, ...events).expect(200)
    expect(body).toEqual({ seq: 2, accepted: events.map((e, i) => ({ id: e.id, seq: i + 1 })), refused: [] })
    const log = (await agent.get(`/api/jobs/${job}/events`).expect(200)).body as JobEvent[]
    expect(log.map(e => e.seq)).toEqual([1, 2])
    expect(log[1]!.body).toEqual(events[1]!.body)
    const after = (await agent.get(`/api/jobs/${job}/events?after=1`).expect(200)).body as JobEvent[]
    expect(after.map(e => e.id)).toEqual([events[1]!.id])
    const floor = (await agent.get('/api/jobs?state=open').expect(200)).body as { id: string; summary: object }[]
    expect(floor.find(j => j.id === job)!.summary).toMatchObject({
      owed: { fastener: 4 },
      zones: { top: 4 },
      steps: 1,
    })
  })

  it('takes the same batch twice with the effect of once', async () => {
    const job = await opened()
    const step = screwStep(job, me, 2)
    const first = (await post(job, step).expect(200)).body
    const second = (await post(job, step).expect(200)).body
    expect(second).toEqual(first)
    expect((await agent.get(`/api/jobs/${job}/events`)).body).toHaveLength(2)
  })

  it('returns what is refused with its reason, and takes the rest', async () => {
    const job = await opened()
    const step = screwStep(job, me, 2)
    const over = made(job, me, 'debt-settled', { debt: step.body.step.moves[0]!.id, how: 'refitted', count: 3 })
    const bad = { ...screwStep(job, me, 0) }
    const other = { ...screwStep(job, me, 1), actor: randomUUID() }
    const { body } = await post(job, step, over, bad, other).expect(200)
    expect(body.accepted.map((a: { id: string }) => a.id)).toEqual([step.id])
    expect(Object.fromEntries(body.refused.map((r: { id: string; message: string }) => [r.id, r.message]))).toEqual({
      [over.id]: expect.stringMatching(/more than is owed/),
      [bad.id]: expect.stringMatching(/count must be at least 1/),
      [other.id]: expect.stringMatching(/somebody else/),
    })
  })

  it('refuses to close clean with a screw owed, and closes with debts by name', async () => {
    const job = await opened()
    await post(job, screwStep(job, me, 1))
    const clean = (await post(job, made(job, me, 'job-closed', { clean: true }))).body
    expect(clean.refused[0].message).toMatch(/still owed/)
    await post(job, made(job, me, 'job-closed', { clean: false, note: 'screw lost in the drain' }))
    const { body } = await agent.get(`/api/jobs/${job}`).expect(200)
    expect(body.closedAt).not.toBeNull()
    expect(body.summary).toMatchObject({ phase: 'closed', clean: false, owed: { fastener: 1 } })
  })

  it('opens once when two send its opening at once', async () => {
    const job = randomUUID()
    const opening = openingOf(job, me, unit)
    const both = await Promise.all([1, 2, 3].map(() => post(job, opening).expect(200)))
    for (const { body } of both) expect(body).toEqual({ seq: 1, accepted: [{ id: opening.id, seq: 1 }], refused: [] })
  })

  it('keeps one order when many post at once', async () => {
    const job = await opened()
    await Promise.all(Array.from({ length: 20 }, () => post(job, screwStep(job, me, 1)).expect(200)))
    const log = (await agent.get(`/api/jobs/${job}/events`)).body as JobEvent[]
    expect(log.map(e => e.seq)).toEqual(Array.from({ length: 21 }, (_, i) => i + 1))
    expect((await agent.get(`/api/jobs/${job}`)).body.summary.owed.fastener).toBe(20)
  })

  it('folds on from a stored snapshot on a server that has not seen the job', async () => {
    const job = await opened()
    await post(job, ...Array.from({ length: 300 }, () => screwStep(job, me, 1))).expect(200)
    const second = await w.another()
    const cookie = (await agent.get('/api/session')).request.cookies as string
    const step = screwStep(job, me, 5)
    const reply = await fetch(`http://127.0.0.1:${second.port}/api/jobs/${job}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify({ events: [step] }),
    })
    expect(await reply.json()).toMatchObject({ seq: 302, refused: [] })
    const back = (await post(job, screwStep(job, me, 1)).expect(200)).body
    expect(back.seq).toBe(303)
    expect((await agent.get(`/api/jobs/${job}`)).body.summary.owed.fastener).toBe(306)
  })

  it('does not open a job on a unit that is not there, nor take a batch above the limit', async () => {
    const job = randomUUID()
    await post(job, openingOf(job, me, randomUUID())).expect(404)
    await post(job, screwStep(job, me, 1)).expect(404)
    const many = await post(job, ...Array.from({ length: limits.batch + 1 }, () => ({}))).expect(422)
    expect(many.body.problems[0]).toMatchObject({
      path: 'events',
      message: expect.stringMatching(/500 events at most/),
    })
  })
})

describe('the stream', () => {
  it('sends the log after a number, then what another server appends', async () => {
    const job = await opened()
    const second = await w.another()
    const cookie = (await agent.get('/api/session')).request.cookies as string
    const seen: JobEvent[] = []
    const request = get(`http://127.0.0.1:${second.port}/api/jobs/${job}/stream?after=0`, { headers: { cookie } })
    const three = new Promise<void>((done, fail) => {
      request.on('error', fail)
      request.on('response', reply => {
        expect(reply.headers['content-type']).toBe('text/event-stream')
        reply.setEncoding('utf8').on('data', (text: string) => {
          for (const [, data] of text.matchAll(/^data: (.*)$/gm)) seen.push(JSON.parse(data!) as JobEvent)
          if (seen.length === 3) done()
        })
      })
    })
    const steps = [screwStep(job, me, 1), screwStep(job, me, 2)]
    await post(job, steps[0]!)
    await post(job, steps[1]!)
    await three
    request.destroy()
    expect(seen.map(e => e.seq)).toEqual([1, 2, 3])
    expect(seen.slice(1).map(e => e.id)).toEqual(steps.map(s => s.id))
  })
})
