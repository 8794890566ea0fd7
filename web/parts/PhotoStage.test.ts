import { flushPromises, mount } from '@vue/test-utils'
import { ref } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { id, mark, photo } from '../test/job-at-hand.ts'
import PhotoStage from './PhotoStage.vue'
import type { ShownMark } from './stage/shown-mark.ts'

vi.mock('@vueuse/core', async original => ({
  ...(await original<object>()),
  useElementSize: () => ({ width: ref(800), height: ref(600) }),
}))
vi.mock('../data/photo-url.ts', () => ({ usePhotoUrl: () => ref('/api/photos/x/stage') }))

async function stage(props: { marks?: ShownMark[]; glyph?: 'fastener' } = {}) {
  const wrapper = mount(PhotoStage, { props: { photo, marks: [], ...props }, attachTo: document.body })
  await flushPromises()
  return wrapper
}
const picture = (w: Awaited<ReturnType<typeof stage>>) => w.get('[data-stage]')

describe('the stage', () => {
  it('shows the whole photo in the middle of its frame', async () => {
    const style = picture(await stage()).attributes('style')
    expect(style).toContain('width: 800px')
    expect(style).toContain('height: 500px')
    expect(style).toContain('top: 50px')
  })
  it('shows a way to a photo where there is none', () => {
    const wrapper = mount(PhotoStage, { props: { photo: undefined, marks: [] }, slots: { default: '<p>take one</p>' } })
    expect(wrapper.text()).toBe('take one')
  })
  it('tells a tap as shares of the photo', async () => {
    const wrapper = await stage({ glyph: 'fastener' })
    picture(wrapper).element.getBoundingClientRect = () => ({ left: 100, top: 50, width: 800, height: 500 }) as DOMRect
    await picture(wrapper).trigger('click', { clientX: 300, clientY: 175 })
    expect(wrapper.emitted('tap')).toEqual([[{ x: 0.25, y: 0.25 }]])
  })
  it('marks by keys: arrows move the cross, Shift makes it run, Enter marks', async () => {
    const wrapper = await stage({ glyph: 'fastener' })
    const keys = [{ key: 'Enter' }, { key: 'ArrowLeft' }, { key: 'ArrowUp', shiftKey: true }, { key: 'Enter' }]
    for (const key of keys) await picture(wrapper).trigger('keydown', key)
    expect(wrapper.emitted('tap')).toEqual([[{ x: 0.5, y: 0.5 }], [{ x: 0.48, y: 0.4 }]])
    for (let i = 0; i < 9; i++) await picture(wrapper).trigger('keydown', { key: 'ArrowLeft', shiftKey: true })
    await picture(wrapper).trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('tap')!.at(-1)).toEqual([{ x: 0, y: 0.4 }])
  })
  it('does not mark where nothing is recorded', async () => {
    const wrapper = await stage()
    await picture(wrapper).trigger('click', { clientX: 3, clientY: 3 })
    await picture(wrapper).trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('tap')).toBeUndefined()
    expect(picture(wrapper).attributes('tabindex')).toBeUndefined()
  })
  it('shows each mark by its glyph, with its label, and whether it is done', async () => {
    const marks: ShownMark[] = [
      { ...mark(1, 2, 0.2, 0.2), label: '1', done: true },
      { ...mark(3, 2, 0.8, 0.2), label: '2', done: false, now: true },
      {
        id: id(5),
        photo: photo.hash,
        move: id(6),
        glyph: 'line',
        path: [
          { x: 0.1, y: 0.9 },
          { x: 0.2, y: 0.9 },
          { x: 0.3, y: 0.8 },
        ],
      },
      { ...mark(7, 8, 0.5, 0.5), photo: 'b'.repeat(64) },
    ]
    const wrapper = await stage({ marks })
    const shown = wrapper.findAll('[data-mark]')
    expect(shown.map(m => m.attributes('aria-label'))).toEqual(['Mark fastener 1 done', 'Mark fastener 2', 'Mark line'])
    expect(shown.map(m => m.attributes('aria-pressed'))).toEqual(['true', 'false', undefined])
    expect(shown[2]!.findAll('.knot-number').map(k => k.text())).toEqual(['1', '2', '3'])
    await shown[1]!.trigger('click')
    await shown[0]!.trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('mark')).toEqual([
      [id(3), 0],
      [id(1), 0],
    ])
    expect(wrapper.emitted('tap')).toBeUndefined()
  })
  it('asks again for a photo that is still on its way', async () => {
    vi.useFakeTimers()
    const wrapper = await stage()
    await wrapper.get('img').trigger('error')
    await vi.advanceTimersByTimeAsync(800)
    expect(wrapper.get('img').attributes('src')).toBe('/api/photos/x/stage?again=1')
    for (let i = 0; i < 20; i++) {
      await wrapper.find('img').trigger('error')
      await vi.advanceTimersByTimeAsync(800)
    }
    expect(wrapper.text()).toContain('still on the device that took it')
    vi.useRealTimers()
  })
})
