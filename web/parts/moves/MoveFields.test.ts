import { freshMove, type Move, type MoveKindName } from '@dialytica/core/moves'
import { mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import Choice from '../Choice.vue'
import MoveFields from './MoveFields.vue'

const around = { posture: 'upright', isolated: [], cell: 'A1' } as const
const id = '00000000-0000-4000-8000-000000000001'

/** The panel as a hand uses it: what it tells is given back to it. */
function panel(kind: MoveKindName): VueWrapper & { move(): Move } {
  const wrapper = mount(MoveFields, {
    props: { move: freshMove(kind, id, around), family: 'front-loader', zone: 'rear' },
  })
  const move = () => ((wrapper.emitted('tell') ?? []).at(-1)?.[0] ?? freshMove(kind, id, around)) as Move
  return Object.assign(wrapper as unknown as VueWrapper, { move })
}
const button = (w: VueWrapper, text: RegExp) => w.findAll('button').find(b => text.test(b.text()))!
const press = async (w: ReturnType<typeof panel>, text: RegExp) => {
  await button(w, text).trigger('click')
  await w.setProps({ move: w.move() } as never)
}

describe('what is known of a move', () => {
  it('stands on tiles; what is unknown says so', () => {
    const w = panel('remove-fasteners')
    expect(w.findAll('.tile b').map(b => b.text())).toEqual(['×1', '–', '–', '–', '–', '–', 'A1'])
    expect(w.findAll('.known')).toHaveLength(2)
  })
  it('is told by two taps', async () => {
    const w = panel('remove-fasteners')
    await press(w, /drive/)
    await press(w, /^T20$/)
    expect(w.move()).toMatchObject({ fastener: { size: 'T20', drive: 'torx' } })
    expect(button(w, /drive/).text()).toContain('T20')
  })
  it('is unknown again by the same tap', async () => {
    const w = panel('remove-fasteners')
    for (const tap of [/drive/, /^T20$/, /drive/, /^T20$/]) await press(w, tap)
    expect(w.move()).not.toHaveProperty('fastener.size')
  })
  it('can be typed, with a comma for a decimal point', async () => {
    const w = panel('remove-fasteners')
    await press(w, /long/)
    await w.get('input').setValue('12,5')
    await w.get('input').trigger('keydown', { key: 'Enter' })
    expect(w.move()).toMatchObject({ fastener: { length: 12.5 } })
  })
  it('says what is wrong, and keeps what was', async () => {
    const w = panel('remove-fasteners')
    await press(w, /long/)
    await w.get('input').setValue('-3')
    await w.get('input').trigger('keydown', { key: 'Enter' })
    expect(w.emitted('tell')).toBeUndefined()
  })
  it('counts up and down, never below one', async () => {
    const w = panel('release-clips')
    await press(w, /counted/)
    await w.get('[aria-label="One more"]').trigger('click')
    expect(w.move()).toMatchObject({ count: 2 })
    await w.setProps({ move: freshMove('release-clips', id, around) } as never)
    expect(w.get('[aria-label="One less"]').attributes('disabled')).toBeDefined()
  })
  it('lists in order, also the same colour twice, and takes the last one back', async () => {
    const w = panel('unplug')
    for (const tap of [/wires|more/, /^red$/, /^blue$/, /^red$/]) await press(w, tap)
    expect(w.move()).toMatchObject({ connector: { wires: ['red', 'blue', 'red'] } })
    await press(w, /undo red/)
    expect(w.move()).toMatchObject({ connector: { wires: ['red', 'blue'] } })
  })
  it('fills in what a cover opens', async () => {
    const w = panel('remove-part')
    for (const tap of [/^part *part$|part$/, /^rear panel$/]) await press(w, tap)
    expect(w.move()).toMatchObject({ part: { name: 'rear panel', opens: ['rear', 'base'] } })
  })
  it('leads a line past points, each by a way and a name', async () => {
    const w = panel('unroute')
    await press(w, /past/)
    for (let i = 0; i < 2; i++) {
      await w.get('[aria-label="Add a point"]').trigger('click')
      await w.setProps({ move: w.move() } as never)
    }
    w.findAllComponents(Choice)[1]!.vm.$emit('choose', 'behind')
    await w.setProps({ move: w.move() } as never)
    const name = w.get('[aria-label="What point 2 is"]')
    await name.setValue('spring')
    await name.trigger('change')
    expect(w.move()).toMatchObject({ route: { waypoints: [{ by: 'retainer' }, { by: 'behind', of: 'spring' }] } })
    await w.setProps({ move: w.move() } as never)
    await w.get('[aria-label="Take the last point away"]').trigger('click')
    expect(w.move()).toMatchObject({ route: { waypoints: [{ by: 'retainer' }] } })
  })
  it('is said yes or no', async () => {
    const w = panel('release-clips')
    await press(w, /fragile/)
    await press(w, /^yes$/)
    expect(w.move()).toMatchObject({ clip: { fragile: true } })
  })
  it('can be told as another kind, or dropped', async () => {
    const w = panel('remove-part')
    w.getComponent(Choice).vm.$emit('choose', 'park-part')
    await button(w, /drop/).trigger('click')
    expect([w.emitted('as'), w.emitted('drop')]).toEqual([[['park-part']], [[]]])
  })
})
