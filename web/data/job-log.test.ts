import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { JobEvent } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { fetchLog, keepLog, keptLog } from './job-log.ts'
import { askOrRecall, keepSaid } from './kept.ts'
import { local } from './local.ts'

const job = '22222222-2222-4222-8222-222222222222'
const event = (seq: number, time = 'a') =>
  ({ id: `${time}${seq}`, job, seq, kind: 'note-added' }) as unknown as JobEvent
const numbers = (events: JobEvent[]) => events.map(e => e.id)
/** A server with a log; what it was asked is kept. */
let asked: string[] = []
const serves = (log: JobEvent[]) =>
  vi.stubGlobal('fetch', async (address: string) => {
    asked.push(address)
    const after = Number(/after=(\d+)/.exec(address)![1])
    return Response.json(log.filter(e => e.seq! > after))
  })
beforeEach(async () => {
  asked = []
  await Promise.all([local.log.clear(), local.kept.clear()])
})

describe('the log of a job on this device', () => {
  it('is what was kept up to its first gap', async () => {
    await keepLog([event(1), event(2), event(4)])
    expect(numbers(await keptLog(job))).toEqual(['a1', 'a2'])
    expect(await keptLog('33333333-3333-4333-8333-333333333333')).toEqual([])
  })
  it('is brought here once, then only what is new, checked by its last event', async () => {
    serves([event(1), event(2), event(3)])
    expect(numbers(await fetchLog(job))).toEqual(['a1', 'a2', 'a3'])
    serves([event(1), event(2), event(3), event(4)])
    expect(numbers(await fetchLog(job))).toEqual(['a1', 'a2', 'a3', 'a4'])
    expect(asked.map(a => a.split('?')[1])).toEqual(['after=0', 'after=2'])
    expect(numbers(await keptLog(job))).toEqual(['a1', 'a2', 'a3', 'a4'])
  })
  it('is forgotten where the server has another one under its number, or none', async () => {
    await keepLog([event(1), event(2), event(3)])
    serves([event(1, 'b'), event(2, 'b'), event(3, 'b')])
    expect(numbers(await fetchLog(job))).toEqual(['b1', 'b2', 'b3'])
    serves([event(1, 'c')])
    expect(numbers(await fetchLog(job))).toEqual(['c1'])
    expect(numbers(await keptLog(job))).toEqual(['c1'])
  })
})

describe('what the server said last', () => {
  it('answers while the server does not, and only then', async () => {
    await keepSaid('models', ['FL-84'])
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    expect(await askOrRecall('models', calls.models, {})).toEqual(['FL-84'])
    await expect(askOrRecall('units', calls.units, {})).rejects.toThrow(/kept on this device/)
    vi.stubGlobal('fetch', async () =>
      Response.json({ type: 't', title: 't', status: 403, detail: 'no' }, { status: 403 }),
    )
    await expect(askOrRecall('models', calls.models, {})).rejects.toThrow('no')
    vi.stubGlobal('fetch', async () => Response.json(['FL-70']))
    expect(await askOrRecall('models', calls.models, {})).toEqual(['FL-70'])
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    expect(await askOrRecall('models', calls.models, {})).toEqual(['FL-70'])
  })
})
