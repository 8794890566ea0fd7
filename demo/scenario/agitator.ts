import { act, step, type ToldJob, type ToldStep } from './script.ts'
import { powerOff } from './usual-steps.ts'

/** The step with which the clutch came off. */
const clutch = 4
const apart = (...acts: ToldStep['acts']): ToldStep => ({ ...step('tub', ...acts), of: clutch })
const of = 'agitator clutch, in pieces'

/** The clutch of an agitator on the bench, in pieces: it waits for dogs that should have come yesterday. */
export const agitatorDogs: ToldJob = {
  name: 'agitator dogs',
  unit: '0098-7761',
  by: 'jon',
  family: 'top-loader',
  complaint: 'Upper half of the agitator stands still, or turns both ways',
  plate: 'TL-60 0098-7761',
  daysAgo: 4.4,
  intake: { seen: 'Clothes stay dry at the top', made: 2017, ticks: ['lock', 'pump'] },
  steps: [
    powerOff,
    step('tub', act({ kind: 'remove-part', part: { name: 'agitator cap', lies: 'in the tray' } })),
    step(
      'tub',
      act({
        kind: 'remove-fasteners',
        place: 'in the agitator',
        fastener: { drive: 'hex head', size: '7/16"', length: 38, washers: 1 },
        count: 1,
        cell: 'A1',
      }),
    ),
    step('tub', act({ kind: 'remove-part', part: { name: 'agitator clutch', fit: 'spline', lies: 'on the bench' } })),
    apart(
      act({
        kind: 'release-clips',
        place: 'seal of the clutch',
        clip: { type: 'spring clip' },
        count: 1,
        cell: 'B1',
      }),
    ),
    apart(
      act({
        kind: 'remove-part',
        part: { name: 'cam', orientation: 'Teeth down', lies: 'on the bench' },
      }),
    ),
    apart(act({ kind: 'remove-part', part: { name: 'dogs', lies: 'in the tray' }, count: 4, cell: 'B2' })),
    apart(act({ kind: 'remove-part', part: { name: 'upper half', lies: 'on the bench' } })),
  ],
  bench: [
    {
      kind: 'reading-taken',
      body: {
        of,
        quantity: 'wear',
        state: 'at the worst place',
        value: 1.4,
        unit: 'mm',
        step: 0.1,
        given: [
          { name: 'limit', value: 2.5 },
          { name: 'fresh', value: 4 },
        ],
      },
    },
    {
      kind: 'tool-made',
      about: clutch,
      body: { part: 'agitator clutch', tool: 'wire hook from a coat hanger', use: 'to lift the cam out of its seat' },
    },
    {
      kind: 'part-offered',
      about: clutch,
      body: { part: 'agitator clutch', supplier: 'Northside Spares', number: 'WX-2208', price: 9.8, how: 'ordered' },
    },
  ],
  phase: 'bench',
  waitsFor: 'four agitator dogs',
  waitsFrom: { number: 'WX-2208', supplier: 'Northside Spares' },
  dueInDays: -1,
}
