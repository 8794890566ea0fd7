import type { JobEvent } from '@dialytica/core/log'
import { flushPromises, mount } from '@vue/test-utils'
import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { local } from '../data/local.ts'
import { lookForRoom, roomLeft } from '../data/room.ts'
import { useOutbox } from '../stores/outbox.ts'
import { useSession } from '../stores/session.ts'
import { id, routerAt, person } from '../test/job-at-hand.ts'
import WaitingStrip from './WaitingStrip.vue'

const answer = (status: number) =>
  vi.stubGlobal('fetch', () =>
    status
      ? Promise.resolve(Response.json({ type: 't', title: 't', status, detail: 'cannot be read' }, { status }))
      : Promise.reject(new TypeError('no network')),
  )
beforeEach(async () => {
  setActivePinia(createPinia())
  await Promise.all([local.events.clear(), local.shots.clear()])
  useSession().person = person
  await local.shots.put({ actor: person.id, hash: 'a'.repeat(64), blob: new Blob(['x']), bytes: 1 })
})

async function strip(status: number) {
  answer(status)
  await useOutbox().flush()
  const wrapper = mount(WaitingStrip, { global: { plugins: [await routerAt('descent')] } })
  await flushPromises()
  return wrapper
}

describe('what waits', () => {
  it('is not spoken of while all is well', async () => {
    await local.shots.clear()
    expect((await strip(200)).find('[role=status]').exists()).toBe(false)
  })
  it('is counted while the server does not answer', async () => {
    expect((await strip(0)).text()).toMatch(
      /server does not answer.*1 photo waits on this device, 1 kB; it goes up by itself/,
    )
  })
  it('says to sign in again when the session has ended, and leads there and back', async () => {
    const wrapper = await strip(401)
    expect(wrapper.text()).toMatch(/session has ended.*1 photo waits/s)
    expect(decodeURIComponent(wrapper.get('a').attributes('href')!)).toMatch(/sign-in\?to=\/jobs\/.*descent$/)
  })
  it('says how far it is when much goes up', async () => {
    for (let i = 0; i < 6; i++)
      await local.shots.put({ actor: person.id, hash: String(i).repeat(64), blob: new Blob(['x']), bytes: 4e6 })
    let sent = 0
    let goOn = () => {}
    const held = new Promise<void>(done => (goOn = done))
    vi.stubGlobal('fetch', async () => {
      if ((sent += 1) > 3) await held
      return Response.json({})
    })
    const flushed = useOutbox().flush()
    const wrapper = mount(WaitingStrip, { global: { plugins: [await routerAt('descent')] } })
    await vi.waitFor(() => expect(wrapper.text()).toContain('Going up: 3 of 7, 12.0 MB left'))
    expect(Number(wrapper.get('[role=progressbar]').attributes('aria-valuenow'))).toBeCloseTo((100 * 3) / 7)
    goOn()
    await flushed
    await flushPromises()
    expect(wrapper.find('[role=status]').exists()).toBe(false)
  })
  it('says that room runs out before it is out, and what cannot be kept when it is', async () => {
    await local.shots.clear()
    vi.stubGlobal('navigator', { storage: { estimate: async () => ({ quota: 1e9, usage: 1e9 - 37e6 }) } })
    await lookForRoom()
    const wrapper = await strip(200)
    expect(wrapper.text()).toContain('about 12 more photos')
    const event = { id: id(7), job: id(8), actor: id(1), kind: 'note-added' } as unknown as JobEvent
    const full = vi.spyOn(local.events, 'add').mockRejectedValue(new DOMException('full', 'QuotaExceededError'))
    await useOutbox().keep(event)
    await flushPromises()
    expect(wrapper.text()).toContain('This device is full. 1 act cannot be kept here')
    full.mockRestore()
    await useOutbox().flush()
    expect(await local.events.count()).toBe(0)
    vi.unstubAllGlobals()
    roomLeft.value = null
  })
  it('says why a photo was not taken in, and lets it go', async () => {
    const wrapper = await strip(415)
    expect(wrapper.text()).toContain('cannot be read')
    await wrapper.get('button').trigger('click')
    await vi.waitFor(async () => expect(await local.shots.count()).toBe(0))
  })
})
