import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { machine, made, openingOf, world, type Agent, type World } from '../test/world.ts'

let w: World
let mine: Agent
let me: string
let model: string
let unit: string
beforeAll(async () => {
  w = await world()
  mine = await w.as('lead')
  me = await w.personId('lead')
  const made = await machine(mine)
  model = made.model
  unit = made.unit
})
afterAll(() => w.end())

async function opened(): Promise<string> {
  const job = randomUUID()
  await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [openingOf(job, me, unit)] })
    .expect(200)
  return job
}
/** Says something in a job; returns the id of the event. */
async function say(job: string, kind: Parameters<typeof made>[2], body: object): Promise<string> {
  const event = made(job, me, kind, body)
  const reply = await mine
    .post(`/api/jobs/${job}/events`)
    .send({ events: [event] })
    .expect(200)
  expect((reply.body as { refused: unknown[] }).refused).toEqual([])
  return (event as { id: string }).id
}
const solved = async (agent = mine) =>
  (await agent.get('/api/solved').expect(200)).body as { job: string; cause: string; model: string; family: string }[]

describe('what jobs taught about causes', () => {
  it('is of each job the cause that was told last, with its model; what was taken back, and what was not it, is not', async () => {
    const [one, two, three] = [await opened(), await opened(), await opened()]
    const told = { told: ['does not drain'], did: [{ check: 'open the filter', good: false }] }
    await say(one, 'cause-told', { cause: 'pump worn', is: true, ...told })
    await say(one, 'cause-told', { cause: 'filter blocked', is: true, ...told })
    await say(two, 'cause-told', { cause: 'pump worn', is: false })
    const gone = await say(three, 'cause-told', { cause: 'belt glazed', is: true, ...told })
    await say(three, 'entry-withdrawn', { entry: gone, reason: 'it was not' })
    const all = await solved()
    expect(all).toHaveLength(1)
    expect(all[0]).toMatchObject({ job: one, cause: 'filter blocked', model, family: 'front-loader', ...told })
    expect(await solved(await w.as('stranger'))).toEqual([])
  })
})

describe('the codes of a model', () => {
  it('are what its jobs kept, of each the last word; another shop does not see the model', async () => {
    const job = await opened()
    await say(job, 'code-kept', { code: 'Q7', says: 'does not drain', circuit: 'pump' })
    await say(job, 'code-kept', { code: 'Q7', says: 'does not empty in time', circuit: 'pump' })
    const codes = (await mine.get(`/api/models/${model}/codes`).expect(200)).body as object[]
    expect(codes).toHaveLength(1)
    expect(codes[0]).toMatchObject({ code: 'Q7', says: 'does not empty in time', circuit: 'pump' })
    await (await w.as('stranger')).get(`/api/models/${model}/codes`).expect(404)
  })
})

describe('what earlier jobs of a model learnt of its parts', () => {
  it('is how a new one was made to fit, tools, sources that sent one, and verdicts; what was taken back is not, nor is it told to another shop', async () => {
    const job = await opened()
    await say(job, 'part-offered', {
      part: 'drain pump',
      supplier: 'Harbour Parts',
      number: 'DP-1',
      price: 48,
      how: 'asked',
    })
    await say(job, 'part-offered', {
      part: 'drain pump',
      supplier: 'Harbour Parts',
      number: 'DP-1',
      price: 48,
      how: 'here',
    })
    await say(job, 'tool-made', { part: 'drain pump', tool: 'a block with a hole', use: 'to press it out' })
    await say(job, 'part-compared', { part: 'drain pump', same: false, verdict: 'send back', differs: 'watts' })
    const slip = await say(job, 'tool-made', { part: 'drain pump', tool: 'a bent wire' })
    await say(job, 'entry-withdrawn', { entry: slip, reason: 'it was there' })
    const learnt = (await mine.get(`/api/models/${model}/parts`).expect(200)).body as { what: string; says: string }[]
    expect(learnt.map(l => [l.what, l.says]).sort()).toEqual([
      ['compared', 'send back: watts'],
      ['source', 'Harbour Parts · DP-1 · 48.00: here'],
      ['tool', 'a block with a hole, to press it out'],
    ])
    await (await w.as('stranger')).get(`/api/models/${model}/parts`).expect(404)
  })
})

describe('what the shop sets', () => {
  it('holds for all its jobs, the last word of each, and for no other shop', async () => {
    await say(await opened(), 'shop-set', { setting: 'rate', value: '48' })
    await say(await opened(), 'shop-set', { setting: 'rate', value: '52' })
    const set = (await mine.get('/api/settings').expect(200)).body as object[]
    expect(set).toMatchObject([{ setting: 'rate', value: '52' }])
    expect((await (await w.as('stranger')).get('/api/settings').expect(200)).body).toEqual([])
  })

  it('what was taken back no longer holds: the word before it does', async () => {
    const job = await opened()
    await say(job, 'shop-set', { setting: 'new machine', value: '900' })
    const slip = await say(job, 'shop-set', { setting: 'new machine', value: '9000' })
    await say(job, 'entry-withdrawn', { entry: slip, reason: 'a nought too many' })
    const set = (await mine.get('/api/settings').expect(200)).body as { setting: string; value: string }[]
    expect(set.filter(s => s.setting === 'new machine').map(s => s.value)).toEqual(['900'])
  })
})
