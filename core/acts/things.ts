import type { Bond } from '../assembly/bond.ts'
import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { onTheOld } from '../fit/still-on.ts'
import { checksDone } from './checks.ts'
import { does, happens, says, together, type Act } from './act.ts'
import { recordStep } from './steps.ts'

/** Somebody says how something binds a part: both by their moves. It takes the place of what was thought of the two. */
export const tellBond = (how: Bond, move: string, part: string): Act => says('liaison-told', { how, move, part })
/** Somebody says that something does not bind a part. */
export const tellApart = (how: Bond, move: string, part: string): Act =>
  says('liaison-told', { how, move, part, not: true })
/** What is joined to a part on the bench, before it goes on; nothing where none is named. It is asked for once. */
export const tellJoined = (part: string, moves: readonly string[]): Act =>
  moves.length === 0
    ? says('liaison-told', { how: 'rides on', part })
    : does(...moves.map(move => happens('liaison-told', { how: 'rides on', move, part })))

/** The name under which it is kept that somebody looked for what goes over from an old part. */
const lookedOver = 'what is on the old one'
/** True where somebody said what is still on the part that a debt is about, or that nothing is. */
export const isLookedOver = (state: JobState, step: string, debt: string): boolean =>
  checksDone(state, step).has(`${debt} ${lookedOver}`)

/**
 * A part is replaced, by the step with which it came off: what is still on the old one is owed from now on, and goes on before the new one. It is
 * asked for once. `ids` are new ids: one for the step, one for each thing.
 */
export function goesOver(
  state: JobState,
  off: Pick<Step, 'id' | 'zone'>,
  part: { id: string; name: string },
  things: readonly string[],
  [step, ...moves]: readonly string[],
): Act {
  const looked = says('check-done', { check: lookedOver, passed: true, step: off.id, debt: part.id })
  if (things.length === 0) return looked
  return together(
    looked,
    recordStep(state, {
      id: step!,
      ...(off.zone && { zone: off.zone }),
      title: onTheOld(part.name),
      photos: [],
      marks: [],
      moves: things.map((name, i) => ({
        id: moves[i]!,
        kind: 'remove-part',
        way: 'down',
        part: { name, lies: onTheOld(part.name) },
      })),
    }),
    does(...things.map((_, i) => happens('liaison-told', { how: 'rides on', move: moves[i]!, part: part.id }))),
  )
}
