import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import { isWeighty } from '../assembly/catalogue.ts'
import { entriesOf } from '../log/entry.ts'
import { settledCount, type JobState } from '../log/state.ts'
import { anatomy, type Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { glyphOf, subject } from '../moves/move.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Traits } from '../moves/traits.ts'
import { bare, list, say, type Phrase } from '../words/phrase.ts'
import { need, type Need } from './need.ts'
import { openWork } from './open-work.ts'

const beforeTurning = (id: string, thing: Phrase, todo: Phrase): Need => need(`before turning: ${id}`, thing, todo)

/**
 * The law of weight: what is in its place and held by nothing that is known, unscrewed and left there, or back on its seat without its
 * screws. What is known to be light is left out; of what nobody knows how heavy it is it is asked at once for all.
 */
function unheld(state: JobState, { parts, liaisons, unknown }: Assembly): Need[] {
  const isOut = (move: string) => state.owing.has(move) && settledCount(state.debts.get(move)!) === 0
  const loose = parts.filter(part => {
    const all = liaisons.filter(l => l.kind === 'fastens' && l.part === part)
    // What is only thought to fasten it holds nothing where something else was named.
    const named = all.filter(l => l.source !== 'derived')
    const by = named.length ? named : all
    const inPlace = part.move === null || !state.owing.has(part.move)
    return inPlace && by.length > 0 && by.every(l => isOut(l.move))
  })
  const known = loose
    .filter(part => isWeighty(part.mass))
    .map(part =>
      beforeTurning(
        `hold ${part.move ?? part.name.text}`,
        bare(part.name.text),
        say`nothing holds it. Fasten it, strap it or take it out`,
      ),
    )
  const names = [
    ...loose.filter(part => part.mass === 'unknown').map(part => part.name.text),
    ...unknown.filter(u => u.moves.every(isOut)).map(u => u.name),
  ]
  if (names.length === 0) return known
  const things = list([...new Set(names)].map(name => bare(name)))
  return [
    ...known,
    beforeTurning(
      `hold what nobody knows: ${[...new Set(names)].join(', ')}`.slice(0, 400),
      things,
      say`nothing holds it, and nobody told how heavy it is. If it is, fasten it, strap it or take it out`,
    ),
  ]
}

/** The moment from which what was seen to counts: since the machine was last turned, either way. */
function lastTurned(state: JobState): string {
  let last = ''
  for (const id of state.order) {
    const { moves, recordedAt, backTo } = state.steps.get(id)!
    if (!moves.some(m => traitsOf(m).turns)) continue
    for (const at of [recordedAt, backTo ?? '']) if (at > last) last = at
  }
  return last
}

/**
 * The law of turning: what has to be seen to before the machine is turned, each by name: what is not light and not held, what hangs on it,
 * what was put in and would fall, what is open over a tub that nobody said is drained, and what swings open. It is asked of the machine
 * as it stands now, before each turn anew: what somebody has seen to for this step since the last turn is left out.
 */
export function beforeTurn(
  state: JobState,
  family: Family,
  to: Posture,
  step: string,
  assembly: Assembly = assemblyOfJob(state, family),
): Need[] {
  if (stance(state).posture === to) return []
  const all = openWork(state).filter(({ debt, move }) => debt.id === move.id)
  const when = (how: Traits['whenTurned']) => all.filter(({ move }) => traitsOf(move).whenTurned === how)
  const zonesHeld = new Set(when('holds').map(o => o.step.zone))
  const hanging = when('swings')
    .filter(o => !zonesHeld.has(o.step.zone))
    .map(({ move }) => beforeTurning(`strap ${move.id}`, subject(move), say`it hangs loose. Strap it or take it off`))
  const put = when('falls').map(({ move }) =>
    beforeTurning(`take out ${move.id}`, subject(move), say`take it out, it falls`),
  )
  const drained = [...state.steps.values()].some(s => !s.struck && s.moves.some(m => traitsOf(m).drains))
  const joints = drained ? [] : all.filter(({ move }) => glyphOf(move) === 'joint')
  const open = joints.map(({ move }) =>
    beforeTurning(`drain ${move.id}`, subject(move), say`open. Drain the tub, or close the end`),
  )
  const laid = to !== 'upright' && to !== 'tipped back'
  const swings = laid && !zonesHeld.has('outside') && !zonesHeld.has('door') && !zonesHeld.has('top')
  const needs = [
    ...unheld(state, assembly),
    ...hanging,
    ...put,
    ...open,
    ...(swings ? [beforeTurning('tape what swings', anatomy[family].loose, say`tape them shut`)] : []),
  ]
  const since = lastTurned(state)
  const seen = new Set(
    entriesOf(state, 'check-done').flatMap(({ body, at }) =>
      body.step === step && body.passed && at > since ? [body.check] : [],
    ),
  )
  return needs.filter(({ id }) => !seen.has(id))
}
