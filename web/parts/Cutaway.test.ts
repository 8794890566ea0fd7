import { anatomy, families } from '@dialytica/core/machine'
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import Cutaway from './Cutaway.vue'
import { drawings } from './cutaway/drawings.ts'

/** True when a region of upright and level edges covers a point (a point in a hole of it is not covered). */
function covers(d: string, [px, py]: readonly [number, number]): boolean {
  let [x, y, crossed] = [0, 0, 0]
  let from = { x, y }
  const edge = (toX: number, toY: number) => {
    if (x === toX && x > px && py > Math.min(y, toY) && py <= Math.max(y, toY)) crossed += 1
    ;[x, y] = [toX, toY]
  }
  for (const [, command, a, b] of d.matchAll(/([MHVZ])(-?\d+)?(?: (-?\d+))?/g)) {
    if (command === 'M') [x, y, from] = [Number(a), Number(b), { x: Number(a), y: Number(b) }]
    else if (command === 'H') edge(Number(a), y)
    else if (command === 'V') edge(x, Number(a))
    else edge(from.x, from.y)
  }
  return crossed % 2 === 1
}

describe.each(families)('the drawing of a %s', family => {
  it('has a region and an anchor on the paper for every zone of its anatomy, and no other', () => {
    const { zones } = drawings[family]
    expect(Object.keys(zones).sort()).toEqual(anatomy[family].zones.map(z => z.id).sort())
  })
  it('has the number of each zone where a finger that goes for it chooses that zone', () => {
    const zones = Object.entries(drawings[family].zones)
    for (const [id, { at }] of zones) {
      const hit = zones.filter(([, z]) => covers(z.d, at)).at(-1)
      expect(hit?.[0], `at ${at.join(', ')}`).toBe(id)
    }
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
