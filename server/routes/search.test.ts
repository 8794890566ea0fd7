import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { FoundThing, SaidIn } from '@dialytica/core/wire'
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
  ;({ model, unit } = await machine(mine))
})
afterAll(() => w.end())

const down = (kind: string, rest: object) => ({ id: randomUUID(), way: 'down', kind, ...rest })
const recorded = (job: string, id: string, zone: string, ...moves: object[]) =>
  made(job, me, 'step-recorded', { step: { id, zone, photos: [], marks: [], moves } })
async function told(job: string, ...events: object[]) {
  const reply = await mine.post(`/api/jobs/${job}/events`).send({ events }).expect(200)
  expect((reply.body as { refused: unknown[] }).refused).toEqual([])
  await w.running.context.reader.settled()
}
const find = async (words: string, who = mine) =>
  (await who.get('/api/search').query({ words }).expect(200)).body as FoundThing[]
const titles = async (words: string) => (await find(words)).map(f => f.title)
const one = randomUUID()
const pumpStep = randomUUID()

describe('the search', () => {
  it('finds steps, complaints, notes, machines and models of a job by any of their words', async () => {
    await told(
      one,
      openingOf(one, me, unit),
      recorded(
        one,
        randomUUID(),
        'outside',
        down('remove-fasteners', { place: 'rear panel', count: 8, fastener: { drive: 'torx', size: 'T20' } }),
      ),
      recorded(
        one,
        pumpStep,
        'base',
        down('unplug', { place: 'drain pump', connector: { housing: 'blue', wires: ['grey', 'orange'] } }),
        down('remove-part', { part: { name: 'drain pump' } }),
      ),
      made(one, me, 'note-added', { text: 'Sealing compound under the sticker', step: pumpStep }),
    )
    expect(await titles('rear panel screws')).toEqual([expect.stringContaining('eight T20')])
    expect(await find('drain pump')).toMatchObject([
      { kind: 'step', step: pumpStep, source: one, zone: 'base', jobs: 1 },
    ])
    expect(await titles('orange plug')).toHaveLength(1)
    expect(await find('does not drain')).toMatchObject([{ kind: 'complaint', title: 'does not drain' }])
    expect(await find('sealing')).toMatchObject([{ kind: 'note', step: pumpStep, zone: 'base' }])
    expect(await find('22310417')).toMatchObject([{ kind: 'machine', source: unit }])
    expect(await find('corrane')).toMatchObject([{ kind: 'model', source: model }, { kind: 'machine' }])
  })
  it('forgives one slip in five letters, and puts it after what is as typed', async () => {
    expect(await find('seeling')).toMatchObject([{ kind: 'note', asTyped: false, by: ['sealing'] }])
    expect(await find('corane drian pump')).toMatchObject([{ step: pumpStep, asTyped: false }])
    expect(await find('corane drain pmup')).toEqual([])
    expect(await find('corane drain pump')).toMatchObject([{ step: pumpStep, asTyped: false }])
    expect(await find('2231-0471')).toMatchObject([{ kind: 'machine', asTyped: false }])
    expect(await find('turbine')).toEqual([])
  })
  it('follows the word that is being typed, and needs each of the others', async () => {
    expect(await find('drain pu')).toMatchObject([{ step: pumpStep, asTyped: true }])
    expect(await find('turbine pu')).toEqual([])
    expect(await find('')).toEqual([])
    expect(await find('  the , ')).toEqual([])
  })
  it('says once what several jobs of a model say, and in which; what is taken back is not found any more', async () => {
    const two = randomUUID()
    const step = randomUUID()
    const panel = down('remove-fasteners', { place: 'rear panel', count: 8, fastener: { drive: 'torx', size: 'T20' } })
    await told(two, openingOf(two, me, unit), recorded(two, step, 'outside', panel))
    const [found, ...more] = await find('rear panel screws')
    expect(more).toEqual([])
    expect(found).toMatchObject({ jobs: 2, source: two, step })
    const said = (await mine.get(`/api/search/${found!.thing}`).expect(200)).body as SaidIn[]
    expect(said.map(s => [s.job, s.serial, s.open])).toEqual([
      [two, '2231-0417', true],
      [one, '2231-0417', true],
    ])
    await told(two, made(two, me, 'step-struck', { step, reason: 'another panel' }))
    expect(await find('rear panel screws')).toMatchObject([{ jobs: 1, source: one }])
    await told(one, made(one, me, 'step-struck', { step: pumpStep, reason: 'not this one' }))
    expect(await find('orange plug')).toEqual([])
    expect(await mine.get(`/api/search/${(await find('22310417'))[0]!.thing}`)).toMatchObject({
      body: [{ job: one }, { job: two }],
    })
  })
  it('reads what was there before it, and what a server left unread when it ended', async () => {
    const { db } = w.running.context
    for (const table of ['posting', 'near', 'word', 'said', 'thing', 'source'])
      await db.query(`DELETE FROM search_${table}`)
    expect(await find('rear panel')).toEqual([])
    const again = await w.another()
    await again.context.reader.catchUp()
    expect(await find('rear panel')).toHaveLength(1)
    expect(await find('corrane')).toHaveLength(2)
  })
  it('tells nothing to another shop, not even that a word is known', async () => {
    const stranger = await w.as('stranger')
    for (const words of ['rear panel', 'corrane', '22310417', 'sealing', 'r'])
      expect(await find(words, stranger)).toEqual([])
    const [found] = await find('rear panel')
    await stranger.get(`/api/search/${found!.thing}`).expect(404)
  })
})
