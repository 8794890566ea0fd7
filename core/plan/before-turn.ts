import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import { entriesOf } from '../log/entry.ts'
import { settledCount, type JobState, type StepState } from '../log/state.ts'
import { anatomy, type Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { glyphOf, subject } from '../moves/move.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import type { Traits } from '../moves/traits.ts'
import { bare, say, type Phrase } from '../words/phrase.ts'
import { sinceLastTurn } from './turns.ts'

/** Something to see to before the machine is turned. */
export interface Need {
  /** The name under which it is ticked off in the log. */
  id: string
  /** What it is about, by name. */
  thing: Phrase
  says: Phrase
}
const need = (id: string, thing: Phrase, todo: Phrase): Need => ({
  id: `before turning: ${id}`,
  thing,
  says: say`${thing}: ${todo}`,
})

interface Standing {
  step: StepState
  move: Move
}
const standing = (state: JobState): Standing[] =>
  state.order.toArray().flatMap(id => {
    const step = state.steps.get(id)!
    return step.moves.filter(m => state.owing.has(m.id)).map(move => ({ step, move }))
  })

/** What is not light, in its place, and held by nothing that is known: unscrewed and left there, or back on its seat without its screws. */
function unheld(state: JobState, { parts, liaisons }: Assembly): Need[] {
  const isOut = (move: string) => state.owing.has(move) && settledCount(state.debts.get(move)!) === 0
  const since = sinceLastTurn(state)
  return parts.flatMap(part => {
    const by = liaisons.filter(l => l.kind === 'fastens' && l.part === part)
    const inPlace = part.move === null ? by.some(l => since.has(l.step)) : !state.owing.has(part.move)
    if (part.mass === 'light' || !inPlace || by.length === 0 || !by.every(l => isOut(l.move))) return []
    return [
      need(
        `hold ${part.move ?? part.name.text}`,
        bare(part.name.text),
        say`nothing holds it. Fasten it, strap it or take it out`,
      ),
    ]
  })
}

/**
 * What has to be seen to before the machine is turned, each by name: what is not light and not held, what hangs on it, what was put in and
 * would fall, what is open over a tub that nobody said is drained, and what swings open. What somebody has seen to for this step is left out.
 */
export function beforeTurn(
  state: JobState,
  family: Family,
  to: Posture,
  step: string,
  assembly: Assembly = assemblyOfJob(state, family),
): Need[] {
  if (stance(state).posture === to) return []
  const all = standing(state)
  const when = (how: Traits['whenTurned']) => all.filter(({ move }) => traitsOf(move).whenTurned === how)
  const zonesHeld = new Set(when('holds').map(({ step }) => step.zone))
  const hanging = when('swings')
    .filter(({ step }) => !zonesHeld.has(step.zone))
    .map(({ move }) => need(`strap ${move.id}`, subject(move), say`it hangs loose. Strap it or take it off`))
  const put = when('falls').map(({ move }) => need(`take out ${move.id}`, subject(move), say`take it out, it falls`))
  const drained = [...state.steps.values()].some(s => !s.struck && s.moves.some(m => traitsOf(m).drains))
  const joints = drained ? [] : all.filter(({ move }) => glyphOf(move) === 'joint')
  const open = joints.map(({ move }) =>
    need(`drain ${move.id}`, subject(move), say`open. Drain the tub, or close the end`),
  )
  const laid = to !== 'upright' && to !== 'tipped back'
  const swings = laid && !zonesHeld.has('outside') && !zonesHeld.has('door') && !zonesHeld.has('top')
  const needs = [
    ...unheld(state, assembly),
    ...hanging,
    ...put,
    ...open,
    ...(swings ? [need('tape what swings', anatomy[family].loose, say`tape them shut`)] : []),
  ]
  const seen = new Set(
    entriesOf(state, 'check-done').flatMap(({ body }) => (body.step === step && body.passed ? [body.check] : [])),
  )
  return needs.filter(({ id }) => !seen.has(id))
}
