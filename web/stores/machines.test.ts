import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, expect, it, vi } from 'vitest'
import { useMachines } from './machines.ts'

afterEach(() => vi.unstubAllGlobals())

/** A server of so many models; and what was asked of it. */
function shopOf(models: number): string[] {
  setActivePinia(createPinia())
  const asked: string[] = []
  const all = Array.from({ length: models }, (_, i) => ({ id: String(i), code: `FL-${i}` }))
  vi.stubGlobal('fetch', async (address: string) => {
    const { pathname, searchParams } = new URL(address, 'http://shop')
    if (pathname !== '/api/models') return Response.json([])
    asked.push(searchParams.get('most') ?? 'all')
    return Response.json(all.slice(0, Number(searchParams.get('most') ?? models)))
  })
  return asked
}

it('asks for those models that fill the list first, for the others where there are more, and for all at once the next time', async () => {
  const asked = shopOf(200)
  const store = useMachines()
  await store.load()
  expect([asked, store.models.length]).toEqual([['12', 'all'], 200])
  await store.load()
  expect(asked).toEqual(['12', 'all', 'all'])
})

it('asks a small shop once, and knows its models without a server afterwards', async () => {
  const asked = shopOf(3)
  await useMachines().load()
  expect(asked).toEqual(['12'])
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
  setActivePinia(createPinia())
  const later = useMachines()
  await later.load().catch(() => undefined)
  expect(later.models).toHaveLength(3)
})
