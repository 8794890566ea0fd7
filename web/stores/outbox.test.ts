import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { local } from '../data/local.ts'
import { id, person } from '../test/job-at-hand.ts'
import { useOutbox } from './outbox.ts'
import { useSession } from './session.ts'

const hash = (letter: string) => letter.repeat(64)
const viewer = { ...person, id: id(2), role: 'viewer' as const }
const stranger = { ...person, id: id(3), shopId: 'other shop', shop: 'Other' }
let sent: string[]
/** A server that answers every request alike. */
const answer = (status: number) =>
  vi.stubGlobal('fetch', (path: string) => {
    sent.push(path)
    return Promise.resolve(Response.json({ type: 't', title: 't', status, detail: 'why' }, { status }))
  })
beforeEach(async () => {
  setActivePinia(createPinia())
  sent = []
  await Promise.all([local.events.clear(), local.shots.clear()])
  await local.shots.put({ hash: hash('a'), actor: person.id, blob: new Blob(['x']), bytes: 1 })
})
const flushAs = async (who: typeof person | typeof viewer) => {
  useSession().person = who
  await useOutbox().flush()
}

describe('a photo on a shared tablet', () => {
  it('goes up only as the person who took it: not as a viewer, not to another shop', async () => {
    answer(200)
    await flushAs(viewer)
    await flushAs(stranger)
    expect(sent).toEqual([])
    expect(useOutbox().ofOthers).toBe(1)
    expect(useOutbox().waiting).toBe(0)
    await flushAs(person)
    expect(sent).toEqual([`/api/photos/${hash('a')}?actor=${person.id}`])
    expect(await local.shots.count()).toBe(0)
  })

  it.each([401, 403, 429, 500, 503, 507])('waits on where the server says %i', async status => {
    answer(status)
    await flushAs(person)
    expect(await local.shots.toArray()).toEqual([expect.not.objectContaining({ refused: expect.anything() })])
  })

  it.each([413, 415, 422])('is set aside, for this person to see, where the server says %i', async status => {
    answer(status)
    await flushAs(person)
    expect(useOutbox().spoilt).toHaveLength(1)
    useSession().person = viewer
    expect(useOutbox().spoilt).toEqual([])
    await useOutbox().dropSpoilt()
    expect(await local.shots.count()).toBe(1)
  })

  it('that the storage can no longer read is set aside, and holds back no other', async () => {
    // What cannot be read cannot be sent: a browser fails before it asks.
    answer(200)
    const asked = fetch
    vi.stubGlobal('fetch', (path: string) =>
      path.includes(hash('0')) ? Promise.reject(new TypeError('no bytes')) : asked(path),
    )
    const broken = new ReadableStream({ start: from => from.error(new Error('gone')) })
    const all = [
      { hash: hash('0'), actor: person.id, blob: broken, bytes: 1 },
      { hash: hash('a'), actor: person.id, blob: new Blob(['x']), bytes: 1 },
    ]
    const read = vi.spyOn(local.shots, 'where').mockReturnValueOnce({ filter: () => ({ toArray: () => all }) } as never)
    await local.shots.put({ ...all[0]!, blob: new Blob() })
    await flushAs(person)
    read.mockRestore()
    expect(sent).toEqual([`/api/photos/${hash('a')}?actor=${person.id}`])
    expect(useOutbox().spoilt).toMatchObject([{ hash: hash('0'), refused: expect.stringContaining('take it again') }])
  })

  it('that two people took is kept for both', async () => {
    await local.shots.put({ hash: hash('a'), actor: viewer.id, blob: new Blob(['x']), bytes: 1 })
    answer(200)
    await flushAs(person)
    expect((await local.shots.toArray()).map(p => p.actor)).toEqual([viewer.id])
  })
})

describe('events', () => {
  const put = (n: number, text: string) =>
    local.events.put({ id: id(n), job: 'j', actor: person.id, event: { id: id(n), text } as never })
  it('that are too large together go up in pieces, and one that cannot be read does not hold back the rest', async () => {
    const batches: string[][] = []
    vi.stubGlobal('fetch', async (path: string, { body }: { body?: string } = {}) => {
      if (!path.endsWith('/events')) return Response.json({})
      const { events } = JSON.parse(body!) as { events: { id: string; text: string }[] }
      batches.push(events.map(e => e.id))
      if (events.some(e => e.text === 'bad')) return Response.json({ status: 422, detail: 'no' }, { status: 422 })
      return Response.json({ seq: 1, accepted: events.map(e => ({ id: e.id, seq: 1 })), refused: [] })
    })
    await put(11, 'x'.repeat(700_000))
    await put(12, 'y'.repeat(700_000))
    await put(13, 'good')
    await put(14, 'bad')
    await put(15, 'good')
    await flushAs(person)
    await vi.waitFor(async () => expect(await local.events.count()).toBe(1))
    expect(batches[0]).toEqual([id(11)])
    expect(useOutbox().refused.map(e => e.id)).toEqual([id(14)])
  })
})

describe('a device whose storage fails', () => {
  it('sends what it records from memory, and says meanwhile that it is kept nowhere else', async () => {
    const broken = vi.spyOn(local.events, 'add').mockRejectedValue(new DOMException('internal', 'UnknownError'))
    const posted: string[] = []
    vi.stubGlobal('fetch', async (path: string, { body }: { body?: string } = {}) => {
      if (!path.endsWith('/events')) return Response.json({})
      const { events } = JSON.parse(body!) as { events: { id: string }[] }
      posted.push(...events.map(e => e.id))
      return Response.json({ seq: 1, accepted: events.map(e => ({ id: e.id, seq: 1 })), refused: [] })
    })
    const event = { id: id(21), job: 'j', actor: person.id, kind: 'note-added' } as never
    await useOutbox().keep(event)
    expect(useOutbox().unkept).toHaveLength(1)
    await flushAs(person)
    await vi.waitFor(() => expect(useOutbox().unkept).toEqual([]))
    expect(posted).toEqual([id(21)])
    broken.mockRestore()
  })
})

it('photos of an older version of this device are those of who worked here last', async () => {
  local.close()
  await Dexie.delete('dialytica')
  const old = new Dexie('dialytica')
  old.version(1).stores({ events: '++n, &id, job, actor', photos: 'hash', drafts: 'job' })
  old.version(2).stores({ kept: 'what' })
  old.version(3).stores({ log: '[job+seq], job' })
  await old.table('photos').put({ hash: hash('c'), blob: new Blob(['x']), bytes: 1, refused: 'role' })
  await old.table('kept').put({ what: 'person', value: person })
  old.close()
  await local.open()
  expect(await local.shots.toArray()).toEqual([
    expect.objectContaining({ hash: hash('c'), actor: person.id, bytes: 1 }),
  ])
})
