import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import type { OpenWork } from './open-work.ts'
import { beforePower } from './power.ts'
import { beforeWater } from './water.ts'

/** What must be back before water or power comes on, in the order in which it was opened; empty where it may. */
export const beforeSwitch = (state: JobState, family: Family, what: 'water' | 'power'): OpenWork[] =>
  (what === 'power' ? beforePower : beforeWater)(state, family)
