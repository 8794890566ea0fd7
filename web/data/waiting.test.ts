import 'fake-indexeddb/auto'
import { beforeEach, expect, it, vi } from 'vitest'
import { id, person } from '../test/job-at-hand.ts'
import { cacheStore } from '../test/cache-store.ts'

/** What a browser has after its process was ended and its database was found damaged: a new one, and its cache store. */
async function opened() {
  vi.resetModules()
  const { local } = await import('./local.ts')
  return { local, ...(await import('./waiting.ts')) }
}
const event = (n: number) => {
  const at = new Date(Date.UTC(2026, 0, 5, 8, 0, n)).toISOString()
  return { id: id(n), job: id(9), actor: person.id, event: { id: id(n), at } as never }
}
const shot = { actor: person.id, hash: 'a'.repeat(64), blob: new Blob(['jpeg']), bytes: 4 }
const draft = { job: id(9), step: { id: id(5), photos: [], marks: [], moves: [] }, move: null }

beforeEach(async () => {
  vi.stubGlobal('caches', cacheStore())
  const { local } = await opened()
  await local.delete()
})

it('what waits outlives a database that the browser begins anew: acts in their order, photos, the step in hand', async () => {
  const before = await opened()
  for (const n of [1, 2, 3]) await before.keepEvent(event(n))
  await before.keepShot(shot)
  await before.keepDraft(draft)
  await before.local.delete()
  const { local } = await opened()
  expect((await local.events.orderBy('n').toArray()).map(e => e.id)).toEqual([id(1), id(2), id(3)])
  expect(await local.shots.get([shot.actor, shot.hash])).toMatchObject({ bytes: 4 })
  expect(await local.drafts.get(id(9))).toEqual(draft)
})

it('what went up, or was let go, does not come back; what is there stays as it is', async () => {
  const before = await opened()
  for (const n of [1, 2]) await before.keepEvent(event(n))
  await before.keepShot(shot)
  await before.local.events.where('id').equals(id(2)).modify({ refused: 'why' })
  await before.dropEvents([id(1)])
  await before.dropShot(shot.actor, shot.hash)
  before.local.close()
  const again = await opened()
  expect(await again.local.events.toArray()).toMatchObject([{ id: id(2), refused: 'why' }])
  await again.local.delete()
  const anew = await opened()
  expect((await anew.local.events.toArray()).map(e => e.id)).toEqual([id(2)])
  expect(await anew.local.shots.count()).toBe(0)
})

it('a browser without a cache store keeps what waits once', async () => {
  vi.stubGlobal('caches', undefined)
  const { local, keepEvent } = await opened()
  await keepEvent(event(1))
  expect(await local.events.count()).toBe(1)
})
