import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { OpenDebt } from '@dialytica/core/ledger'
import type { Step } from '@dialytica/core/log'
import Owed from './Owed.vue'
import Tray from './Tray.vue'

const debt = (cell: string, label: string, owes: number): OpenDebt => ({
  id: cell + label,
  step: 's',
  move: 'm',
  item: 'fastener',
  state: 'out',
  label,
  cell,
  count: owes,
  settled: { refitted: 0, replaced: 0, scrapped: 0, missing: 0 },
  atOnce: 0,
  marks: [],
  owes,
  stepNumber: 1,
})
const inHand: Step = {
  id: 's',
  photos: [],
  marks: [],
  moves: [{ id: 'x', kind: 'remove-fasteners', way: 'down', cell: 'A3', count: 2, fastener: { size: 'T20' } }],
}

describe('the tray', () => {
  const tray = (over: object = {}) =>
    mount(Tray, {
      props: {
        debts: [debt('A1', 'four T20 × 18, bracket', 4), debt('B2', 'one nut', 1)],
        thing: ({ cell }: OpenDebt) => ({ A1: 'T20 × 18', B2: 'nut' })[cell!]!,
        next: 'A2',
        size: { rows: 5, columns: 4 },
        ...over,
      },
    })
  const names = (w: ReturnType<typeof tray>) => w.findAll('button').map(b => b.attributes('aria-label'))

  it('shows every cell with what lies in it, and which is next', () => {
    const labels = names(tray())
    expect(labels).toHaveLength(20)
    expect(labels.slice(0, 3)).toEqual(['Cell A1: 4 T20 × 18', 'Cell A2, next', 'Cell A3, empty'])
    expect(labels[5]).toBe('Cell B2: 1 nut')
  })
  it('counts the step in hand before it is recorded', () => {
    expect(names(tray({ step: inHand }))[2]).toBe('Cell A3: 2 T20')
  })
  it('puts the move in hand where it is touched', async () => {
    const wrapper = tray({ chosen: 'A3', size: { rows: 2, columns: 4 } })
    expect(wrapper.findAll('button')).toHaveLength(8)
    expect(wrapper.get('[aria-pressed=true]').attributes('aria-label')).toContain('A3')
    await wrapper.findAll('button')[6]!.trigger('click')
    expect(wrapper.emitted('choose')).toEqual([['B3']])
  })
})

describe('what is off', () => {
  const none = {
    fastener: 0,
    clip: 0,
    connector: 0,
    line: 0,
    joint: 0,
    part: 0,
    consumable: 0,
    temporary: 0,
    posture: 0,
    isolation: 0,
  }
  it('is said by kind and in all, in words beside the glyph', () => {
    const wrapper = mount(Owed, { props: { owed: { ...none, fastener: 4, part: 1 } } })
    expect(wrapper.get('ul').attributes('aria-label')).toBe('Off the machine: 5 in all')
    expect(wrapper.findAll('.sr').map(s => s.text())).toEqual(['4 fasteners', '1 part'])
  })
  it('is said when it is nothing', () => {
    expect(mount(Owed, { props: { owed: none } }).text()).toBe('nothing off')
  })
})
