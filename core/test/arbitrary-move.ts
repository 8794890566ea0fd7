import fc from 'fast-check'
import { clipKinds } from '../items/clip.ts'
import { conditions } from '../items/condition.ts'
import { sittings } from '../items/connector.ts'
import { drives, heads } from '../items/fastener.ts'
import { lineKinds, passings } from '../items/route.ts'
import { postures } from '../machine/postures.ts'
import { attentions } from '../moves/attend.ts'
import { isolations } from '../moves/isolate.ts'
import type { Move } from '../moves/registry.ts'

const some = <T>(values: readonly T[]) => fc.constantFrom(...values)
const word = some(['bracket', 'pump', 'rear panel', 'loom', 'strap', 'spring'])
const count = fc.integer({ min: 1, max: 12 })
/** An object of which every listed key may be unknown. */
const known = <T extends object>(model: { [K in keyof T]: fc.Arbitrary<T[K]> }) =>
  fc.record(model, { requiredKeys: [] })

const fastener = known({
  head: some(heads),
  drive: some(drives),
  size: some(['T20', 'PH2', '8 mm', '1/4 in']),
  thread: some(['M6', '4.2', '#8']),
  pitch: some([0.8, 1, 1.25]),
  hand: some(['right', 'left'] as const),
  length: fc.integer({ min: 4, max: 90 }),
  lengthAs: some(['1/2 in', '3/4 in']),
  look: some(['stainless', 'black']),
  washers: fc.integer({ min: 0, max: 2 }),
  captive: fc.boolean(),
  torque: some([2, 4.5, 60]),
  feel: some(['finger', 'snug', 'firm'] as const),
  pattern: some(['any', 'circle', 'row'] as const),
  secured: some(['thread-lock', 'grease'] as const),
  into: some(['metal', 'plastic'] as const),
})
const connector = known({
  type: some(['plug', 'spade', 'ring'] as const),
  sits: some(sittings),
  label: some(['P1', 'P2']),
  housing: some(['white', 'black']),
  ways: fc.integer({ min: 1, max: 6 }),
  wires: fc.array(some(['red', 'blue', 'green']), { maxLength: 6 }),
  lock: some(['tab', 'secondary slider', 'none'] as const),
  keyed: fc.boolean(),
  reach: fc.integer({ min: 10, max: 400 }),
  terminal: some(['L1', '6.3 upper']),
})
const waypoint = fc.record({ by: some(passings), of: word }, { requiredKeys: ['by'] })
const route = fc.record(
  {
    type: some(lineKinds),
    waypoints: fc.array(waypoint, { maxLength: 6 }),
    slack: some(['two fingers']),
    keepClear: fc.array(word, { maxLength: 2 }),
  },
  { requiredKeys: ['waypoints'] },
)
const part = fc.record(
  {
    name: word,
    is: some(['rear panel', 'drain pump']),
    orientation: some(['arrow up']),
    seat: some(['click', 'flush', 'bottomed'] as const),
    fit: some(['loose', 'spline', 'press'] as const),
    people: fc.integer({ min: 1, max: 3 }),
    fragile: fc.boolean(),
    stores: some(['spring', 'charge', 'pressure', 'magnet'] as const),
    opens: fc.subarray(['top', 'rear', 'base', 'front']),
    lies: some(['bench', 'corner']),
  },
  { requiredKeys: ['name'] },
)
const joint = known({
  joins: some(['pushed', 'screwed'] as const),
  hose: some(['sump hose', 'fill hose']),
  clamp: some(['spring', 'worm', 'ear', 'none'] as const),
  clock: fc.integer({ min: 1, max: 12 }),
  notch: some(['rib on the tub']),
})
const clip = known({
  type: some(clipKinds),
  releases: some(['from the left']),
  direction: some(['clockwise', 'anticlockwise'] as const),
  fragile: fc.boolean(),
})

const bodies: { [K in Move['kind']]: fc.Arbitrary<object> } = {
  'remove-fasteners': fc.record(
    {
      fastener,
      count,
      shares: fc.array(some(['ground eyelet', 'bracket, second screw']), { minLength: 1, maxLength: 2 }),
    },
    { requiredKeys: ['fastener', 'count'] },
  ),
  slacken: fc.record(
    { fastener, count, turns: fc.integer({ min: 1, max: 9 }) },
    { requiredKeys: ['fastener', 'count'] },
  ),
  'release-clips': fc.record({ clip, count }),
  unplug: fc.record({ connector }),
  unroute: fc.record({ route }),
  'open-joint': fc.record({ joint }),
  'slip-belt': known({ ribs: fc.integer({ min: 1, max: 12 }) }),
  'remove-part': fc.record({ part, count }, { requiredKeys: ['part'] }),
  'park-part': fc.record({ part }),
  'pull-off': fc.record({ part, oneWay: fc.boolean() }, { requiredKeys: ['part'] }),
  cut: fc.record({ consumable: some(['tie', 'tape', 'seal', 'gasket', 'clamp']), count }),
  'place-temporary': fc.record({ thing: some(['prop', 'towel', 'tape', 'strap', 'clamp', 'tray', 'block']), count }),
  'turn-machine': fc.record({ from: some(postures), to: some(postures) }),
  'pull-out': fc.constant({}),
  isolate: fc.record({ what: some(isolations) }),
  drain: fc.record({ by: some(['filter', 'plug', 'cap', 'drain tube', 'hose']) }),
  'draw-mark': fc.record({ mark: word }),
  attend: fc.record({
    act: some(attentions),
    thing: word,
    again: fc.boolean(),
  }),
  'replace-part': fc.record(
    { part, carryOver: fc.array(word, { maxLength: 3 }), nothingOver: fc.boolean() },
    { requiredKeys: ['part', 'carryOver'] },
  ),
  exchange: fc.record({
    part: fc.record({ name: word, orientation: some(['arrow up']) }, { requiredKeys: ['name'] }),
  }),
  'fit-new': fc.record({ part: fc.record({ name: word, lies: some(['bench']) }, { requiredKeys: ['name'] }) }),
  'fold-back': fc.record({ part: fc.record({ name: word }) }),
  adapt: fc.record({
    part: fc.record({ name: word }),
    work: some(['skim it until it slides', 'cut 8 mm off the hose']),
  }),
}

/** Any move of one kind, on its way down, with any subset of what can be known of it. */
export const arbitraryMoveOf = (kind: Move['kind']): fc.Arbitrary<Move> =>
  fc
    .tuple(
      fc.uuid(),
      bodies[kind],
      known({
        place: word,
        holds: fc.array(word, { maxLength: 2 }),
        cell: some(['A1', 'B3', 'C12']),
        note: word,
        condition: some(conditions),
      }),
    )
    .map(([id, body, common]) => ({ id, kind, way: 'down', ...common, ...body }) as unknown as Move)

export const kindNames = Object.keys(bodies) as Move['kind'][]
/** Any move of any kind, on its way down. */
export const arbitraryMove: fc.Arbitrary<Move> = fc.constantFrom(...kindNames).chain(arbitraryMoveOf)
