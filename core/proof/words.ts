import { traitsOf } from '../moves/registry.ts'
import { act } from '../moves/move.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { bare, list, say, type Phrase } from '../words/phrase.ts'
import type { ProofEntry, Waiting } from './proof.ts'

const hazards = { spins: say`turns`, live: say`is live` } as const
/** What a cover guards, with the things: `what turns (pulley, belt, motor)`. */
const guarded = (guards: Waiting['guards']): Phrase =>
  list([...guards].map(([hazard, things]) => say`what ${hazards[hazard]} (${bare(things.join('; '))})`))

/** The cover that a step of the return puts on, by name. */
export const coverName = (steps: readonly ReturnStep[], step: string): Phrase =>
  bare(steps.find(r => r.step.id === step)?.moves.flatMap(({ move }) => traitsOf(move).part ?? [])[0] ?? 'cover')

/** Why a cover may wait, and until when. */
export function waitingWords({ step, guards }: Waiting, steps: readonly ReturnStep[]): Phrase {
  const cover = coverName(steps, step)
  const why = guards.size ? say`It guards ${guarded(guards)}: it is on before power.` : say`It is on before power.`
  return say`The ${cover} may wait until that was seen, with the plug out. ${why}`
}

/** What is done in an entry of a proof, in a word or two. */
export function entryName(entry: ProofEntry, steps: readonly ReturnStep[]): Phrase {
  if (entry.does === 'try') return entry.trial.name
  if (entry.does === 'switch') return entry.what === 'water' ? say`water on` : entry.on ? say`plug in` : say`plug out`
  const covers = entry.steps.filter(id => steps.find(r => r.step.id === id)?.moves.some(m => traitsOf(m.move).opens))
  if (covers.length) return list(covers.slice(0, 2).map(id => coverName(steps, id)))
  return entry.steps.length === 1 ? say`one step back` : say`${entry.steps.length} steps back`
}

/** What is to be done in an entry, as one imperative sentence. */
export function entryWords(entry: ProofEntry, steps: readonly ReturnStep[]): Phrase {
  if (entry.does === 'try') return entry.trial.say
  if (entry.does === 'switch')
    return entry.what === 'water'
      ? say`Open the taps slowly. The plug is out.`
      : entry.on
        ? say`Put the plug in. Nobody has a hand in it.`
        : say`Pull the plug and keep it in sight.`
  const first = steps.find(r => r.step.id === entry.steps[0])
  return entry.steps.length === 1 && first
    ? act(first.moves[0]!.move)
    : say`Fit what is left: ${entry.steps.length} steps of the return.`
}
