import { randomUUID } from 'node:crypto'
import type { JobEvent } from '@dialytica/core/log'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
let me: string
let job: string
const hour = 3_600_000
const iso = (ms: number) => new Date(ms).toISOString()
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
  me = await w.personId('technician')
  job = randomUUID()
  await send([{ ...openingOf(job, me, (await machine(agent)).unit), at: iso(Date.now()) }], Date.now())
})
afterAll(() => w.end())

type Told = { accepted: { id: string; seq: number; when?: string }[]; refused: unknown[] }
/** Sends a batch as a device whose clock shows `clock`; as one of before, that does not say what its clock shows, without. */
async function send(events: readonly object[], clock?: number): Promise<Told> {
  const { body } = await agent
    .post(`/api/jobs/${job}/events`)
    .send({ events, ...(clock !== undefined && { sent: iso(clock) }) })
    .expect(200)
  expect(body.refused).toEqual([])
  return body as Told
}
const word = (text: string, clock: number, device: string, over: object = {}) => ({
  ...made(job, me, 'intake-told', { complaint: text }),
  ...{ at: iso(clock), device },
  ...over,
})
const log = async () => (await agent.get(`/api/jobs/${job}/events`).expect(200)).body as JobEvent[]

it('puts what a device a year ahead says at the time at which it was said, and says so', async () => {
  const ahead = Date.now() + 365 * 24 * hour
  const said = word('leaks', ahead - 5 * hour, 'ahead')
  const { accepted } = await send([said], ahead)
  const when = Date.parse(accepted[0]!.when!)
  expect(Math.abs(when - (Date.now() - 5 * hour))).toBeLessThan(60_000)
  const stored = (await log()).find(e => e.id === said.id)!
  expect(stored).toMatchObject({ at: said.at, when: accepted[0]!.when })
  // Sent again it has the same number and the same moment.
  expect((await send([said], ahead)).accepted).toEqual(accepted)
})

it('keeps the order of what one device says, whatever its clock does in between', async () => {
  const now = Date.now()
  const words = [now, now - 900 * hour, now + 900 * hour, now].map((clock, i) => word(`word ${i}`, clock, 'jumping'))
  for (const one of words) await send([one], now)
  const whens = (await log()).filter(e => e.device === 'jumping').map(e => e.when ?? e.at)
  expect(whens).toEqual(whens.toSorted())
  expect(new Set(whens).size).toBe(4)
  expect(Date.parse(whens.at(-1)!)).toBeLessThan(Date.now() + 10_000)
})

it('puts an answer after what it answers, and takes no device at its word that it knew the future', async () => {
  const now = Date.now()
  const [first] = (await send([word('hums', now, 'one')], now)).accepted
  const known = first!.when ?? iso(now)
  const [late] = (await send([word('trips', now - hour, 'two', { after: known })], now)).accepted
  expect(Date.parse(late!.when!)).toBe(Date.parse(known) + 1)
  const [liar] = (await send([word('is loud', now, 'three', { after: iso(now + 9000 * hour) })], now)).accepted
  expect(Date.parse(liar!.when ?? iso(now))).toBeLessThan(now + 10_000)
  // Nor that the server said when it was.
  const [own] = (await send([word('rattles', now, 'four', { when: iso(now + 9000 * hour) })], now)).accepted
  expect(own!.when ?? iso(now)).toBe(iso(now))
})

it('takes a device of before, that does not say what its clock shows, at its word', async () => {
  const said = word('rocks', Date.UTC(2026, 0, 5, 9), 'older')
  const [accepted] = (await send([said])).accepted
  expect(accepted).not.toHaveProperty('when')
  expect((await log()).find(e => e.id === said.id)).not.toHaveProperty('when')
})

it('tells its own clock with every answer', async () => {
  const reply = await agent.get('/api/session').expect(200)
  expect(Math.abs(Date.parse(reply.get('dialytica-time')!) - Date.now())).toBeLessThan(60_000)
})
