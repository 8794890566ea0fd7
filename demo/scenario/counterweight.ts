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

/** A step told otherwise: by its number, from 1; without one it is left out. */
type Otherwise = Readonly<Record<number, ToldJob['steps'][number] | null>>
const closedBefore = (
  of: Pick<ToldJob, 'name' | 'unit' | 'by' | 'daysAgo'> & Partial<ToldJob>,
  otherwise: Otherwise = {},
): ToldJob => ({
  ...counterweight,
  plate: `FL-84 ${of.unit}`,
  back: 'all',
  proved: 'all',
  phase: 'closed',
  ...of,
  steps: counterweight.steps.flatMap((told, i) => (i + 1 in otherwise ? (otherwise[i + 1] ?? []) : told)),
})
const ties = (count: number) => step('top', act({ kind: 'cut', consumable: 'tie', count, place: 'valve loom' }, 'tie'))

/** The same repair in earlier months, by two people: the same way, told in other words, with what each learnt. */
export const earlierCounterweights: readonly ToldJob[] = [
  closedBefore(
    {
      name: 'counterweight one before',
      unit: '2231-0295',
      by: 'pia',
      daysAgo: 122,
      orders: [{ first: 10, then: 8, why: 'the loom lies under the drawer rail: it was pinched the first time' }],
    },
    { 9: ties(2) },
  ),
  closedBefore(
    { name: 'counterweight two before', unit: '2231-0341', by: 'jon', daysAgo: 78 },
    {
      9: {
        ...ties(1),
        note: 'Cut the tie on the side of the rail: the loom lies right under it.',
      },
    },
  ),
  closedBefore(
    { name: 'counterweight again', unit: '2231-0455', by: 'jon', daysAgo: 33, complaint: 'Bangs, and walks' },
    { 2: step('outside', coldOff), 12: null, 9: ties(2) },
  ),
]
