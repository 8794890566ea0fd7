import { describe, expect, it } from 'vitest'
import { bookFrom, off, screws, told } from '../test/told-machine.ts'
import { kitOf } from './kit.ts'

const cut = { zone: 'rear', minutes: 1, move: { kind: 'cut', consumable: 'tie', count: 2, place: 'motor loom' } }
const turn = { zone: 'outside', minutes: 1, move: { kind: 'turn-machine', from: 'upright', to: 'on its front' } }

describe('what a model asks for', () => {
  it('is tools in the order of use, consumables with how many jobs needed them, and what takes two people', () => {
    const kit = kitOf(
      bookFrom([
        told('job-a', 'front-loader', [
          screws('outside', 'rear panel', 8, 'T20', 2),
          cut,
          turn,
          off('tub', 'upper counterweight', 5),
        ]),
        told('job-b', 'front-loader', [
          screws('outside', 'rear panel', 8, 'T20', 2),
          screws('top', 'top panel', 2, 'PH2', 1),
        ]),
      ]),
      'front-loader',
    )
    expect(kit.tools.map(t => t.what)).toContain('T20 driver')
    expect(kit.tools.find(t => t.what === 'T20 driver')).toMatchObject({ jobs: 2 })
    expect(kit.consumables).toEqual([{ what: 'tie', jobs: 1 }])
    expect(kit.twoPeople).toHaveLength(2)
    expect(kit.twoPeople.join()).toContain('counterweight')
  })
  it('is nothing of a book without a job', () => {
    expect(kitOf(bookFrom([]), 'top-loader')).toEqual({ tools: [], consumables: [], twoPeople: [] })
  })
})
