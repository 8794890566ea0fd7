import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { english } from '../words/english.ts'
import { assemblyOfJob } from './assembly.ts'
import { mayBind, partKey, partView } from './around-part.ts'
import type { JobEvent } from '../log/event.ts'

const pump = [
  step(1, 'base', { kind: 'remove-part', part: { name: 'heavy cover', is: 'base pan' } }),
  step(2, 'base', { kind: 'unplug', connector: { label: 'P1' } }),
  step(3, 'base', { kind: 'remove-fasteners', count: 3, place: 'waste pump', fastener: { size: 'T20' }, cell: 'A1' }),
  step(4, 'base', { kind: 'remove-part', part: { name: 'drain pump', lies: 'in a tray' } }),
  step(5, 'base', { kind: 'open-joint', joint: { hose: 'sump hose' } }),
]
const view = (name: string, ...more: JobEvent[]) => {
  const { state, refused } = foldAll([opening(), ...pump, ...more])
  expect(refused).toEqual([])
  const assembly = assemblyOfJob(state, 'front-loader')
  const part = assembly.parts.find(p => p.name.text === name)!
  return { state, part, view: partView(state, assembly, part) }
}

describe('what is known of a part', () => {
  it('its names, where it lies, what holds it', () => {
    const { view: v } = view('drain pump')
    expect(v).toMatchObject({ names: ['drain pump'], where: 'off', lies: 'in a tray' })
    expect(v.bound.fastens.map(b => [english(b.thing), b.sure, b.isBack])).toEqual([
      ['three T20, waste pump', true, false],
    ])
  })
  it('what it hides: what was reached only after it had come off', () => {
    expect(view('heavy cover').view.hides.map(b => english(b.thing))).toEqual([
      'P1, plug',
      'three T20, waste pump',
      'drain pump',
      'sump hose',
    ])
  })
  it('what it is bound to itself', () => {
    const sensor = step(6, 'base', { kind: 'remove-part', place: 'drain pump', part: { name: 'leak sensor' } })
    const { view: v } = view('leak sensor', sensor)
    expect(v.onto.map(o => [o.kind, o.part.name.text])).toEqual([['rides on', 'drain pump']])
    expect(view('drain pump', sensor).view.bound['rides on'].map(b => english(b.thing))).toEqual([
      'leak sensor, drain pump',
    ])
  })
  it('what became of it', () => {
    const back = event('debt-settled', { debt: id(400, 'm'), how: 'replaced', count: 1 }, 90)
    expect(view('drain pump', back).view).toMatchObject({ where: 'a new one on', lies: null })
  })
  it('what could bind it and is not said to, the nearest first; what was said is no longer among it', () => {
    const { state, view: v } = view('drain pump')
    expect(mayBind(state, v).map(m => english(m.thing))).toEqual(['sump hose', 'P1, plug', 'heavy cover'])
    const said = view(
      'drain pump',
      event('liaison-told', { how: 'lies under', move: id(200, 'm'), part: id(400, 'm') }, 90),
    )
    expect(mayBind(said.state, said.view).map(m => english(m.thing))).toEqual(['sump hose', 'heavy cover'])
    expect(said.view.bound['lies under'].map(b => english(b.why))).toEqual(['somebody said so'])
  })
  it('what was unfastened in its place has a name of its own', () => {
    const { state } = foldAll([
      opening(),
      step(1, 'drive', { kind: 'remove-fasteners', count: 2, place: 'motor', fastener: {} }),
    ])
    const { parts } = assemblyOfJob(state, 'front-loader')
    expect(parts.map(partKey)).toEqual(['in place: motor'])
    expect(partView(state, assemblyOfJob(state, 'front-loader'), parts[0]!).where).toBe('unfastened')
  })
})
