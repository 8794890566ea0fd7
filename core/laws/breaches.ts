import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { beforeSwitch } from './before-switch.ts'
import { mainsOf, type Mains } from './mains.ts'
import type { OpenWork } from './open-work.ts'

/** Water or power that is on although a law wants something back first: it was done, here or on another device, and is said. */
export interface Breach {
  what: 'water' | 'power'
  /** `on` as it was told, or nobody told that it is off. */
  mains: Exclude<Mains, 'off'>
  open: OpenWork[]
}

/**
 * What stands against a law as the machine stands now. Water that nobody shut off is no breach: much is done beside a tap; power that nobody
 * said is off is one while anything live or turning may stand open.
 */
export function breaches(state: JobState, family: Family): Breach[] {
  const [power, water] = [mainsOf(state, 'power'), mainsOf(state, 'water')]
  const found: Breach[] = []
  if (power !== 'off') found.push({ what: 'power', mains: power, open: beforeSwitch(state, family, 'power') })
  if (water === 'on') found.push({ what: 'water', mains: water, open: beforeSwitch(state, family, 'water') })
  return found.filter(b => b.open.length > 0)
}
