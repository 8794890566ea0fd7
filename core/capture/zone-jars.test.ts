import { describe, expect, it } from 'vitest'
import { says } from '../acts/act.ts'
import { Bench, stepOf } from '../test/acting.ts'
import { zoneIsSo, zoneJar } from './zone-jars.ts'

const off = (name: string) => ({ kind: 'remove-part', part: { name } })
const screws = (place: string) => ({ kind: 'remove-fasteners', place, count: 2, fastener: {} })
const asked = (zone: string, ...moves: object[]) =>
  zoneJar(new Bench().state, stepOf(1, zone, ...moves), 'front-loader')

describe('a zone that jars with what is named in it', () => {
  it.each([
    ['front', off('drive motor'), 'drive'],
    ['top', { kind: 'slip-belt' }, 'drive'],
    ['rear', screws('control board'), 'top'],
    ['outside', screws('drain pump'), 'base'],
  ])('%s: %j sits in %s', (zone, move, usual) => expect(asked(zone, move)).toMatchObject({ usual, told: zone }))
  it.each([
    ['drive', off('drive motor')],
    ['rear', off('drive motor')],
    ['base', { kind: 'open-joint', joint: { hose: 'sump hose' } }],
    ['rear', off('heater')],
    ['outside', screws('rear panel')],
    ['front', off('blue frobber')],
    ['rear', { kind: 'isolate', what: 'power' }],
    ['outside', { kind: 'unroute', route: { type: 'harness', waypoints: [] } }],
    ['rear', { kind: 'unplug', connector: { label: 'control board' } }],
    ['drive', { kind: 'place-temporary', thing: 'block', count: 1 }],
  ])('nothing is asked of %s: %j', (zone, move) => expect(asked(zone, move)).toBeNull())
  it('is asked once', () => {
    const on = new Bench()
    const step = stepOf(1, 'front', off('drive motor'))
    on.do(says('check-done', { check: zoneIsSo('front'), passed: true, step: step.id }))
    expect(zoneJar(on.state, step, 'front-loader')).toBeNull()
    expect(zoneJar(on.state, { ...step, zone: 'top' }, 'front-loader')).not.toBeNull()
  })
})
