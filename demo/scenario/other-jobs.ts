import { act, step, type ToldJob } from './script.ts'
import { coldOff, lidOff, lidScrews, powerOff } from './usual-steps.ts'

/** A mains filter block, half-way down. */
export const mainsFilter: ToldJob = {
  name: 'mains filter',
  unit: '5500-0126',
  by: 'jon',
  family: 'front-loader',
  complaint: 'Trips the breaker as soon as it is switched on',
  plate: 'FL-70 5500-0126',
  daysAgo: 0.05,
  intake: { seen: 'Trips at the moment the door locks', made: 2021, ticks: ['lock', 'pump'] },
  before: [{ what: 'one screw of the rear panel, lower left', how: 'missing', zone: 'outside' }],
  steps: [
    powerOff,
    step('outside', coldOff),
    lidScrews,
    lidOff('beside the machine'),
    step('top', act({ kind: 'isolate', what: 'capacitor' })),
    step(
      'top',
      act(
        {
          kind: 'unplug',
          place: 'filter, mains side',
          connector: { label: 'L-N in', housing: 'black', ways: 2, wires: ['brown', 'blue'], lock: 'tab' },
        },
        'filter-in',
      ),
    ),
    step('top', act({ kind: 'cut', consumable: 'tie', count: 1, place: 'filter loom' }, 'tie')),
    step(
      'top',
      act(
        {
          kind: 'remove-fasteners',
          place: 'filter block',
          fastener: { drive: 'hex head', size: '8 mm', length: 14 },
          count: 2,
          cell: 'A2',
        },
        'filter-screw1',
        'filter-screw2',
      ),
    ),
  ],
  phase: 'descent',
}

/** The out-of-balance sensor of a top loader: in the tray, waiting for the part. */
export const balanceSensor: ToldJob = {
  name: 'out-of-balance sensor',
  unit: '0098-7712',
  by: 'pia',
  family: 'top-loader',
  complaint: 'Stops before the spin and starts filling again',
  plate: 'TL-60 0098-7712',
  daysAgo: 6.2,
  steps: [
    step('outside', act({ kind: 'isolate', what: 'power' }, 'power'), coldOff),
    step(
      'outside',
      act(
        {
          kind: 'remove-fasteners',
          place: 'console',
          fastener: { drive: 'phillips', size: 'PH2', length: 19 },
          count: 2,
          cell: 'A1',
        },
        'console-screw1',
        'console-screw2',
      ),
    ),
    step(
      'outside',
      act(
        { kind: 'park-part', part: { name: 'console', opens: ['console'], lies: 'turned over on its hinge' } },
        'console',
      ),
    ),
    step(
      'console',
      act(
        {
          kind: 'unplug',
          place: 'lid lock',
          connector: {
            label: 'P1',
            housing: 'white',
            ways: 4,
            wires: ['red', 'black', 'green', 'yellow'],
            lock: 'tab',
          },
        },
        'p1',
      ),
      act(
        {
          kind: 'unplug',
          place: 'sensor',
          connector: {
            label: 'P2',
            housing: 'white',
            ways: 4,
            wires: ['brown', 'black', 'green', 'yellow'],
            lock: 'tab',
          },
        },
        'p2',
      ),
    ),
    step(
      'console',
      act(
        {
          kind: 'unroute',
          place: 'console loom',
          route: {
            type: 'harness',
            waypoints: [
              { by: 'tie', of: 'valve bracket' },
              { by: 'retainer', of: 'right wall' },
            ],
            keepClear: ['valve coils'],
          },
        },
        'loom',
      ),
    ),
    step(
      'console',
      act({ kind: 'release-clips', place: 'loom', clip: { type: 'push-pin' }, count: 1, cell: 'B1' }, 'loom-clip1'),
    ),
    step(
      'outside',
      act(
        { kind: 'release-clips', place: 'front edge of the top', clip: { type: 'spring clip' }, count: 2, cell: 'B2' },
        'front-clip1',
        'front-clip2',
      ),
    ),
    step(
      'outside',
      act({ kind: 'remove-part', part: { name: 'top panel', opens: ['top'], people: 2, lies: 'on the bench' } }, 'lid'),
    ),
    step(
      'top',
      act(
        {
          kind: 'unplug',
          place: 'sensor',
          connector: { label: 'S1', housing: 'blue', ways: 3, wires: ['red', 'black', 'white'], lock: 'tab' },
        },
        'sensor-plug',
      ),
    ),
    step(
      'top',
      act(
        {
          kind: 'remove-fasteners',
          place: 'sensor bracket',
          fastener: { drive: 'phillips', size: 'PH2', length: 10 },
          count: 2,
          cell: 'A2',
        },
        'sensor-screw1',
        'sensor-screw2',
      ),
    ),
    step(
      'top',
      act(
        {
          kind: 'remove-part',
          part: { name: 'out-of-balance sensor', orientation: 'Arrow to the tub', lies: 'in the bag' },
          cell: 'C1',
        },
        'sensor',
      ),
    ),
  ],
  bench: [
    { kind: 'reading-taken', body: { of: 'sensor supply', value: 4.98, unit: 'V' } },
    {
      kind: 'part-offered',
      body: {
        part: 'out-of-balance sensor',
        supplier: 'Harbour Parts',
        number: 'WX-4471',
        price: 31.5,
        days: 2,
        warranty: 24,
        how: 'ordered',
      },
    },
    {
      kind: 'part-offered',
      body: {
        part: 'out-of-balance sensor',
        supplier: 'Northside Spares',
        number: 'WX-4471',
        price: 27,
        days: 9,
        how: 'asked',
      },
    },
  ],
  phase: 'bench',
  waitsFor: 'out-of-balance sensor',
  waitsFrom: { number: 'WX-4471', supplier: 'Harbour Parts' },
  dueInDays: 2,
}

