import { beliefs, type Belief, type Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Cause } from './model.ts'
import { isSeen, type Act } from './next.ts'

/** How the search stands: it goes on; a suspect whose part is worth putting in; seen with eyes; or it cannot be told from here. */
export type End =
  | { is: 'goes on' }
  | { is: 'suspect'; cause: Cause; share: number }
  | { is: 'seen'; cause: Cause; share: number }
  | { is: 'cannot tell'; unknown: number }

/** From this share on what a look showed is it; from this share of the unknown on, the table does not know it. */
const sure = 0.9
const lost = 0.5

/** How it stands with what is known and what could be done next. */
export function endOf(field: Field, evidence: Evidence, acts: readonly Act[]): End {
  const held: Belief[] = beliefs(field, evidence)
  const [top] = held
  const unknown = held.find(b => b.cause === null)!.share
  if (unknown >= lost || acts.length === 0) return { is: 'cannot tell', unknown }
  if (top?.cause && top.share >= sure && isSeen(field, top.cause, evidence.checked))
    return { is: 'seen', cause: top.cause, share: top.share }
  const first = acts[0]!
  if (first.does === 'put right') return { is: 'suspect', cause: first.cause, share: first.share }
  return { is: 'goes on' }
}
