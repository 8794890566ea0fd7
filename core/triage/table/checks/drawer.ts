import { asIs, both, checksOf, panel, power } from '../rows.ts'

/** Drawer and hoses: what can be looked at, felt, heard, read or asked. */
export const drawer = checksOf([
  [
    'pull the drawer and look',
    both,
    2,
    asIs,
    true,
    { 'drawer clogged': 0.9, 'drawer siphon blocked': 0.6 },
    'It is caked.',
  ],
  [
    'look at the siphon of the drawer',
    both,
    2,
    asIs,
    true,
    { 'drawer siphon blocked': 0.93 },
    'It is full of softener.',
  ],
  [
    'watch the jets over the drawer',
    both,
    5,
    power,
    true,
    { 'drawer clogged': 0.6, 'inlet valve open coil': 0.6, 'low pressure': 0.7, 'inlet strainer blocked': 0.6 },
    'They are weak, or one is missing.',
    'water',
  ],
  ['feel along the drawer hose', both, 6, panel, true, { 'drawer hose loose': 0.92 }, 'It sits loose.', 'sharp'],
  ['look at the vent hose', both, 6, panel, true, { 'vent hose off': 0.93 }, 'It is off its stub.', 'sharp'],
])
