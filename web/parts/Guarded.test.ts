import { mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import Guarded from './Guarded.vue'

it('what cannot be shown says so, takes nothing else with it, and is tried again', async () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  const good = ref(false)
  const Card = defineComponent(() => () => {
    if (!good.value) throw new RangeError('Invalid time value')
    return h('p', 'the machine')
  })
  const Floor = defineComponent(() => () => [
    h(Guarded, { what: 'FL-84' }, () => h(Card)),
    h(Guarded, { what: 'FL-70' }, () => h('p', 'another machine')),
  ])
  const wrapper = mount(Floor)
  await vi.waitFor(() => expect(wrapper.get('[role=alert]').text()).toContain('FL-84 cannot be shown.'))
  expect(wrapper.text()).toContain('another machine')
  good.value = true
  await wrapper.get('button').trigger('click')
  expect(wrapper.text()).toContain('the machine')
  expect(wrapper.find('[role=alert]').exists()).toBe(false)
})
