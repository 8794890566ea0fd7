import { randomUUID } from 'node:crypto'
import { monitorEventLoopDelay } from 'node:perf_hooks'
import { machine, openingOf, screwStep } from '../server/test/world.ts'
import type { Line } from './line.ts'
import { serving } from './serving.ts'

/** The longest that others wait while bodies come in that nobody would type, against the reading of their JSON alone. */
export async function stallOfOthers(): Promise<Line> {
  const w = await serving()
  const agent = await w.as('technician')
  const me = await w.personId('technician')
  const { unit } = await machine(agent)
  const job = randomUUID()
  await agent.post(`/api/jobs/${job}/events`).send({ events: [openingOf(job, me, unit)] })
  const step = screwStep(job, me, 1)
  const bad = (fields: object) => ({ ...step, id: randomUUID(), body: { step: { ...step.body.step, ...fields } } })
  const path = Array.from({ length: 60 }, () => ({ x: 'a', y: 2 }))
  const bodies = [
    [bad({ moves: Array(1_500_000).fill(0) })],
    [bad({ marks: Array(700_000).fill({}) })],
    [bad({ marks: Array(300).fill({ id: 0, photo: 0, glyph: 0, path }) })],
    Array.from({ length: 500 }, () => bad({ moves: 'x'.repeat(6000) })),
    [bad({ moves: JSON.parse(`${'['.repeat(3000)}${']'.repeat(3000)}`) })],
  ].map(events => JSON.stringify({ events }))
  const began = performance.now()
  for (const body of bodies) JSON.parse(body)
  const parse = performance.now() - began
  const delay = monitorEventLoopDelay({ resolution: 5 })
  delay.enable()
  for (const body of bodies) {
    const reply = await agent.post(`/api/jobs/${job}/events`).set('content-type', 'application/json').send(body)
    if (reply.status >= 500) throw new Error(`${reply.status}`)
  }
  delay.disable()
  await w.end()
  const longest = delay.max / 1e6
  return {
    name: 'stall-of-others',
    figure: longest,
    unit: 'ms',
    against: 'JSON.parse of the same bodies, all together',
    ratio: longest / parse,
    target: 'under 1000 ms',
    holds: longest < 1000,
  }
}
