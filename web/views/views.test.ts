import 'fake-indexeddb/auto'
import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { entriesOf } from '@dialytica/core/log'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter, RouterView } from 'vue-router'
import { held } from '../test/held.ts'
import { jobAtHand, jobId, routerAt } from '../test/job-at-hand.ts'
import { jobViews, type JobView } from '../ways.ts'
import { local } from '../data/local.ts'
import Close from './Close.vue'
import Job from './Job.vue'
import Return from './Return.vue'
import ValleyView from './ValleyView.vue'

async function open(view: typeof Return | typeof Close | typeof ValleyView, path: JobView, role?: 'viewer') {
  const job = await jobAtHand(role)
  const router = await routerAt(path)
  const wrapper = mount(view as typeof Return, { global: { plugins: [router] }, attachTo: document.body })
  await flushPromises()
  const button = (text: RegExp) => wrapper.findAll('button').find(b => text.test(b.text()))
  const press = async (text: RegExp) => {
    await button(text)!.trigger('click')
    await flushPromises()
  }
  return { job, router, wrapper, button, press }
}
enableAutoUnmount(afterEach)

describe('the return', () => {
  it('begins with the last step, in the words of the return', async () => {
    const { wrapper } = await open(Return, 'return')
    expect(wrapper.get('h1').text()).toBe('Push home P1, plug, until it seats.')
    expect(wrapper.text()).toContain('step 1 of 3')
    expect(wrapper.text()).toContain('Refit the top panel.')
    expect(wrapper.text()).toContain('No photo was taken of this step')
  })
  it('goes on piece by piece, tells the cell, and ends at the close', async () => {
    const { wrapper, press, job, router } = await open(Return, 'return')
    await press(/^Fitted/)
    await press(/^Next step/)
    await press(/^Fitted/)
    await press(/^Next step/)
    expect(wrapper.get('.cell').text()).toContain('A1')
    await press(/^Fitted 1 of 2/)
    expect(job.state.owed.fastener).toBe(1)
    await press(/^Fitted 2 of 2/)
    expect(job.state.owing.size).toBe(0)
    await press(/^Prove the machine/)
    expect(router.currentRoute.value.path).toMatch(/proof$/)
  })
  it('fits all that is left of a group at once, and takes back one piece by the key U', async () => {
    const { press, job, router } = await open(Return, 'return')
    await router.replace({ query: { step: job.plan[2]!.step.id } })
    await flushPromises()
    await press(/^Fitted 1 of 2/)
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'u' }))
    await flushPromises()
    expect(job.state.owed.fastener).toBe(2)
    await press(/^All 2/)
    expect(job.state.owed.fastener).toBe(0)
  })
  it('holds at a gate until a reason is given', async () => {
    const { wrapper, press, job, router } = await open(Return, 'return')
    await router.replace({ query: { step: job.plan[1]!.step.id } })
    await flushPromises()
    const gate = wrapper.get('[aria-label=Gate]')
    expect(gate.text()).toContain('Gate: this step')
    expect(gate.text()).toContain('P1, plug')
    // The strong action leads to what is owed behind it.
    await press(/^First: P1/)
    expect(router.currentRoute.value.query.step).toBe(job.plan[0]!.step.id)
    expect(job.state.owed.part).toBe(1)
    await router.replace({ query: { step: job.plan[1]!.step.id } })
    await flushPromises()
    await wrapper.get('.why').trigger('submit')
    expect(wrapper.get('[role=alert]').text()).toContain('Say why')
    await wrapper.get('.why input').setValue('part on order')
    await wrapper.get('.why').trigger('submit')
    await press(/^Fitted/)
    expect(job.state.owed.part).toBe(0)
    expect(entriesOf(job.state, 'gate-passed').map(e => e.body.reason)).toEqual(['part on order'])
  })
  it('tells what was not refitted', async () => {
    const { press, job } = await open(Return, 'return')
    await press(/Other than refitted/)
    await press(/Scrapped/)
    expect([...job.state.debts.values()].find(d => d.item === 'connector')!.settled.scrapped).toBe(1)
  })
  it('is looked at and not touched by a viewer', async () => {
    const { press, button, job } = await open(Return, 'return', 'viewer')
    expect(button(/Other than/)).toBeUndefined()
    await press(/^Fitted|^Next/)
    expect(job.state.owed.connector).toBe(1)
  })
})

