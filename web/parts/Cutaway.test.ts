import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { anatomy, families } from '@dialytica/core/machine'
import Cutaway from './Cutaway.vue'
import { box } from './cutaway/drawing.ts'
import { drawings } from './cutaway/drawings.ts'

describe.each(families)('the drawing of a %s', family => {
  it('has a region and an anchor on the paper for every zone of its anatomy, and no other', () => {
    const { zones } = drawings[family]
    expect(Object.keys(zones).sort()).toEqual(anatomy[family].zones.map(z => z.id).sort())
    for (const { d, at } of Object.values(zones)) {
      expect(d).toMatch(/^M/)
      expect(at[0] > 0 && at[0] < box.width && at[1] > 0 && at[1] < box.height).toBe(true)
    }
  })
  it('has detail for large pictures only', () => {
    const small = mount(Cutaway, { props: { family } }).html()
    const large = mount(Cutaway, { props: { family, large: true } }).html()
    expect(large.length).toBeGreaterThan(small.length)
  })
})

describe('the Cutaway', () => {
  it('says what is open, what is off and where, and how the machine stands', () => {
    const wrapper = mount(Cutaway, {
      props: { family: 'front-loader', open: ['rear', 'base'], owed: { rear: 3 }, posture: 'on its front' },
    })
    expect(wrapper.attributes('aria-label')).toBe('Open: rear, base. 3 off at rear on its front')
    expect(wrapper.findAll('path.open')).toHaveLength(2)
    expect(wrapper.find('.count').text()).toBe('3')
    expect(wrapper.html()).toContain('rotate(-90 200 220)')
  })
  it('is a picture, and no choice, unless asked', () => {
    const wrapper = mount(Cutaway, { props: { family: 'top-loader' } })
    expect(wrapper.attributes('role')).toBe('img')
    expect(wrapper.findAll('[role=radio]')).toHaveLength(0)
    expect(wrapper.attributes('aria-label')).toBe('Nothing open.')
  })
  it('is a way to choose a zone: by touch, by its name, by Enter, by arrows', async () => {
    const wrapper = mount(Cutaway, {
      props: { family: 'front-loader', choose: true, zone: 'top' },
      attachTo: document.body,
    })
    const zones = wrapper.findAll('[role=radio]')
    expect(zones.map(z => z.attributes('aria-label'))).toEqual(
      Object.keys(drawings['front-loader'].zones).map(id => anatomy['front-loader'].zones.find(z => z.id === id)!.name),
    )
    const top = wrapper.get('[data-zone=top]')
    expect(top.attributes('aria-checked')).toBe('true')
    expect(zones.filter(z => z.attributes('tabindex') === '0')).toHaveLength(1)
    await wrapper.get('[data-zone=base]').trigger('click')
    await wrapper.get('[data-zone=rear]').trigger('keydown', { key: 'Enter' })
    await top.trigger('keydown', { key: 'ArrowRight' })
    await top.trigger('keydown', { key: 'ArrowLeft' })
    await wrapper.findAll('.tag').at(-1)!.trigger('click')
    expect(wrapper.emitted('choose')).toEqual([['base'], ['rear'], ['front'], ['outside'], ['drive']])
    wrapper.unmount()
  })
})
