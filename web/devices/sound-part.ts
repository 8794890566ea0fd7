import { ohmsAt, type Givens, type QuantityName } from '@dialytica/core/readings'

/** Ohms of a sound part of each kind in a state, µF of a capacitor, millimetres of what is measured by a calliper: what the simulated instrument is held to. */
const sound: Record<QuantityName, (given: Givens, state: string) => number> = {
  heating: ({ volts = 230, watts = 2000 }, state) => (state === 'across' ? (volts * volts) / watts : Infinity),
  sensor: ({ r25 = 4840, beta = 3977, celsius = 20 }) => ohmsAt(r25, beta, celsius),
  finger: (_, state) => (state === 'cold' ? 6050 : 4180),
  windings: () => 5.3,
  coil: ({ ohms = 3800 }) => ohms,
  capacitor: ({ microfarads = 16 }) => microfarads * 0.99,
  contact: (_, state) => (state === 'closed' ? 0.1 : Infinity),
  brushes: (_, state) => (state === 'one' ? 24 : 24.4),
  bearing: (_, state) => ({ bore: 30, outside: 62, width: 16 })[state]!,
  'drain height': () => 700,
  earth: () => 0.05,
  wear: ({ limit = 2, fresh = 5 }) => fresh + (limit - fresh) * 0.6,
  insulation: () => 2.1e8,
}
export const soundPart = (quantity: QuantityName, given: Givens, state: string): number => sound[quantity](given, state)
