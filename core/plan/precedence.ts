import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import type { JobState, StepState } from '../log/state.ts'
import { liesIn, zoneTitle, type Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Traits } from '../moves/traits.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { arcKey, type Arc, type ArcReason } from './arc.ts'
import { zonesOpenedBy } from './gates.ts'
import type { ReturnStep } from './mirror.ts'

const partsOff = (step: StepState): string[] => step.moves.flatMap(m => traitsOf(m).part?.toLowerCase() ?? [])

/** What fastens a part comes back after it. */
const holds = ({ liaisons }: Assembly): Arc[] =>
  liaisons.flatMap(({ kind, part, step }) =>
    kind === 'fastened by'
      ? [{ first: part.step, then: step, reason: 'holds', about: part.name.text.toLowerCase() }]
      : [],
  )

/** What was taken off a part after that had come off was fixed to it: it is joined to it on the bench, before the part goes back. */
const rides = ({ liaisons }: Assembly): Arc[] =>
  liaisons.flatMap(({ kind, part, step }) =>
    kind === 'carries'
      ? [{ first: step, then: part.step, reason: 'rides on', about: part.name.text.toLowerCase() }]
      : [],
  )

/** What lies in a zone comes back before the covers that were off when it was recorded close that zone. */
function hides(steps: readonly ReturnStep[], family: Family): Arc[] {
  const covers = steps.flatMap(s => s.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ s, zone }))))
  return steps.flatMap(s =>
    covers
      .filter(c => c.s.number < s.number && s.step.zone !== undefined && liesIn(family, s.step.zone, c.zone))
      .map(c => ({
        first: s.step.id,
        then: c.s.step.id,
        reason: 'hides' as const,
        about: zoneTitle(family, c.zone),
      })),
  )
}

/** A line that runs behind, under or through a part is laid before the part is back; one that runs over it, after. */
const passes = ({ liaisons }: Assembly): Arc[] =>
  liaisons.flatMap(({ kind, part, step }): Arc[] => {
    const about = part.name.text.toLowerCase()
    if (kind === 'passes before') return [{ first: step, then: part.step, reason: 'passes through', about }]
    if (kind === 'passes after') return [{ first: part.step, then: step, reason: 'holds', about }]
    return []
  })

const restores = (s: ReturnStep, what: Traits['restores']) => s.step.moves.some(m => traitsOf(m).restores === what)
const wet = (s: ReturnStep) => s.step.moves.some(m => traitsOf(m).wet)

/** Every joint and drain is closed before water comes on; power comes last. */
function isolation(steps: readonly ReturnStep[]): Arc[] {
  const arc = (first: ReturnStep, then: ReturnStep, about: Phrase): Arc => ({
    first: first.step.id,
    then: then.step.id,
    reason: 'isolation',
    about,
  })
  const water = steps.filter(s => restores(s, 'water'))
  const power = steps.filter(s => restores(s, 'power'))
  return [
    ...water.flatMap(w =>
      steps.filter(s => s !== w && wet(s)).map(s => arc(s, w, say`every joint is tight before water comes on`)),
    ),
    ...power.flatMap(p => steps.filter(s => !power.includes(s)).map(s => arc(s, p, say`power comes last`))),
  ]
}

/** Where a step names neither a zone nor a part, the order of the descent is the rule between it and its neighbours. */
function mirrored(steps: readonly ReturnStep[]): Arc[] {
  const bare = (s: ReturnStep) =>
    !s.step.zone &&
    partsOff(s.step).length === 0 &&
    !s.step.moves.some(m => traitsOf(m).isolates !== undefined || traitsOf(m).turns !== undefined)
  return steps.slice(1).flatMap((s, i) => {
    const before = steps[i]!
    return bare(s) || bare(before)
      ? [{ first: before.step.id, then: s.step.id, reason: 'mirror' as const, about: '' }]
      : []
  })
}

/** What people said: this before that, for the return only. */
const said = (state: JobState): Arc[] =>
  [...state.constraints].map(([id, { body }]) => ({
    first: body.first,
    then: body.then,
    reason: 'said',
    about: body.reason,
    said: id,
  }))

/**
 * The precedence of a return: every arc with its reason, each pair of steps once for each reason, without the arcs that somebody
 * dropped. `steps` are those of the mirror between which it is asked.
 */
export function precedence(
  state: JobState,
  family: Family,
  steps: readonly ReturnStep[],
  assembly: Assembly = assemblyOfJob(state, family),
): Arc[] {
  const here = new Set(steps.map(s => s.step.id))
  const all = [
    ...said(state),
    ...isolation(steps),
    ...hides(steps, family),
    ...holds(assembly),
    ...rides(assembly),
    ...passes(assembly),
    ...mirrored(steps),
  ]
  const seen = new Set<string>()
  return all.filter(arc => {
    const key = arcKey(arc)
    const among = here.has(arc.first) && here.has(arc.then) && arc.first !== arc.then
    if (!among || seen.has(key) || state.dropped.has(key)) return false
    seen.add(key)
    return true
  })
}

/** Arcs that a person may drop: all but those of safety. */
export const mayDrop = (reason: ArcReason): boolean => reason !== 'isolation'
