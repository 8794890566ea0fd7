import { act, step, type ToldJob } from './script.ts'
import { coldOff, lidOff, lidScrews, powerOff } from './usual-steps.ts'

const torx = { drive: 'torx', size: 'T20' } as const
const part = (name: string, lies: string) => ({ kind: 'remove-part', part: { name, lies } }) as const

/** A drive motor, opened from the top and from behind: a return that cannot be the plain mirror, in many ways. */
export const driveMotor: ToldJob = {
  name: 'drive motor',
  unit: '5500-0134',
  by: 'jon',
  family: 'front-loader',
  complaint: 'Motor stops after a minute; smell of hot varnish',
  plate: 'FL-70 5500-0134',
  daysAgo: 4.1,
  intake: { seen: 'Drum turns three times, then stops', shows: 'M2', made: 2020 },
  steps: [
    powerOff,
    step('outside', coldOff),
    lidScrews,
    lidOff('against the wall'),
    step(
      'outside',
      act(
        {
          kind: 'remove-fasteners',
          place: 'rear panel',
          fastener: { ...torx, length: 12, look: 'stainless', into: 'metal' },
          count: 8,
          cell: 'A4',
        },
        'rear1',
        'rear2',
        'rear3',
        'rear4',
        'rear5',
        'rear6',
        'rear7',
        'rear8',
      ),
    ),
    step(
      'outside',
      act(
        {
          kind: 'remove-part',
          part: { name: 'rear panel', opens: ['rear', 'base'], lies: 'against the wall', seat: 'flush' },
        },
        'rear-panel',
      ),
    ),
    step(
      'rear',
      act(
        {
          kind: 'unroute',
          place: 'motor loom',
          route: {
            type: 'harness',
            waypoints: [
              { by: 'behind', of: 'belt guard' },
              { by: 'over', of: 'left spring' },
              { by: 'retainer', of: 'tub rim' },
              { by: 'tie', of: 'tub rim' },
              { by: 'under', of: 'belt side' },
              { by: 'retainer', of: 'motor' },
            ],
            slack: 'a hand wide',
            keepClear: ['pulley'],
          },
        },
        'loom',
      ),
    ),
    step('rear', act(part('belt guard', 'on the lid'))),
    step('rear', act({ kind: 'remove-part', part: { name: 'left spring', stores: 'spring', lies: 'in the lid' } })),
    step('drive', act({ kind: 'slip-belt', ribs: 6 }, 'belt')),
    step(
      'drive',
      act(
        {
          kind: 'remove-fasteners',
          place: 'pulley',
          fastener: { drive: 'hex head', size: '13 mm', thread: 'M8', length: 25, hand: 'left', torque: 22 },
          count: 1,
          cell: 'C1',
        },
        'pulley-bolt1',
      ),
    ),
    step(
      'drive',
      act({ kind: 'remove-part', part: { name: 'pulley', fit: 'spline', lies: 'on the bench' } }, 'pulley'),
    ),
    step('drive', act({ kind: 'pull-off', part: { name: 'bearing ring', fit: 'press', lies: 'on the bench' } })),
    step('drive', act({ ...part('spacer sleeve', 'in the tray'), cell: 'C2' })),
    {
      ...step(
        'drive',
        act({
          kind: 'remove-fasteners',
          place: 'ground strap, behind the pulley',
          fastener: { ...torx, length: 10, look: 'with toothed washer' },
          count: 1,
          cell: 'C3',
        }),
      ),
      note: 'Seen only when the pulley was off.',
    },
    step(
      'base',
      act(
        {
          kind: 'remove-fasteners',
          place: 'pump bracket and hose holder',
          fastener: { ...torx, length: 18, pattern: 'circle' },
          count: 4,
          cell: 'B3',
        },
        'pump-bracket1',
        'pump-bracket2',
        'pump-bracket3',
        'pump-bracket4',
      ),
    ),
    step('base', act(part('hose holder', 'in the tray'))),
    step('base', act({ kind: 'remove-part', part: { name: 'pump bracket', orientation: 'Arrow up' } }, 'bracket')),
    step('base', act({ ...part('ear clamp', 'in the tray'), cell: 'B4' })),
    step(
      'base',
      act({ kind: 'open-joint', place: 'sump', joint: { hose: 'sump hose', clamp: 'ear', clock: 10 } }, 'hose-in'),
      act({ kind: 'place-temporary', thing: 'towel', count: 2, why: 'under the sump' }),
    ),
    step('top', act({ kind: 'cut', consumable: 'tie', count: 2, place: 'supply cable' })),
    step(
      'top',
      act({
        kind: 'unroute',
        place: 'supply cable',
        route: {
          type: 'cable',
          waypoints: [
            { by: 'grommet', of: 'rear wall' },
            { by: 'groove', of: 'rail' },
          ],
        },
      }),
    ),
    step('top', act({ kind: 'remove-part', part: { name: 'old supply cable' } })),
    step(
      'base',
      act({
        kind: 'replace-part',
        part: { name: 'drain pump' },
        carryOver: ['rubber bracket', 'two washers'],
        replacement: 'drain pump, long stub',
      }),
    ),
    step('base', act({ kind: 'remove-part', part: { name: 'motor', people: 2, lies: 'on the bench' } })),
    {
      ...step('base', act({ kind: 'remove-part', place: 'on the motor', part: { name: 'speed sensor' } })),
      note: 'Came off with the motor and fell apart in the hand.',
    },
  ],
  orders: [
    { first: 12, then: 13, why: 'join pulley and ring on the bench; the ring alone would be pressed tight' },
    { first: 15, then: 12, why: 'its screw cannot be reached once the pulley is on' },
    { first: 19, then: 20, why: 'the clamp goes over the hose end first' },
    { first: 22, then: 23, why: 'the new cable is drawn along the old one' },
  ],
  bench: [
    { kind: 'reading-taken', body: { of: 'motor winding', value: 1.9, unit: 'Ω', note: 'others 2.6 Ω' } },
    {
      kind: 'point-compared',
      body: { part: 'drain pump', kind: 'pump', point: 'volts', old: '230 V', fresh: '220-240 V' },
    },
    {
      kind: 'point-compared',
      body: { part: 'drain pump', kind: 'pump', point: 'hertz', old: '50 Hz', fresh: '50 Hz' },
    },
    { kind: 'point-compared', body: { part: 'drain pump', kind: 'pump', point: 'watts', old: '34 W', fresh: '36 W' } },
    {
      kind: 'point-compared',
      body: { part: 'drain pump', kind: 'pump', point: 'fixing', old: '3 screws', fresh: '3 screws' },
    },
    { kind: 'point-compared', body: { part: 'drain pump', kind: 'pump', point: 'ways', old: '2', fresh: '2' } },
    {
      kind: 'point-compared',
      body: { part: 'drain pump', kind: 'pump', point: 'plug side', old: 'left', fresh: 'right' },
    },
    {
      kind: 'point-compared',
      body: { part: 'drain pump', kind: 'pump', point: 'stub length', old: '24', fresh: '32' },
    },
    {
      kind: 'part-compared',
      body: { part: 'drain pump', same: false, verdict: 'fits when adapted', differs: 'plug side, stub length' },
    },
  ],
  back: 0,
  phase: 'return',
}
