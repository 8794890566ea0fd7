import { act, step, type ToldJob } from './script.ts'
import { coldOff, crossScrews, drawerParked, flapPlug, lidOff, lidScrews, powerOff, railScrews } from './usual-steps.ts'

/** Counterweight bolts worked loose: half-way back. */
export const counterweight: ToldJob = {
  name: 'counterweight bolts',
  unit: '2231-0388',
  by: 'pia',
  family: 'front-loader',
  complaint: 'Bangs in the spin; one counterweight bolt found loose',
  plate: 'FL-84 2231-0388',
  daysAgo: 1.1,
  steps: [
    powerOff,
    step('outside', coldOff, act({ kind: 'isolate', what: 'hot water' }, 'hot')),
    lidScrews,
    lidOff('behind the machine'),
    step('drawer', flapPlug),
    railScrews('A2'),
    crossScrews,
    drawerParked,
    step('top', act({ kind: 'cut', consumable: 'tie', count: 1, place: 'valve loom' }, 'tie')),
    step(
      'top',
      act(
        {
          kind: 'unroute',
          place: 'valve loom',
          route: {
            type: 'harness',
            waypoints: [
              { by: 'over', of: 'counterweight' },
              { by: 'tie', of: 'rail' },
            ],
            keepClear: ['springs'],
          },
        },
        'loom',
      ),
    ),
    step(
      'top',
      act(
        {
          kind: 'remove-fasteners',
          place: 'upper counterweight',
          fastener: {
            drive: 'hex head',
            size: '17 mm',
            thread: 'M10',
            length: 70,
            washers: 1,
            pattern: 'circle',
            torque: 25,
            into: 'plastic',
          },
          count: 4,
          cell: 'C1',
        },
        'weight-bolt1',
        'weight-bolt2',
        'weight-bolt3',
        'weight-bolt4',
      ),
    ),
    step(
      'top',
      act(
        { kind: 'remove-part', part: { name: 'upper counterweight', people: 2, lies: 'on the floor, on a towel' } },
        'weight',
      ),
    ),
  ],
  bench: [{ kind: 'check-done', body: { check: 'bolt holes round, no crack in the tub', passed: true } }],
  back: 4,
  anew: { items: ['consumable'] },
  phase: 'return',
}

/** The same repair on a sister machine: everything is on, and a screw lies on the bench. */
export const leftOver: ToldJob = {
  ...counterweight,
  name: 'left over screw',
  unit: '2231-0402',
  by: 'jon',
  complaint: 'Walks in the spin; counterweight loose',
  plate: 'FL-84 2231-0402',
  daysAgo: 0.2,
  back: 'all',
  proved: 5,
  leftOver: {
    what: 'T20 × 16',
    asks: 'left over',
    known: { item: 'fastener', fastener: { drive: 'torx', size: 'T20', length: 16 } },
  },
  phase: 'proof',
}
