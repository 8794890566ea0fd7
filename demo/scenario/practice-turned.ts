import { act, step, type ToldJob } from './script.ts'
import { powerOff, practice } from './usual-steps.ts'

const hex = (size: string, length?: number) => ({ drive: 'hex head' as const, size, ...(length && { length }) })
type Posture = NonNullable<ToldJob['steps'][number]['posture']>
const turn = (from: Posture, to: Posture): ToldJob['steps'][number] => ({
  ...step('outside', act({ kind: 'turn-machine', from, to })),
  posture: to,
})

/** A heavy unit held from below by eight screws; it was stood upright once, to drive it out. */
export const heavyUnit: ToldJob = {
  ...practice,
  name: 'heavy unit from below',
  unit: 'P-01',
  family: 'top-loader',
  complaint: 'Roars in the spin: the whole unit comes out from below',
  steps: [
    powerOff,
    turn('upright', 'on its front'),
    step('drive', act({ kind: 'slip-belt', ribs: 5 })),
    step('drive', act({ kind: 'remove-fasteners', place: 'unit', fastener: hex('13 mm', 40), count: 8, cell: 'A1' })),
    turn('on its front', 'upright'),
    step('tub', act({ kind: 'attend', act: 'knock loose', thing: 'unit' })),
    turn('upright', 'on its front'),
    step('drive', act({ kind: 'remove-part', part: { name: 'unit', people: 2, lies: 'on the bench' } })),
  ],
}

/** A plate bolted from below to the unit on which the basket sits; it goes on once. */
export const plateFirst: ToldJob = {
  ...practice,
  name: 'plate joined first',
  unit: 'P-02',
  family: 'top-loader',
  complaint: 'Wobbles: the plate under the basket is bent',
  steps: [
    powerOff,
    turn('upright', 'on its front'),
    step('drive', act({ kind: 'remove-fasteners', place: 'plate', fastener: hex('10 mm', 20), count: 4, cell: 'A1' })),
    turn('on its front', 'upright'),
    step(
      'tub',
      act({
        kind: 'remove-fasteners',
        place: 'basket',
        fastener: { drive: 'nut', size: '36 mm' },
        count: 1,
        cell: 'A2',
      }),
    ),
    step('tub', act({ kind: 'pull-off', oneWay: true, part: { name: 'basket', people: 2, lies: 'on the floor' } })),
    step('tub', act({ kind: 'remove-part', part: { name: 'plate', lies: 'on the bench' } })),
  ],
  orders: [
    { first: 3, then: 6, why: 'its bolts are joined on the bench: nobody reaches them once the basket is on' },
    { first: 7, then: 6, why: 'the plate lies under the basket' },
  ],
}

/** Everything is worked from below: no cover comes off, the turn is the gate. */
export const fromBelow: ToldJob = {
  ...practice,
  name: 'all from below',
  unit: 'P-03',
  family: 'front-loader',
  complaint: 'Hums and does not pump; worked from below, no panel off',
  steps: [
    powerOff,
    step('base', act({ kind: 'drain', by: 'filter', litres: 2 })),
    step('outside', act({ kind: 'place-temporary', thing: 'tape', count: 2, why: 'holds door and drawer' })),
    turn('upright', 'on its back'),
    step(
      'base',
      act({ kind: 'unplug', place: 'drain pump', connector: { type: 'spade', wires: ['brown'], sits: 'left' } }),
      act({ kind: 'unplug', place: 'drain pump', connector: { type: 'spade', wires: ['blue'], sits: 'right' } }),
    ),
    step(
      'base',
      act({ kind: 'open-joint', place: 'drain pump', joint: { hose: 'sump hose', clamp: 'spring', clock: 7 } }),
    ),
    step(
      'base',
      act({
        kind: 'remove-fasteners',
        place: 'drain pump',
        fastener: { drive: 'torx', size: 'T20', length: 16, into: 'plastic' },
        count: 3,
        cell: 'A1',
      }),
    ),
    step(
      'base',
      act({ kind: 'remove-part', part: { name: 'drain pump', orientation: 'plug to the left', lies: 'in a tray' } }),
    ),
  ],
}

/** A pump with two washers on its old feet, its plug on another side of the new one; a prop and a towel stand behind. */
export const pumpOver: ToldJob = {
  ...practice,
  name: 'pump with its washers',
  unit: 'P-04',
  family: 'front-loader',
  complaint: 'Pump blocked and cracked; the new one has its plug on the other side',
  steps: [
    powerOff,
    step('base', act({ kind: 'drain', by: 'drain tube', litres: 2 })),
    step(
      'outside',
      act({
        kind: 'remove-fasteners',
        place: 'kick plate',
        fastener: { drive: 'torx', size: 'T20', length: 12 },
        count: 2,
        cell: 'A1',
      }),
    ),
    step(
      'outside',
      act({ kind: 'remove-part', part: { name: 'kick plate', opens: ['base'], lies: 'against the wall' } }),
    ),
    step(
      'base',
      act({ kind: 'place-temporary', thing: 'prop', count: 1, why: 'under the tub' }),
      act({ kind: 'place-temporary', thing: 'towel', count: 1, why: 'under the hose' }),
    ),
    step(
      'base',
      act({
        kind: 'unplug',
        place: 'drain pump',
        connector: { label: 'M4', housing: 'white', ways: 2, wires: ['grey', 'grey'], lock: 'tab' },
      }),
    ),
    step(
      'base',
      act({ kind: 'open-joint', place: 'drain pump', joint: { hose: 'sump hose', clamp: 'spring', clock: 5 } }),
    ),
    step(
      'base',
      act({
        kind: 'remove-fasteners',
        place: 'drain pump',
        fastener: { drive: 'torx', size: 'T20', length: 16, washers: 1 },
        count: 2,
        cell: 'A2',
      }),
    ),
    step(
      'base',
      act({
        kind: 'replace-part',
        part: { name: 'drain pump', orientation: 'plug to the right, the old one had it left' },
        carryOver: ['two washers'],
      }),
    ),
  ],
}
