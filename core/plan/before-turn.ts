import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import { entriesOf } from '../log/entry.ts'
import { settledCount, type JobState, type StepState } from '../log/state.ts'
import { anatomy, type Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { subject } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { traitsOf } from '../moves/registry.ts'
import { bare, say, type Phrase } from '../words/phrase.ts'

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

/** What was put in that falls out or over when the machine is turned, and what holds something for the turn. */
const falls = new Set(['prop', 'block', 'tray', 'clamp'])
const holds = new Set(['tape', 'strap'])

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
  const order = state.order.toArray()
  const since = new Set(
    order.slice(order.findLastIndex(id => state.steps.get(id)!.moves.some(m => traitsOf(m).turns)) + 1),
  )
  return parts.flatMap(part => {
    const by = liaisons.filter(l => l.kind === 'fastens' && l.part === part)
    const inPlace = part.move === null ? by.some(l => since.has(l.step)) : !state.owing.has(part.move)
    if (part.mass === 'light' || !inPlace || by.length === 0 || !by.every(l => isOut(l.move))) return []
    return [
      need(`hold ${part.name.text}`, bare(part.name.text), say`nothing holds it. Fasten it, strap it or take it out`),
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
  const zonesHeld = new Set(
    all.flatMap(({ step, move }) => ('thing' in move && holds.has(move.thing) ? [step.zone] : [])),
  )
  const hanging = all.flatMap(({ step, move }) =>
    move.kind === 'park-part' && !zonesHeld.has(step.zone)
      ? [need(`strap ${move.part.name}`, bare(move.part.name), say`it hangs loose. Strap it or take it off`)]
      : [],
  )
  const put = all.flatMap(({ move }) =>
    move.kind === 'place-temporary' && falls.has(move.thing)
      ? [need(`take out ${move.thing}`, subject(move), say`take it out, it falls`)]
      : [],
  )
  const drained = [...state.steps.values()].some(s => !s.struck && s.moves.some(m => m.kind === 'drain'))
  const open = drained
    ? []
    : all.flatMap(({ move }) =>
        move.kind === 'open-joint'
          ? [need(`drain ${move.joint.hose ?? 'hose'}`, subject(move), say`open. Drain the tub, or close the end`)]
          : [],
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
