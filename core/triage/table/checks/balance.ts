import { asIs, both, checksOf, front, out, panel, top } from '../rows.ts'

/** How it stands and swings: what can be looked at, felt, heard, read or asked. */
export const balance = checksOf([
  ['look for transit bolts', front, 2, asIs, true, { 'transit bolts': 0.99 }, 'They are in.'],
  ['rock it over its corners', both, 1, asIs, true, { 'feet not level': 0.93, 'soft floor': 0.2 }, 'It rocks.'],
  [
    'press the tub down and let go',
    both,
    3,
    out,
    true,
    { 'dampers worn': 0.8, 'suspension rods worn': 0.8, 'spring off': 0.5 },
    'It swings on.',
  ],
  [
    'look whether the tub hangs level',
    both,
    3,
    out,
    true,
    { 'spring off': 0.9, 'suspension rods worn': 0.3 },
    'It hangs crooked.',
  ],
  [
    'pull at the dampers by hand',
    front,
    14,
    panel,
    true,
    { 'dampers worn': 0.93 },
    'They slide without a grip.',
    'tip',
  ],
  ['shake the weights', front, 4, panel, true, { 'balance weight loose': 0.93 }, 'One moves.', 'heavy'],
  [
    'look at the cups of the rods',
    top,
    6,
    panel,
    true,
    { 'suspension rods worn': 0.85 },
    'They are dry and worn.',
    'spring',
  ],
  ['ask what was in the load', both, 1, asIs, true, { 'one heavy piece': 0.92 }, 'One heavy piece.'],
  ['jump beside it', both, 1, asIs, true, { 'soft floor': 0.85 }, 'The floor swings.'],
])
