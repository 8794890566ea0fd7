import { act, step, type ToldJob } from './script.ts'
import { coldOff, crossScrews, drawerParked, flapPlug, lidOff, lidScrews, powerOff, railScrews } from './usual-steps.ts'

const torx = { drive: 'torx', size: 'T20' } as const

/** The auto-dosing pump of a front loader, from the plug to the clean close: the long recording of the demo. */
export const dosingPump: ToldJob = {
  name: 'dosing pump',
  unit: '2231-0417',
  by: 'jon',
  family: 'front-loader',
  complaint: 'Auto-dosing takes no detergent; pump hums and stops',
  plate: 'FL-84 2231-0417',
  daysAgo: 9,
  steps: [
    powerOff,
    step('outside', coldOff, act({ kind: 'isolate', what: 'drain hose' }, 'drain-hose')),
    step(
      'door',
      act({ kind: 'place-temporary', thing: 'tray', count: 1, why: 'under the hatch' }, 'tray'),
      act({ kind: 'drain', by: 'filter', litres: 4 }, 'filter-hatch'),
    ),
    lidScrews,
    lidOff('against the wall'),
    {
      ...step(
        'drawer',
        act({ kind: 'draw-mark', mark: 'the paint line across drawer and rail', place: 'drawer' }, 'mark'),
      ),
      note: 'Drawer sits a little to the left on this machine.',
    },
    step(
      'drawer',
      flapPlug,
      act(
        {
          kind: 'unplug',
          place: 'dosing loom',
          connector: {
            label: 'P2',
            housing: 'white',
            ways: 3,
            wires: ['grey', 'blue', 'brown'],
            lock: 'tab',
            reach: 200,
          },
          note: 'Fits the socket of P1 too: labelled',
        },
        'p2',
      ),
    ),
    step(
      'drawer',
      act(
        {
          kind: 'release-clips',
          place: 'drawer housing',
          clip: { type: 'tab', releases: 'press inwards', fragile: true },
          count: 2,
        },
        'drawer-tab1',
        'drawer-tab2',
      ),
    ),
    railScrews('A3'),
    crossScrews,
    step(
      'drawer',
      act(
        { kind: 'open-joint', place: 'below the drawer', joint: { hose: 'dosing hose', clamp: 'spring', clock: 4 } },
        'dosing-clamp',
      ),
    ),
    drawerParked,
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
      act({ kind: 'cut', consumable: 'tie', count: 2, size: '200 mm', place: 'tub loom' }, 'tie-a', 'tie-b'),
    ),
    step(
      'rear',
      act(
        {
          kind: 'unroute',
          place: 'tub loom',
          route: {
            type: 'harness',
            waypoints: [
              { by: 'behind', of: 'left spring' },
              { by: 'retainer', of: 'tub rim' },
              { by: 'under', of: 'belt side' },
            ],
            slack: 'a hand wide below the spring',
            keepClear: ['pulley', 'belt'],
          },
        },
        'loom',
      ),
    ),
    step('drive', act({ kind: 'slip-belt', ribs: 6 }, 'belt')),
    step('drive', act({ kind: 'draw-mark', mark: 'the paint line on shaft and pulley' }, 'mark')),
    step(
      'drive',
      act(
        {
          kind: 'remove-fasteners',
          place: 'pulley',
          fastener: { drive: 'hex head', size: '17 mm', hand: 'left', torque: 35, secured: 'thread-lock' },
          count: 1,
          cell: 'C1',
        },
        'pulley-bolt1',
      ),
    ),
    step(
      'drive',
      act(
        {
          kind: 'pull-off',
          part: { name: 'pulley', fit: 'spline', orientation: 'Paint lines meet', lies: 'on the bench' },
        },
        'pulley',
      ),
    ),
    step(
      'outside',
      act({ kind: 'place-temporary', thing: 'towel', count: 1, why: 'under the front edge' }, 'towel'),
      act({ kind: 'place-temporary', thing: 'prop', count: 1, why: 'under the base' }, 'prop'),
    ),
    { ...step('outside', act({ kind: 'turn-machine', from: 'upright', to: 'on its front' })), posture: 'on its front' },
    {
      ...step(
        'base',
        act(
          { kind: 'slacken', place: 'damper foot', fastener: { drive: 'nut', size: '13 mm' }, count: 1, turns: 3 },
          'damper1',
        ),
      ),
      posture: 'on its front',
    },
    {
      ...step(
        'base',
        act(
          {
            kind: 'unplug',
            place: 'dosing pump',
            connector: { label: 'P7', housing: 'white', ways: 3, wires: ['red', 'blue', 'green'], lock: 'tab' },
          },
          'p7',
        ),
      ),
      posture: 'on its front',
    },
    {
      ...step(
        'base',
        act(
          {
            kind: 'remove-fasteners',
            place: 'pump bracket',
            fastener: { ...torx, length: 18, pattern: 'circle', into: 'plastic', feel: 'snug' },
            count: 4,
            cell: 'D1',
          },
          'pump-bracket1',
          'pump-bracket2',
          'pump-bracket3',
          'pump-bracket4',
        ),
      ),
      posture: 'on its front',
    },
    {
      ...step(
        'base',
        act(
          { kind: 'remove-part', part: { name: 'pump bracket', orientation: 'Arrow up', lies: 'in the tray' } },
          'bracket',
        ),
      ),
      posture: 'on its front',
    },
    {
      ...step(
        'base',
        act(
          {
            kind: 'remove-fasteners',
            place: 'ground strap',
            fastener: { drive: 'nut', size: '8 mm', thread: 'M5', washers: 1 },
            count: 1,
            cell: 'D2',
          },
          'ground-nut1',
        ),
        act(
          {
            kind: 'unroute',
            place: 'under the pump bracket',
            route: { type: 'ground strap', waypoints: [{ by: 'under', of: 'pump bracket' }] },
          },
          'ground',
        ),
      ),
      posture: 'on its front',
      note: 'Strap lies under the bracket: it goes on first.',
    },
    {
      ...step(
        'base',
        act(
          { kind: 'open-joint', place: 'pump inlet', joint: { hose: 'inlet hose', clamp: 'spring', clock: 10 } },
          'hose-in',
        ),
        act(
          { kind: 'open-joint', place: 'pump outlet', joint: { hose: 'outlet hose', clamp: 'spring', clock: 2 } },
          'hose-out',
        ),
      ),
      posture: 'on its front',
    },
    {
      ...step(
        'base',
        act(
          {
            kind: 'remove-part',
            part: { name: 'dosing pump', lies: 'on the bench', orientation: 'Stubs to the left' },
          },
          'pump',
        ),
      ),
      posture: 'on its front',
    },
  ],
  bench: [
    {
      kind: 'reading-taken',
      body: { of: 'dosing pump winding', value: 0.4, unit: 'Ω', note: 'shorted turns; the new one reads 24 Ω' },
    },
    { kind: 'part-compared', body: { part: 'dosing pump', same: true } },
    { kind: 'check-done', body: { check: 'hoses blown through', passed: true } },
  ],
  back: 'all',
  anew: { items: ['consumable'], words: /^dosing pump/ },
  phase: 'closed',
  proved: 'all',
}
