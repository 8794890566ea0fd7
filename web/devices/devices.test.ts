import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import { blank, foldAll, type JobEvent } from '@dialytica/core/log'
import { find, meant, sceneOf } from '@dialytica/demo'
import { commands } from '../commands.ts'
import { glyphKeys } from '../parts/moves/glyph-keys.ts'
import { viewOf } from './away.ts'
import { useKeys } from './keys.ts'
import { scan } from './simulated-scanner.ts'

const pressed: string[] = []
const view = defineComponent(() => {
  useKeys({
    p: () => pressed.push('p'),
    ' ': () => pressed.push('space'),
    'Shift  ': () => pressed.push('all'),
    PageDown: () => pressed.push('pedal'),
    '+': () => pressed.push('+'),
  })
  return () => h('div', [h('input', { id: 'words' }), h('button', 'go'), h('input', { id: 'tick', type: 'checkbox' })])
})
const wrapper = mount(view, { attachTo: document.body })
const press = (key: string, on: string, more: KeyboardEventInit = {}) =>
  wrapper.get(on).element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }))
afterEach(() => void (pressed.length = 0))

describe('keys and pedals', () => {
  it('act wherever the focus is', () => {
    press('p', 'div')
    press('P', 'button')
    press('+', 'div')
    expect(pressed).toEqual(['p', 'p', '+'])
  })
  it('leave writing alone, but for the pedals', () => {
    press('p', '#words')
    press(' ', '#words')
    press('PageDown', '#words')
    expect(pressed).toEqual(['pedal'])
  })
  it('leave a button its own Space, and the browser its shortcuts', () => {
    press(' ', 'button')
    press(' ', 'div')
    press('p', 'div', { ctrlKey: true })
    press('p', 'div', { metaKey: true })
    expect(pressed).toEqual(['space'])
  })
  it('mean another thing with Shift where that is bound, and the same where it is not', () => {
    press(' ', 'div', { shiftKey: true })
    press('+', 'div', { shiftKey: true })
    expect(pressed).toEqual(['all', '+'])
  })
  it('are each of one command', () => {
    const keys = Object.values(commands).flatMap(c => [...c.keys])
    const glyphs = glyphKeys.map(([key]) => key)
    expect(new Set([...keys, ...glyphs]).size).toBe(keys.length + glyphs.length)
  })
})

describe('the simulated scanner', () => {
  it('reads one plate after the other', () => {
    const plates = ['FL-84 1', 'FL-84 2']
    expect(new Set([scan(plates), scan(plates)])).toEqual(new Set(plates))
    expect(scan([])).toBeUndefined()
  })
})

describe('what the simulated camera sees', () => {
  const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
  const event = (n: number, kind: string, body: object) =>
    ({ id: id(n), job: id(0), kind, at: `2026-01-05T08:00:0${n}.000Z`, actor: id(1), device: 'x', body }) as JobEvent
  const scene = sceneOf('front-loader', 'outside')
  const hash = 'a'.repeat(64)
  const [spot] = find(scene, 'lid1', 4)
  const step = {
    id: id(20),
    zone: 'outside',
    photos: [{ hash, width: 16, height: 10, takenAt: '2026-01-05T08:00:00.000Z' }],
    marks: [{ id: id(30), photo: hash, move: id(21), glyph: 'fastener', path: [spot] }],
    moves: [{ id: id(21), kind: 'remove-fasteners', way: 'down', fastener: {}, count: 1 }],
  }
  const opening = event(2, 'job-opened', { unit: id(9), family: 'front-loader', complaint: '', plate: '' })
  const off = foldAll([opening, event(3, 'step-recorded', { step })]).state
  const back = foldAll([event(4, 'debt-settled', { debt: id(21), how: 'refitted', count: 1 })], off).state

  it('is off what was marked and is still owed, at that place only', () => {
    const seen = viewOf(off, 'front-loader', 'outside')
    expect(seen.away.flatMap(m => meant(scene, m.glyph, m.path[0]!) ?? [])).toEqual(['lid1'])
    expect(seen.taken).toBe(1)
    expect(viewOf(off, 'front-loader', 'base').away).toEqual([])
    expect(viewOf(back, 'front-loader', 'outside').away).toEqual([])
    expect(viewOf(blank, 'top-loader', undefined).away).toEqual([])
  })
})
