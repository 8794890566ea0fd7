import { call } from '@dialytica/core/wire'
import * as yup from 'yup'
import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { nextTick, ref } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useSession } from '../stores/session.ts'
import { api, ApiError } from './api.ts'
import { hashOf } from './hash.ts'
import { local } from './local.ts'
import { photoUrl, remember, usePhotoUrl } from './photo-url.ts'
import { daysBetween, inShopTime } from './time.ts'

beforeEach(() => setActivePinia(createPinia()))
afterEach(() => vi.unstubAllGlobals())

describe('the hash of a photo', () => {
  const bytes = new TextEncoder().encode('abc').buffer as ArrayBuffer
  /** FIPS 180-2, appendix B.1. */
  const known = 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'
  it('is its SHA-256', async () => expect(await hashOf(bytes)).toBe(known))
  it('is the same where the browser does not offer one', async () => {
    vi.stubGlobal('crypto', {})
    expect(await hashOf(bytes)).toBe(known)
  })
})

describe('the API', () => {
  const x = call({ method: 'get', path: '/api/x', reply: yup.mixed<object>() })
  const answer = (reply: Response | Error) =>
    vi.stubGlobal('fetch', () => (reply instanceof Error ? Promise.reject(reply) : Promise.resolve(reply)))
  const problemOf = async () => (await api(x, {}).catch((e: unknown) => e)) as ApiError
  it('resolves to what the server says', async () => {
    answer(Response.json({ ok: 1 }))
    expect(await api(x, {})).toEqual({ ok: 1 })
    answer(new Response(null, { status: 204 }))
    expect(await api({ ...x, method: 'delete' }, {})).toBeUndefined()
  })
  it('says in its words what is wrong, and whether it will pass', async () => {
    answer(Response.json({ type: 't', title: 'x', status: 422, detail: 'shorten it' }, { status: 422 }))
    expect(await problemOf()).toMatchObject({ message: 'shorten it', passing: false })
    answer(Response.json({ type: 't', title: 'x', status: 503, detail: 'wait' }, { status: 503 }))
    expect((await problemOf()).passing).toBe(true)
  })
  it('knows a server that does not answer, and a proxy that answers for it', async () => {
    answer(new TypeError('network'))
    expect(await problemOf()).toMatchObject({ problem: { status: 0 }, passing: true })
    answer(new Response('<html>Bad gateway</html>', { status: 502 }))
    expect(await problemOf()).toMatchObject({ problem: { status: 502 }, passing: true })
  })
})

describe('the address of a photo', () => {
  beforeEach(() => vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: (b: Blob) => `blob:${b.size}` })))
  it('is on this device while it waits here, else on the server', async () => {
    expect(await photoUrl('a'.repeat(64), 'stage')).toBe(`/api/photos/${'a'.repeat(64)}/stage`)
    await local.shots.put({ actor: 'x', hash: 'b'.repeat(64), blob: new Blob(['12345']), bytes: 5 })
    expect(await photoUrl('b'.repeat(64), 'stage')).toMatch(/^blob:/)
    remember('c'.repeat(64), new Blob(['123']))
    expect(await photoUrl('c'.repeat(64), 'thumb')).toBe('blob:3')
  })
  it('follows the photo that is looked at', async () => {
    const hash = ref<string | undefined>('d'.repeat(64))
    const url = usePhotoUrl(() => hash.value, 'stage')
    await vi.waitFor(() => expect(url.value).toContain('dddd'))
    hash.value = undefined
    await nextTick()
    expect(url.value).toBe('')
  })
})

describe('time', () => {
  it('is told in the time zone of the shop', () => {
    const at = (timeZone: string) => {
      useSession().person = {
        id: '1',
        shopId: 'shop',
        login: 'x',
        name: 'x',
        role: 'lead',
        shop: 'x',
        timeZone,
        joined: null,
        demo: false,
      }
      return inShopTime('2026-03-01T23:30:00.000Z', 'minute')
    }
    expect(at('UTC')).toMatch(/1 Mar.* 23:30/)
    expect(at('Asia/Tokyo')).toMatch(/2 Mar.* 08:30/)
  })
  it('counts the days of the shop, not hours', () => {
    useSession().person = {
      id: '1',
      shopId: 'shop',
      login: 'x',
      name: 'x',
      role: 'lead',
      shop: 'x',
      timeZone: 'Asia/Tokyo',
      joined: null,
      demo: false,
    }
    expect(daysBetween('2026-03-01T14:00:00.000Z', new Date('2026-03-01T16:00:00.000Z'))).toBe(1)
    expect(daysBetween('2026-03-01T16:00:00.000Z', new Date('2026-03-01T20:00:00.000Z'))).toBe(0)
  })
})
