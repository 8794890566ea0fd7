import 'fake-indexeddb/auto'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { local } from '../data/local.ts'
import { useOutbox } from '../stores/outbox.ts'
import { useSession } from '../stores/session.ts'
import { id, routerAt } from '../test/job-at-hand.ts'
import WaitingStrip from './WaitingStrip.vue'

const answer = (status: number) =>
  vi.stubGlobal('fetch', () =>
    status
      ? Promise.resolve(Response.json({ type: 't', title: 't', status, detail: 'cannot be read' }, { status }))
      : Promise.reject(new TypeError('no network')),
  )
beforeEach(async () => {
  setActivePinia(createPinia())
  await Promise.all([local.events.clear(), local.photos.clear()])
  useSession().person = {
    id: id(1),
    login: 'jon',
    name: 'Jon',
    role: 'technician',
    shop: 'Shop',
    timeZone: 'UTC',
    joined: null,
  }
  await local.photos.put({ hash: 'a'.repeat(64), blob: new Blob(['x']), bytes: 1 })
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
    await local.photos.clear()
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
  it('says why a photo was not taken in, and lets it go', async () => {
    const wrapper = await strip(415)
    expect(wrapper.text()).toContain('cannot be read')
    await wrapper.get('button').trigger('click')
    await vi.waitFor(async () => expect(await local.photos.count()).toBe(0))
  })
})
