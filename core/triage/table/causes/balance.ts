import { both, causesOf, front, top } from '../rows.ts'

/** What can be wrong with how it stands and swings. */
export const balance = causesOf('balance', [
  [
    'transit bolts',
    'transit bolts',
    front,
    2,
    0,
    10,
    { shakes: 0.9, bangs: 0.6 },
    'Never taken out since it was delivered.',
  ],
  ['feet not level', 'feet', both, 6, 0, 10, { shakes: 0.8, rattles: 0.2 }, 'It rocks over a corner.'],
  ['dampers worn', 'dampers', front, 6, 0.6, 45, { shakes: 0.8, bangs: 0.6 }, 'They no longer brake the tub.'],
  ['spring off', 'tub spring', both, 2, 0.2, 30, { bangs: 0.8, shakes: 0.6, drags: 0.3 }, 'The tub hangs crooked.'],
  [
    'suspension rods worn',
    'suspension rods',
    top,
    5,
    0.6,
    30,
    { shakes: 0.75, bangs: 0.7 },
    'Dry cups let the tub swing.',
  ],
  [
    'balance weight loose',
    'balance weight',
    front,
    2,
    0.1,
    30,
    { bangs: 0.8, rattles: 0.4 },
    'Its screws came loose, or it cracked.',
  ],
  [
    'one heavy piece',
    'load',
    both,
    6,
    0,
    2,
    { 'does not spin': 0.5, shakes: 0.5, 'clothes stay wet': 0.6 },
    'A bath mat alone cannot be balanced: it gives up, and is right.',
  ],
  ['soft floor', 'floor', both, 2, 0, 10, { shakes: 0.8 }, 'Boards that swing along.'],
])