describe('the close', () => {
  it('refuses to close clean, and says what, where, and from which step', async () => {
    const { wrapper, press, job } = await open(Close, 'close')
    expect(wrapper.get('h1').text()).toBe('4 still owed.')
    await press(/^Close clean/)
    expect(wrapper.get('[role=alert]').text()).toContain('still owed')
    expect(job.closed).toBe(false)
    const rows = wrapper.findAll('li').map(li => li.text())
    expect(rows).toHaveLength(3)
    expect(rows[0]).toMatch(/two T20.*out.*outside.*cell A1.*from step 1/s)
    expect(rows[2]).toMatch(/P1, plug.*open.*top.*from step 3/s)
  })
  it('closes with debts by name, not without a reason', async () => {
    const { wrapper, press, job } = await open(Close, 'close')
    await press(/^Close with debts/)
    await press(/^Close with 4 owed/)
    expect(job.closed).toBe(false)
    await wrapper.get('#note').setValue('customer takes it')
    await press(/^Close with 4 owed/)
    expect(wrapper.get('[role=alert]').text()).toContain('Say why that is not proved')
    expect(job.closed).toBe(false)
    await wrapper.get('#why-not-proved').setValue('it is not whole')
    await press(/^Close with 4 owed/)
    expect(job.state.closing).toMatchObject({
      clean: false,
      note: 'customer takes it',
      owed: [{ count: 2 }, { count: 1 }, { count: 1 }],
    })
  })
  it('closes when nothing is owed, not proved where nothing was tried, and says why', async () => {
    const { wrapper, press, job } = await open(Close, 'close')
    for (const d of job.debts) job.says('debt-settled', { debt: d.id, how: 'refitted', count: d.owes })
    await flushPromises()
    await press(/^Close, not proved/)
    expect(job.closed).toBe(false)
    await wrapper.get('#why-not-proved').setValue('the owner tries it')
    await press(/^Close, not proved/)
    expect(job.state.closing).toMatchObject({ clean: true, proved: false, owed: [] })
  })
})

describe('the valley', () => {
  it('tells the job in words and numbers beside its picture', async () => {
    const { wrapper, job } = await open(ValleyView, 'valley')
    expect(wrapper.text()).toContain('3 steps down, 0 of 3 back; gates: top')
    expect(
      wrapper
        .get('tbody')
        .findAll('tr')
        .map(r => r.text().replace(/\s+/g, ' ')),
    ).toContain('fasteners20002')
    job.says('note-added', { text: 'bearing is noisy' })
    job.says('reading-taken', { of: 'heater', value: 24, unit: 'Ω' })
    await flushPromises()
    expect(wrapper.text()).toContain('bearing is noisy')
    expect(wrapper.text()).toContain('heater: 24 Ω')
  })
})

it('no view of a job stands before the step in hand is in the hand again: what is done in it would be overwritten', async () => {
  await jobAtHand()
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      close() {}
    },
  )
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      {
        path: '/jobs/:job',
        component: Job,
        children: jobViews.map(name => ({ name, path: name, component: { template: '<main/>' } })),
      },
      { name: 'floor', path: '/', component: { template: '<i/>' } },
    ],
  })
  await router.push(`/jobs/${jobId}/descent`)
  const kept = held<undefined>()
  vi.spyOn(local.drafts, 'get').mockReturnValue(kept.promise as never)
  const wrapper = mount(RouterView, { global: { plugins: [router] } })
  await vi.waitFor(() => expect(wrapper.find('header').exists()).toBe(true))
  expect(wrapper.find('main').exists()).toBe(false)
  kept.resolve(undefined)
  await vi.waitFor(() => expect(wrapper.find('main').exists()).toBe(true))
})
