import { act, step, type ToldJob } from './script.ts'
import { coldOff, powerOff } from './usual-steps.ts'

const hose = (name: string, clock: number, place: string, thing: string) =>
  act({ kind: 'open-joint', place, joint: { hose: name, clamp: 'spring', clock } }, thing)

/** An outlet pump is in again: the rear panel is off still, water and power too, and the joints are to be seen. */
export const outletPump: ToldJob = {
  name: 'outlet pump',
  unit: '2231-0433',
  by: 'jon',
  family: 'front-loader',
  complaint: 'Water stays in the drum; the pump hums',
  plate: 'FL-84 2231-0433',
  daysAgo: 0.3,
  steps: [
    powerOff,
    step('outside', coldOff),
    step(
      'outside',
      act(
        {
          kind: 'remove-fasteners',
          place: 'rear panel',
          fastener: { drive: 'torx', size: 'T20', length: 12, into: 'metal' },
          count: 8,
          cell: 'A1',
        },
        ...Array.from({ length: 8 }, (_, i) => `rear${i + 1}`),
      ),
    ),
    step(
      'outside',
      act(
        { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear', 'base'], lies: 'against the wall' } },
        'rear-panel',
      ),
    ),
    step(
      'base',
      act(
        {
          kind: 'unplug',
          place: 'drain pump',
          connector: { label: 'P7', housing: 'white', ways: 3, wires: ['red', 'blue', 'green'], lock: 'tab' },
        },
        'p7',
      ),
    ),
    step('base', hose('sump hose', 10, 'pump inlet', 'hose-in')),
    step('base', hose('drain hose', 2, 'pump outlet', 'hose-out')),
    step(
      'base',
      act(
        {
          kind: 'remove-fasteners',
          place: 'pump bracket',
          fastener: { drive: 'torx', size: 'T20', length: 24, into: 'plastic' },
          count: 4,
          cell: 'A2',
        },
        'pump-bracket1',
        'pump-bracket2',
        'pump-bracket3',
        'pump-bracket4',
      ),
    ),
    step('base', act({ kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [] }, 'pump')),
  ],
  rituals: [
    {
      name: 'make it forget the fault',
      purpose: 'forget a fault',
      text: 'hold START 6 s; (selector left, right) x3 in 20 s; see "all lamps off"',
    },
    { name: 'drain by itself', purpose: 'drain', text: 'power off; wait 10 s; power on; hold SPIN 5 s; see "d1"' },
  ],
  back: 5,
  anew: { words: /drain pump/ },
  phase: 'proof',
  proved: 2,
}