/** A drum light, closed clean a fortnight ago. */
export const drumLight: ToldJob = {
  name: 'drum light',
  unit: '5500-0090',
  by: 'pia',
  family: 'front-loader',
  complaint: 'Drum light stays dark',
  plate: 'FL-70 5500-0090',
  daysAgo: 15,
  steps: [
    powerOff,
    step(
      'door',
      act(
        { kind: 'release-clips', place: 'lamp lens', clip: { type: 'bayonet', direction: 'anticlockwise' }, count: 1 },
        'light-tab1',
      ),
    ),
    step('door', act({ kind: 'remove-part', part: { name: 'drum light', lies: 'on the bench' } }, 'light')),
    step(
      'front',
      act(
        {
          kind: 'unplug',
          place: 'drum light',
          connector: { label: 'L1', housing: 'white', ways: 2, wires: ['yellow', 'brown'], lock: 'tab' },
        },
        'light-plug',
      ),
    ),
    step(
      'front',
      act(
        {
          kind: 'remove-fasteners',
          place: 'door lock',
          fastener: { drive: 'torx', size: 'T15', length: 14 },
          count: 2,
          cell: 'A1',
          condition: 'corroded',
        },
        'lock-screw1',
        'lock-screw2',
      ),
    ),
  ],
  back: 'all',
  anew: { words: /^drum light/ },
  phase: 'closed',
  proved: 'all',
  rituals: [
    {
      name: 'clear the stored code',
      purpose: 'forget a fault',
      text: 'power off; wait 2 min; power on; (press DELAY, press SPIN) x3 in 12 s; see "the code is gone"',
    },
    {
      name: 'into the service programme',
      purpose: 'service programme',
      text: 'door shut; press START x4 every 1 s; hold TEMPERATURE 3 s; see "t0"',
    },
  ],
}

/** A top loader that has just come in: tried, not yet isolated. */
export const lidLock: ToldJob = {
  name: 'lid lock',
  unit: '0098-7755',
  by: 'pia',
  family: 'top-loader',
  complaint: 'Fills, hums at the lid and stops',
  plate: 'TL-60 0098-7755',
  daysAgo: 0.02,
  intake: {
    seen: 'Lid lock clicks three times, then all lamps blink',
    shows: 'L4',
    fascia: 'TL-60 Aqua',
    made: 2016,
    ticks: ['lock', 'pump'],
  },
  before: [{ what: 'hinge cover, left', how: 'broken', zone: 'top' }],
  rituals: [
    {
      name: 'tell it that the lid is well',
      purpose: 'forget a fault',
      text: '(lid open, shut) x6 in 12 s; wait 30 s; press START',
    },
    {
      name: 'drain and spin alone',
      purpose: 'drain',
      text: 'dial to SPIN; hold START 3 s; see "the drain lamp"',
    },
  ],
  steps: [],
  phase: 'intake',
}
