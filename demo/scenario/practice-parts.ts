import { act, step, type ToldJob } from './script.ts'
import { powerOff, practice } from './usual-steps.ts'

const torx = (size: string, length?: number) => ({ drive: 'torx' as const, size, ...(length && { length }) })
const rearScrews = step(
  'outside',
  act({ kind: 'remove-fasteners', place: 'rear panel', fastener: torx('T20', 12), count: 4, cell: 'A1' }),
)
const motorPlug = act({
  kind: 'unplug',
  place: 'drive motor',
  connector: { label: 'M1', housing: 'white', ways: 6, lock: 'tab' },
})
const panelOff = step(
  'outside',
  act({ kind: 'remove-part', part: { name: 'rear panel', opens: ['rear', 'base'], lies: 'behind the machine' } }),
)

/** A ground eyelet under the second of three screws of a cover. */
export const groundEyelet: ToldJob = {
  ...practice,
  name: 'ground eyelet',
  unit: 'P-05',
  family: 'front-loader',
  complaint: 'Tingles at the cabinet; the earth sits under a screw of the rear panel',
  steps: [
    powerOff,
    step(
      'outside',
      act({
        kind: 'remove-fasteners',
        place: 'rear panel',
        fastener: torx('T20', 12),
        count: 3,
        cell: 'A1',
        shares: ['ground eyelet, second screw'],
      }),
    ),
    panelOff,
    step(
      'rear',
      act({ kind: 'unplug', place: 'heater', connector: { type: 'spade', wires: ['green-yellow'], sits: 'middle' } }),
    ),
  ],
}

/** A new loom is laid along the old one before that is cut; what ties it is owed. */
export const newLoom: ToldJob = {
  ...practice,
  name: 'new loom along the old',
  unit: 'P-06',
  family: 'front-loader',
  complaint: 'Motor loom chafed through; a new one goes in',
  steps: [
    powerOff,
    rearScrews,
    panelOff,
    step('rear', motorPlug),
    step('rear', act({ kind: 'fit-new', part: { name: 'motor loom', lies: 'along the old one' } })),
    step('rear', act({ kind: 'cut', consumable: 'tie', count: 3, place: 'motor loom' })),
    step('rear', act({ kind: 'remove-part', part: { name: 'old motor loom', lies: 'in the bin' } })),
  ],
}

/** Two brushes, exchanged one after the other, each with the way in which the old one faced. */
export const twoBrushes: ToldJob = {
  ...practice,
  name: 'two brushes',
  unit: 'P-07',
  family: 'front-loader',
  complaint: 'Sparks at the motor: both brushes down to the wire',
  steps: [
    powerOff,
    rearScrews,
    panelOff,
    step('drive', act({ kind: 'slip-belt', ribs: 5 })),
    step('drive', motorPlug),
    step(
      'drive',
      act({
        kind: 'remove-fasteners',
        place: 'drive motor',
        fastener: { drive: 'hex head', size: '13 mm', length: 60 },
        count: 2,
        cell: 'A2',
      }),
    ),
    step('drive', act({ kind: 'remove-part', part: { name: 'drive motor', people: 2, lies: 'on the bench' } })),
    step('drive', act({ kind: 'exchange', part: { name: 'left brush', orientation: 'slope to the left' } })),
    step('drive', act({ kind: 'exchange', part: { name: 'right brush', orientation: 'slope to the right' } })),
  ],
}

/** The cord of the door lock goes through its hole before the front panel is on. */
export const lockCord: ToldJob = {
  ...practice,
  name: 'lock cord',
  unit: 'P-08',
  family: 'front-loader',
  complaint: 'Door lock hangs; front panel off',
  steps: [
    powerOff,
    step(
      'outside',
      act({ kind: 'remove-fasteners', place: 'front panel', fastener: torx('T20', 12), count: 4, cell: 'A1' }),
    ),
    step('outside', act({ kind: 'remove-part', part: { name: 'front panel', opens: ['front'], lies: 'on a towel' } })),
    step(
      'front',
      act({
        kind: 'unroute',
        place: 'lock cord',
        route: { type: 'cable', waypoints: [{ by: 'through', of: 'front panel' }] },
      }),
    ),
    step(
      'front',
      act({ kind: 'unplug', place: 'door lock', connector: { label: 'L2', housing: 'white', ways: 3, lock: 'tab' } }),
    ),
    step(
      'front',
      act({ kind: 'remove-fasteners', place: 'door lock', fastener: torx('T15', 14), count: 2, cell: 'A2' }),
    ),
    step(
      'front',
      act({ kind: 'remove-part', part: { name: 'door lock', orientation: 'cord downwards', lies: 'on the bench' } }),
    ),
  ],
}

/** Four groups of one size in one place, and nobody measured any. */
export const fourGroups: ToldJob = {
  ...practice,
  name: 'four groups of one size',
  unit: 'P-09',
  family: 'top-loader',
  complaint: 'Gearbox leaks: everything under it is 10 mm',
  phase: 'descent',
  steps: [
    powerOff,
    { ...step('outside', act({ kind: 'turn-machine', from: 'upright', to: 'on its front' })), posture: 'on its front' },
    ...(['belt guard', 'drive motor', 'brace', 'gearbox'] as const).map((place, i) =>
      step(
        'drive',
        act({
          kind: 'remove-fasteners',
          place,
          fastener: { drive: 'hex head', size: '10 mm' },
          count: i + 2,
          cell: `A${i + 1}`,
        }),
      ),
    ),
  ],
}

/** A unit that is rebuilt on the bench in its own order: clips, plate, loose balls. */
export const benchUnit: ToldJob = {
  ...practice,
  name: 'unit rebuilt on the bench',
  unit: 'P-10',
  family: 'top-loader',
  complaint: 'Rattles in the spin: the balance unit is opened on the bench',
  steps: [
    powerOff,
    step(
      'outside',
      act({ kind: 'release-clips', place: 'top panel', clip: { type: 'spring clip' }, count: 2, cell: 'A1' }),
    ),
    step(
      'outside',
      act({ kind: 'remove-part', part: { name: 'top panel', opens: ['top'], people: 2, lies: 'behind the machine' } }),
    ),
    step(
      'tub',
      act({ kind: 'remove-fasteners', place: 'balance ring', fastener: torx('T25', 20), count: 6, cell: 'A2' }),
    ),
    step('tub', act({ kind: 'remove-part', part: { name: 'balance ring', lies: 'on the bench' } })),
    step('tub', act({ kind: 'release-clips', place: 'balance ring', clip: { type: 'tab' }, count: 3, cell: 'B1' })),
    step('tub', act({ kind: 'remove-part', place: 'balance ring', part: { name: 'plate', lies: 'beside it' } })),
    step('tub', act({ kind: 'remove-part', place: 'balance ring', part: { name: 'balls' }, count: 12, cell: 'B2' })),
  ],
}
