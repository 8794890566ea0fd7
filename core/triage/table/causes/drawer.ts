import { both, causesOf } from '../rows.ts'

/** What can be wrong with the drawer and its hoses. */
export const drawer = causesOf('drawer', [
  [
    'drawer clogged',
    'drawer',
    both,
    5,
    0,
    15,
    { 'powder stays': 0.85, 'leaks at the front': 0.35, smells: 0.3 },
    'Caked powder and softener stop the jets.',
  ],
  [
    'drawer siphon blocked',
    'siphon of the drawer',
    both,
    3,
    0,
    5,
    { 'powder stays': 0.8 },
    'The softener is not drawn over.',
  ],
  [
    'drawer hose loose',
    'drawer hose',
    both,
    2,
    0.1,
    25,
    { 'leaks below': 0.7, 'leaks at the front': 0.4 },
    'It slips off its stub when the tub moves far.',
  ],
  [
    'vent hose off',
    'vent hose',
    both,
    1,
    0.1,
    30,
    { 'leaks below': 0.4, 'leaks at the back': 0.4 },
    'Foam rises out of the open stub.',
  ],
])
