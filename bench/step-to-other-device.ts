import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import { machine, openingOf, screwStep } from '../server/test/world.ts'
import type { Line } from './line.ts'
import { serving } from './serving.ts'

/** From the moment a step is sent to one server until a device that follows the job on another server has it; worst of 20. */
export async function stepToOtherDevice(): Promise<Line> {
  const w = await serving()
  const second = await w.another()
  const agent = await w.as('technician')
  const me = await w.personId('technician')
  const { unit } = await machine(agent)
  const job = randomUUID()
  const post = (event: object) => agent.post(`/api/jobs/${job}/events`).send({ events: [event] })
  await post(openingOf(job, me, unit))
  const cookie = (await agent.get('/api/session')).request.cookies as string
  const heard = new Map<string, () => void>()
  const request = get(
    `http://127.0.0.1:${second.port}/api/jobs/${job}/stream?after=1`,
    { headers: { cookie } },
    reply => {
      reply.setEncoding('utf8').on('data', (text: string) => {
        for (const [, data] of text.matchAll(/^data: (.*)$/gm)) heard.get((JSON.parse(data!) as { id: string }).id)?.()
      })
    },
  )
  const times: number[] = []
  for (let i = 0; i < 20; i++) {
    const event = screwStep(job, me, 1)
    const seen = new Promise<void>(done => heard.set(event.id, done))
    const began = performance.now()
    await Promise.all([post(event), seen])
    times.push(performance.now() - began)
  }
  request.destroy()
  await w.end()
  const worst = Math.max(...times)
  return {
    name: 'step-to-other-device',
    figure: worst,
    unit: 'ms',
    against: 'one second',
    ratio: worst / 1000,
    target: 'under 1 s, by way of two servers',
    holds: worst < 1000,
  }
}
