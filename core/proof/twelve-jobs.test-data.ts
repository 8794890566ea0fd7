import type { Family } from '../machine/families.ts'

/** A made-up job: what was done to a machine, place by place as the hand wrote it, and how much of it is back when it is asked for its proof. */
export interface MadeUpJob {
  name: string
  family: Family
  /** Zone, and what was written there; one step each. */
  lines: readonly (readonly [zone: string, line: string])[]
  /** What stays off when it is asked: everything from this step of the descent upwards is still off; nothing where it is left out. */
  off?: number
}

/** Twelve jobs as the trade has them, both families. */
export const twelveJobs: readonly MadeUpJob[] = [
  {
    name: 'Drain pump of a front loader, by the base',
    family: 'front-loader',
    off: 5,
    lines: [
      ['outside', 'power off'],
      ['outside', 'cold water off'],
      ['base', 'drain by the filter'],
      ['outside', '3x PH2 kick plate @A1'],
      ['outside', 'off kick plate'],
      ['base', 'unplug pump 2w, drain pump'],
      ['base', 'sump hose off, spring clamp'],
      ['base', 'drain hose off, spring clamp'],
      ['base', '3x T20 drain pump @A2'],
      ['base', 'replace drain pump'],
    ],
  },
  {
    name: 'Heater of a front loader, from the rear',
    family: 'front-loader',
    off: 3,
    lines: [
      ['outside', 'power off'],
      ['outside', '6x T20 rear panel @A1'],
      ['outside', 'off rear panel'],
      ['rear', 'unplug spade, heater'],
      ['rear', 'unplug white 2w, temperature sensor'],
      ['rear', '1x 10 mm heater @A2'],
      ['rear', 'replace heater'],
    ],
  },
  {
    name: 'Inlet valve of a front loader',
    family: 'front-loader',
    off: 4,
    lines: [
      ['outside', 'power off'],
      ['outside', 'cold water off'],
      ['outside', '2x T20 top panel @A1'],
      ['outside', 'off top panel'],
      ['outside', 'inlet hose off, screwed'],
      ['valves', 'unplug 2w, inlet valve'],
      ['valves', 'fill hose to drawer off, spring clamp'],
      ['valves', '2x T20 inlet valve @A2'],
      ['valves', 'replace inlet valve'],
    ],
  },
  {
    name: 'Brushes of a front loader, rear panel off',
    family: 'front-loader',
    off: 3,
    lines: [
      ['outside', 'power off'],
      ['outside', '6x T20 rear panel @A1'],
      ['outside', 'off rear panel'],
      ['drive', 'belt off'],
      ['drive', 'unplug white 10w, drive motor'],
      ['drive', '2x 8 mm motor brush @A2'],
      ['drive', 'replace motor brush'],
    ],
  },
  {
    name: 'Door lock of a front loader, all back',
    family: 'front-loader',
    lines: [
      ['outside', 'power off'],
      ['door', 'bellows clamp off'],
      ['door', 'fold back bellows'],
      ['front', '2x T15 door lock @A1'],
      ['front', 'unplug white 4w, door lock'],
      ['front', 'replace door lock'],
    ],
  },
  {
    name: 'Control board of a front loader, all back',
    family: 'front-loader',
    lines: [
      ['outside', 'power off'],
      ['outside', '2x T20 top panel @A1'],
      ['outside', 'off top panel'],
      ['top', 'unplug P1 white 6w, control board'],
      ['top', 'unplug P2 red 3w, control board'],
      ['top', 'replace control board'],
    ],
  },
  {
    name: 'Dosing pump under the lid, taps never closed',
    family: 'front-loader',
    off: 3,
    lines: [
      ['outside', 'power off'],
      ['outside', '2x T20 top panel @A1'],
      ['outside', 'off top panel'],
      ['drawer', 'unplug blue 3w, dosing pump'],
      ['drawer', 'pull off dosing pump'],
    ],
  },
  {
    name: 'Spring and damper of a front loader, all back',
    family: 'front-loader',
    lines: [
      ['outside', 'power off'],
      ['outside', '2x T20 top panel @A1'],
      ['outside', 'off top panel'],
      ['top', 'off left spring'],
      ['base', '2x 13 mm damper @A2'],
      ['base', 'replace damper'],
    ],
  },
  {
    name: 'Motor coupler of a top loader',
    family: 'top-loader',
    off: 2,
    lines: [
      ['outside', 'power off'],
      ['outside', 'off front panel'],
      ['base', 'unplug white 4w, drain pump'],
      ['base', '2x clips drain pump'],
      ['drive', 'unplug 4w, drive motor'],
      ['drive', '4x 5/16 hex drive motor @A1'],
      ['drive', 'off drive motor, 2 people'],
      ['drive', 'replace motor coupler'],
    ],
  },
  {
    name: 'Lid lock of a top loader',
    family: 'top-loader',
    off: 3,
    lines: [
      ['outside', 'power off'],
      ['console', '2x PH2 console @A1'],
      ['outside', 'park console back'],
      ['console', 'unplug P3 white 5w, lid lock'],
      ['top', '2x PH2 lid lock @A2'],
      ['top', 'replace lid lock'],
    ],
  },
  {
    name: 'Drain hose of a top loader, at the rear',
    family: 'top-loader',
    off: 2,
    lines: [
      ['outside', 'power off'],
      ['outside', 'off rear panel'],
      ['outside', 'standpipe hose out'],
      ['rear', 'drain hose off, worm clamp'],
    ],
  },
  {
    name: 'A top panel taken off to look, all back',
    family: 'front-loader',
    lines: [
      ['outside', 'power off'],
      ['outside', '2x T20 top panel @A1'],
      ['outside', 'off top panel'],
    ],
  },
]
