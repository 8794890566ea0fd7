import { describe, expect, it } from 'vitest'
import type { Move } from '../moves/registry.ts'
import { signatureOf, speaksFor } from './signature.ts'

const of = (zone: string | undefined, move: object) =>
  signatureOf({ zone, move: { id: 'x', way: 'down', ...move } as unknown as Move }, 'front-loader')
const tie = (place: string) => ({ kind: 'cut', consumable: 'tie', count: 1, place })
const screws = (place: string | undefined, size?: string, count = 4) => ({
  kind: 'remove-fasteners',
  ...(place && { place }),
  fastener: size ? { size } : {},
  count,
})

/** Pairs from the bench, each with whether a hand would take them for one act on two machines of a model. */
const pairs: readonly (readonly [string, ReturnType<typeof of>, ReturnType<typeof of>, boolean])[] = [
  ['two looms at two places', of('top', tie('valve loom')), of('rear', tie('tub loom')), false],
  ['one loom', of('top', tie('valve loom')), of('top', tie('valve loom')), true],
  [
    'two names of one part',
    of('outside', { kind: 'remove-part', part: { name: 'back panel' } }),
    of('outside', { kind: 'remove-part', part: { name: 'rear panel' } }),
    true,
  ],
  ['a slip of the hand', of('base', screws('drain pmup', 'T20')), of('base', screws('drain pump', 'T20')), true],
  ['told without its place', of('base', screws(undefined, 'T20')), of('base', screws('drain pump', 'T20')), true],
  ['two parts of one place', of('base', screws('drain pump', 'T20')), of('base', screws('inlet valve', 'T20')), false],
  [
    'left and right',
    of('top', { kind: 'remove-part', part: { name: 'left spring' } }),
    of('top', { kind: 'remove-part', part: { name: 'right spring' } }),
    false,
  ],
  [
    'a part parked and a part taken off',
    of('drawer', { kind: 'park-part', part: { name: 'drawer housing' } }),
    of('drawer', { kind: 'remove-part', part: { name: 'drawer housing' } }),
    true,
  ],
  [
    'power and water',
    of('outside', { kind: 'isolate', what: 'power' }),
    of('outside', { kind: 'isolate', what: 'cold water' }),
    false,
  ],
  [
    'a screw and a plug',
    of('top', screws('board')),
    of('top', { kind: 'unplug', place: 'board', connector: {} }),
    false,
  ],
  [
    'two plugs by their labels',
    of('top', { kind: 'unplug', connector: { label: 'P1' } }),
    of('top', { kind: 'unplug', connector: { label: 'P2' } }),
    false,
  ],
  [
    'one more screw than on the other',
    of('base', screws('motor', '10 mm', 4)),
    of('base', screws('motor', '10 mm', 3)),
    true,
  ],
]

describe('whether two acts are one on two machines', () => {
  it.each(pairs)('%s', (_, a, b, isOne) => {
    expect(speaksFor(a, b) > 0.6).toBe(isOne)
    expect(speaksFor(b, a)).toBeCloseTo(speaksFor(a, b), 9)
  })
})
