import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { JobEvent } from '@dialytica/core/log'
import type { Move } from '@dialytica/core/moves'
import { nextTick } from 'vue'
import { local } from '../data/local.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'
import { useOutbox } from './outbox.ts'
import { useRefit } from './refit.ts'
import { useSession } from './session.ts'
import { held } from '../test/held.ts'
import { jobId as job, person } from '../test/job-at-hand.ts'

const unit = '33333333-3333-4333-8333-333333333333'

/** A server that keeps a log, and can be away or refuse. */
class Server {
  log: JobEvent[] = []
  away = false
  refuses = (_: JobEvent): string | null => null
  photos: string[] = []
  fetch = async (address: string, init?: { method?: string; body?: string }) => {
    if (this.away) throw new TypeError('no network')
    if (address.endsWith('/events') && init?.method === 'POST') {
      const accepted: { id: string; seq: number }[] = []
      const refused: { id: string; message: string }[] = []
      for (const e of (JSON.parse(init.body!) as { events: JobEvent[] }).events) {
        const no = this.refuses(e)
        if (no) refused.push({ id: e.id, message: no })
        else {
          if (!this.log.some(l => l.id === e.id)) this.log.push({ ...e, seq: this.log.length + 1 })
          accepted.push({ id: e.id, seq: this.log.find(l => l.id === e.id)!.seq! })
        }
      }
      return Response.json({ seq: this.log.length, accepted, refused })
    }
    if (address.endsWith('/events')) return Response.json(this.log)
    if (address.includes('/photos/')) this.photos.push(address.split('/').at(-1)!)
    return Response.json({ id: job })
  }
}
class Stream {
  static CLOSED = 2
  readyState = 1
  close() {}
  addEventListener() {}
}

let server: Server
beforeEach(async () => {
  setActivePinia(createPinia())
  server = new Server()
  vi.stubGlobal('fetch', server.fetch)
  vi.stubGlobal('EventSource', Stream)
  await Promise.all([local.events.clear(), local.shots.clear(), local.drafts.clear()])
  useSession().person = person
})
afterEach(() => useJob().close())

const opening = { unit, family: 'front-loader' as const, complaint: 'drips', plate: 'FL-84 1' }
async function opened() {
  const store = useJob()
  await store.open(job, true)
  store.says('job-opened', opening)
  return store
}
const sent = () => vi.waitFor(async () => expect(await local.events.count()).toBe(0))

it('who signs out has no job open any more', async () => {
  const store = await opened()
  await sent()
  useSession().person = { ...person, name: 'Another name' }
  await nextTick()
  expect(store.id).toBe(job)
  useSession().person = null
  await nextTick()
  expect(store.id).toBeNull()
})

it('two acts in the same moment keep their order', async () => {
  const store = await opened()
  const ids = Array.from({ length: 30 }, (_, i) => `55555555-5555-4555-8555-${String(i).padStart(12, '0')}`)
  for (const id of ids)
    expect(store.says('step-recorded', { step: { id, photos: [], marks: [], moves: [] } })).toBeNull()
  expect(store.state.order.toArray()).toEqual(ids)
})

describe('an event', () => {
  it('shows at once, is kept until the server has it, and is confirmed under its number', async () => {
    server.away = true
    const store = await opened()
    expect(store.state.opened).toMatchObject({ complaint: 'drips' })
    await vi.waitFor(async () => expect(await local.events.count()).toBe(1))
    await vi.waitFor(() => expect(useOutbox().reachable).toBe(false))
    expect(useOutbox().waiting).toBe(1)
    server.away = false
    await useOutbox().flush()
    await sent()
    expect(store.pending).toEqual([])
    expect(server.log.map(e => e.kind)).toEqual(['job-opened'])
  })

  it('that waits is there again after the page was closed', async () => {
    server.away = true
    await opened()
    await vi.waitFor(async () => expect(await local.events.count()).toBe(1))
    setActivePinia(createPinia())
    useSession().person = person
    const again = useJob()
    await again.open(job)
    expect(again.state.opened).toMatchObject({ complaint: 'drips' })
    await vi.waitFor(() => expect(useOutbox().reachable).toBe(false))
  })

  it('that this state refuses is not recorded, and the reason is returned', async () => {
    const store = await opened()
    expect(store.says('job-opened', opening)?.code).toBe(2)
    await sent()
    expect(server.log).toHaveLength(1)
  })

  it('that the server refuses is kept with its reason, and no longer counts', async () => {
    const store = await opened()
    await sent()
    server.refuses = () => 'That settles more than is owed'
    store.says('note-added', { text: 'hello' })
    const outbox = useOutbox()
    await vi.waitFor(() => expect(outbox.refused.map(r => r.refused)).toEqual(['That settles more than is owed']))
    expect(store.state.entries.size).toBe(0)
    await outbox.drop(outbox.refused[0]!.id)
    expect(outbox.refused).toEqual([])
  })

  it('of somebody else on this device waits until they sign in again', async () => {
    server.away = true
    await opened()
    await vi.waitFor(async () => expect(await local.events.count()).toBe(1))
    server.away = false
    useSession().person = { ...person, id: '44444444-4444-4444-8444-444444444444' }
    await useOutbox().flush()
    expect(server.log).toEqual([])
    useSession().person = person
    await useOutbox().flush()
    await sent()
    expect(server.log).toHaveLength(1)
  })
})

