import { knownAt, named } from '../assembly/named.ts'
import { guardsNothing } from '../assembly/part-traits.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import { openWork, type OpenWork } from './open-work.ts'

/** What the open work is at, by usual names; none where nobody knows them. */
function knownOf({ move, step }: OpenWork, family: Family): string[] | null {
  const { part, fastens } = traitsOf(move)
  if (part) {
    const { known } = named(part, family, step.zone, 'part' in move ? move.part?.is : undefined)
    return known ? [known.name] : null
  }
  const at = fastens ? knownAt(move, family, step.zone) : []
  return at.length ? at : null
}

/**
 * True for open work that can hurt nobody while the machine has power: a tap that is shut, the machine away from its wall, a part that is
 * known to guard nothing and sits on the outside, and what holds such a part. Whatever is not known may be a guard or a conductor.
 */
function isHarmless(open: OpenWork, family: Family): boolean {
  const { restores, wall } = traitsOf(open.move)
  if (restores || wall) return true
  const known = knownOf(open, family)
  return known !== null && known.every(name => guardsNothing.has(name))
}

/**
 * The law of power: none comes on while a guard of what turns or is live is off or not fastened, a conductor or a joint is open, or work
 * stands open that may be near either. What must be back first, in the order in which it was opened; empty where power may come on.
 */
export const beforePower = (state: JobState, family: Family): OpenWork[] =>
  openWork(state).filter(open => !isHarmless(open, family))
