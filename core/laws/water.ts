import { named, thingsOf } from '../assembly/named.ts'
import { sealedByFastening, sideOf } from '../assembly/part-work.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { openWork, type OpenWork } from './open-work.ts'

/**
 * True where water finds a way out while this is undone: a joint or a drain, a part that holds water back, what such a part is tight by.
 * A part that nobody knows may be one.
 */
export function letsWaterOut(move: Move, family: Family, zone: string | undefined): boolean {
  const { wet, restores, part, renews, fastens } = traitsOf(move)
  if (restores) return false
  if (wet) return true
  const name = part ?? renews
  if (name) {
    const { known } = named(name, family, zone, 'part' in move ? move.part?.is : undefined)
    return known === null || sideOf.has(known.name)
  }
  return fastens === true && thingsOf(move, family, zone).some(t => t.known && sealedByFastening.has(t.known.name))
}

/** The law of water: none comes on while a way out stands open. What must be closed first; empty where it may come on. */
export const beforeWater = (state: JobState, family: Family): OpenWork[] =>
  openWork(state).filter(({ move, step }) => letsWaterOut(move, family, step.zone))
