import { act, step } from './script.ts'

const torx = { drive: 'torx', size: 'T20' } as const

/** What is done the same way on many machines, so that it is told once. */
export const powerOff = step('outside', act({ kind: 'isolate', what: 'power' }, 'power'))
export const coldOff = act({ kind: 'isolate', what: 'cold water' }, 'cold')

/** The lid of a front loader: two screws at its rear edge, then off. */
export const lidScrews = step(
  'outside',
  act(
    {
      kind: 'remove-fasteners',
      place: 'top panel, rear edge',
      fastener: { ...torx, length: 12, into: 'metal' },
      count: 2,
      cell: 'A1',
    },
    'lid1',
    'lid2',
  ),
)
export const lidOff = (lies: string) =>
  step(
    'outside',
    act(
      {
        kind: 'remove-part',
        part: {
          name: 'top panel',
          opens: ['top'],
          lies,
          seat: 'click',
          orientation: 'Slide forward into the front lip',
        },
      },
      'top-panel',
    ),
  )

/** The drawer housing of a front loader: short screws in the rail, long ones in the cross member, then parked. */
export const railScrews = (cell: string) =>
  step(
    'drawer',
    act(
      {
        kind: 'remove-fasteners',
        place: 'drawer rail',
        fastener: { ...torx, length: 16, into: 'plastic' },
        count: 3,
        cell,
      },
      'rail1',
      'rail2',
      'rail3',
    ),
  )
export const crossScrews = step(
  'drawer',
  act(
    {
      kind: 'remove-fasteners',
      place: 'cross member',
      fastener: { ...torx, length: 30, into: 'metal' },
      count: 2,
      cell: 'B1',
      note: 'Long ones: 30 through the rail, 16 would not hold',
    },
    'cross1',
    'cross2',
  ),
)
export const drawerParked = step(
  'drawer',
  act({ kind: 'park-part', part: { name: 'drawer housing', lies: 'hung over the left side' } }, 'drawer-housing'),
)
export const flapPlug = act(
  {
    kind: 'unplug',
    place: 'drawer flap',
    connector: { label: 'P1', housing: 'white', ways: 3, wires: ['red', 'blue', 'green'], lock: 'tab', reach: 180 },
  },
  'p1',
)

/** What every machine of the practice bench has in common: on its way back, nothing fitted yet. */
export const practice = { by: 'practice', plate: 'practice', daysAgo: 0.2, phase: 'return' as const, back: 0 }
