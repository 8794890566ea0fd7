import type { Photo } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import { afterMove } from '../moves/after-move.ts'
import type { Around } from '../moves/around.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { movesHeard } from '../quick-line/clauses-heard.ts'
import type { Narration } from './narrate.ts'
import type { TimedAct } from './twice.ts'

/** A move of a narration: as it was heard, when, and how sure that is (0 to 1); `or` is the next likely kind. */
export interface ToldMove {
  move: Move
  from: number
  to: number
  said: string
  likelihood: number
  kindLikelihood: number
  or?: string
}

/** A draft of a step, looked at before it is one: seconds `from` and `to` of what tells it, its moves, its photos, and what became of it. */
export interface StepDraft {
  id: string
  from: number
  to: number
  moves: ToldMove[]
  photos: Photo[]
  state: 'open' | 'kept' | 'dropped'
}

/** What is known where a narration is taken in. */
export interface NarrationContext {
  family: Family
  around: Around
  /** Makes the ids of drafts and moves. */
  id: () => string
}

/** After so many seconds without an act the next one is another step; a step of speech has so many moves at most. */
const rest = 25
const most = 8

/** True where something came away, the machine moved, or something new is on: the step is done. */
const closes = (move: Move): boolean => {
  const { part, turns, wall, isolates } = traitsOf(move)
  return Boolean(part ?? turns ?? wall ?? isolates)
}
const isolates = (move: Move): boolean => traitsOf(move).isolates !== undefined
/** True where the one move ends a step and the other begins the next, whatever the time between them. */
const parts = (last: Move, next: Move): boolean =>
  !(isolates(last) && isolates(next)) && (closes(last) || isolates(next))

/** True where a move begins the next step: what was done before it closed one, or it comes after a rest. */
function beginsStep(before: readonly ToldMove[], next: ToldMove): boolean {
  const last = before.at(-1)
  if (!last) return false
  if (isolates(last.move) && isolates(next.move)) return false
  return parts(last.move, next.move) || next.from - last.to > rest || before.length >= most
}
/** So many steps moves that are told in one breath are. */
export const stepsIn = (moves: readonly Move[]): number =>
  moves.reduce((n, move, i) => (i > 0 && parts(moves[i - 1]!, move) ? n + 1 : n), moves.length ? 1 : 0)

/** The acts of a narration as moves, parted where one step ends and the next begins. */
export function stepsOf(
  { acts }: Pick<Narration, 'acts'>,
  { family, around, id }: NarrationContext,
): { acts: TimedAct[]; moves: ToldMove[] }[] {
  let now: Around = { posture: around.posture, isolated: around.isolated }
  const steps: { acts: TimedAct[]; moves: ToldMove[] }[] = []
  for (const timed of acts) {
    const { act, from, to, said } = timed
    const { likelihood, kindLikelihood, or } = act
    const moves = movesHeard(act, { family, around: now, id }).map((move): ToldMove => ({
      move,
      from,
      to,
      said,
      likelihood,
      kindLikelihood,
      ...(or && { or }),
    }))
    now = moves.reduce((around, { move }) => afterMove(around, move), now)
    const open = steps.at(-1)
    if (open && !beginsStep(open.moves, moves[0]!)) {
      open.acts.push(timed)
      open.moves.push(...moves)
    } else steps.push({ acts: [timed], moves })
  }
  return steps
}

/** The drafts of steps that a narration tells, in its order. */
export const draftsOf = (narration: Pick<Narration, 'acts'>, context: NarrationContext): StepDraft[] =>
  stepsOf(narration, context).map(({ moves }) => draftOf(context.id(), moves))

/** A draft of moves that are told one after the other. */
export const draftOf = (id: string, moves: ToldMove[], photos: Photo[] = []): StepDraft => ({
  id,
  from: Math.min(...moves.map(m => m.from)),
  to: Math.max(...moves.map(m => m.to)),
  moves,
  photos,
  state: 'open',
})
