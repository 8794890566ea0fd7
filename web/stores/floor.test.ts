import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useFloor } from './floor.ts'

beforeEach(() => setActivePinia(createPinia()))
afterEach(() => vi.unstubAllGlobals())

it('shows the answer to what is asked for now, in whatever order the answers come', async () => {
  const answers = new Map<string, () => void>()
  vi.stubGlobal('fetch', (address: string) => {
    const words = new URL(address, 'http://shop').searchParams.get('words') ?? ''
    const floor = { jobs: [], more: false, open: words.length, late: 0, goesOn: 0, pieces: 0 }
    return new Promise<Response>(done => answers.set(words, () => done(Response.json(floor))))
  })
  const store = useFloor()
  store.words = 'pu'
  const first = store.load()
  store.words = 'pump'
  const second = store.load()
  answers.get('pump')!()
  await second
  answers.get('pu')!()
  await first
  expect(store.floor?.open).toBe('pump'.length)
})