describe('the step in hand', () => {
  it('is kept at every tap and taken up again', async () => {
    await opened()
    const draft = useDraft()
    await draft.load()
    draft.beginMove('fastener')
    draft.retell({ ...(draft.move as Move & { kind: 'remove-fasteners' }), count: 4 })
    await vi.waitFor(async () => expect((await local.drafts.get(job))?.step.moves).toMatchObject([{ count: 4 }]))
    await draft.load()
    expect(draft.step.moves).toMatchObject([{ kind: 'remove-fasteners', count: 4, cell: 'A1' }])
  })

  it('becomes one event, and the next one begins in the same zone', async () => {
    const store = await opened()
    const draft = useDraft()
    await draft.load()
    expect(draft.record()).toMatch(/photo/)
    draft.setZone('rear')
    draft.beginMove('connector')
    expect(draft.record()).toBeNull()
    expect(store.debts).toMatchObject([{ item: 'connector', zone: 'rear', stepNumber: 1 }])
    expect(draft.step).toMatchObject({ zone: 'rear', moves: [] })
  })

  it('leaves the hand on this device only when its act is kept: a browser that dies between loses neither', async () => {
    const store = await opened()
    await store.allKept()
    const draft = useDraft()
    await draft.load()
    draft.beginMove('connector')
    await vi.waitFor(async () => expect((await local.drafts.get(job))?.step.moves).toHaveLength(1))
    const kept = held<number>()
    const add = vi.spyOn(local.events, 'add').mockReturnValue(kept.promise as never)
    expect(draft.record()).toBeNull()
    await new Promise(done => setTimeout(done, 20))
    expect((await local.drafts.get(job))?.step.moves).toHaveLength(1)
    expect(useOutbox().isKept).toBe(false)
    kept.resolve(1)
    await vi.waitFor(async () => expect((await local.drafts.get(job))?.step.moves).toEqual([]))
    add.mockRestore()
  })

  it('that comes back into the hand, and leaves it again, goes where the hand was told to record', async () => {
    const store = await opened()
    const draft = useDraft()
    await draft.load()
    for (const kind of ['clip', 'part'] as const) {
      draft.beginMove(kind)
      draft.record()
    }
    const first = store.state.order.first()!
    draft.insertBefore(first)
    draft.undo()
    expect(draft.step.moves.map(m => m.kind)).toEqual(['remove-part'])
    draft.undo()
    expect(draft.isEmpty).toBe(true)
    expect(draft.before).toBe(first)
  })

  it('for which this device has no room is said to stand in this page alone, until it is kept again', async () => {
    await opened()
    const draft = useDraft()
    await draft.load()
    const put = vi.spyOn(local.drafts, 'put').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'))
    draft.beginMove('clip')
    await vi.waitFor(() => expect(draft.isKept).toBe(false))
    put.mockRestore()
    draft.beginMove('part')
    await vi.waitFor(() => expect(draft.isKept).toBe(true))
  })

  it('is undone tap by tap', async () => {
    await opened()
    const draft = useDraft()
    await draft.load()
    draft.beginMove('clip')
    draft.beginMove('part')
    expect(draft.undo()).toBeNull()
    expect(draft.step.moves.map(m => m.kind)).toEqual(['release-clips'])
    draft.undo()
    expect(draft.isEmpty).toBe(true)
  })
})

describe('the way back', () => {
  it('settles piece by piece, turns the job to the return, and takes back', async () => {
    const store = await opened()
    const draft = useDraft()
    await draft.load()
    draft.beginMove('fastener')
    draft.retell({ ...(draft.move as Move & { kind: 'remove-fasteners' }), count: 3 })
    draft.record()
    const refit = useRefit()
    expect(refit.fitNext(store.plan[0]!)).toBeNull()
    expect(store.state.phase.name).toBe('return')
    expect(store.state.owed.fastener).toBe(2)
    expect(refit.fitAll(store.plan[0]!, store.plan[0]!.debts[0]!)).toBeNull()
    expect(store.state.owed.fastener).toBe(0)
    expect(refit.undo()).toBeNull()
    expect(store.state.owed.fastener).toBe(2)
  })

  it('takes a cut tie as replaced by a new one', async () => {
    const store = await opened()
    const draft = useDraft()
    await draft.load()
    draft.beginMove('consumable')
    draft.record()
    useRefit().fitNext(store.plan[0]!)
    expect([...store.state.debts.values()][0]!.settled).toMatchObject({ replaced: 1, refitted: 0 })
  })
})
