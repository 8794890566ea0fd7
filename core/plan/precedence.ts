import { assemblyOfJob, type Assembly } from '../assembly/assembly.ts'
import type { Bond } from '../assembly/bond.ts'
import type { JobState, StepState } from '../log/state.ts'
import { letsWaterOut } from '../laws/water.ts'
import { liesIn, zoneTitle, type Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Traits } from '../moves/traits.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { arcKey, type Arc, type ArcReason } from './arc.ts'
import { liesAtTheWall, zonesOpenedBy } from './gates.ts'
import type { ReturnStep } from './mirror.ts'
import { isAtTheHouse } from './pieces.ts'

const partsOff = (step: StepState): string[] => step.moves.flatMap(m => traitsOf(m).part?.toLowerCase() ?? [])

/** What each bond asks of the way back: the step that binds comes after the part, or before it. */
const byBond: Record<Bond, { reason: ArcReason; first: 'part' | 'step' }> = {
  fastens: { reason: 'holds', first: 'part' },
  'rides on': { reason: 'rides on', first: 'step' },
  'lies under': { reason: 'covers', first: 'step' },
  'runs behind': { reason: 'passes through', first: 'step' },
  'runs over': { reason: 'holds', first: 'part' },
}
const bound = ({ liaisons }: Assembly): Arc[] =>
  liaisons.flatMap(({ kind, part, step, source }): Arc[] => {
    if (!part.step) return []
    const { reason, first } = byBond[kind]
    const [before, after] = first === 'part' ? [part.step, step] : [step, part.step]
    const about = part.name.text.toLowerCase()
    return [{ first: before, then: after, reason, about, ...(source === 'derived' && { likely: true as const }) }]
  })

/**
 * What lies in a zone comes back before the covers that were off when it was recorded close that zone. Where those are back already, a cover
 * that came off later is the way in.
 */
function hides(steps: readonly ReturnStep[], family: Family): Arc[] {
  const covers = steps.flatMap(s => s.moves.flatMap(({ move }) => zonesOpenedBy(move).map(zone => ({ s, zone }))))
  const isOnlyWay = (c: (typeof covers)[number], s: ReturnStep) => {
    const earlier = covers.filter(e => e.zone === c.zone && e.s.number < s.number)
    return earlier.length > 0 && s.owes > 0 && c.s.owes > 0 && earlier.every(e => e.s.owes === 0)
  }
  return steps.flatMap(s =>
    covers
      .filter(c => s.step.zone !== undefined && c.s !== s && liesIn(family, s.step.zone, c.zone))
      .filter(c => c.s.number < s.number || (c.s.number > s.number && isOnlyWay(c, s)))
      .map(c => ({
        first: s.step.id,
        then: c.s.step.id,
        reason: 'hides' as const,
        about: zoneTitle(family, c.zone),
      })),
  )
}

/** What was done outside and at the rear since the machine was pulled out is done before it is back at the wall. */
function walls(steps: readonly ReturnStep[], family: Family): Arc[] {
  const out = steps.filter(s => s.step.moves.some(m => traitsOf(m).wall))
  return out.flatMap(w =>
    steps
      .filter(s => s.number > w.number && s.step.of === undefined && liesAtTheWall(s, family))
      .map((s): Arc => ({ first: s.step.id, then: w.step.id, reason: 'wall', about: '' })),
  )
}

const restores = (s: ReturnStep, what: Traits['restores']) => s.step.moves.some(m => traitsOf(m).restores === what)

/** All that lets water out is closed before water comes on; power comes last. */
function isolation(steps: readonly ReturnStep[], family: Family): Arc[] {
  const wet = (s: ReturnStep) => s.step.moves.some(m => letsWaterOut(m, family, s.step.zone))
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
    ...water.flatMap(w =>
      steps
        .filter(s => !wet(s) && !s.step.moves.every(isAtTheHouse))
        .map((s): Arc => ({ ...arc(s, w, say`water comes on when all but the plug is back`), likely: true })),
    ),
    ...power.flatMap(p => steps.filter(s => !power.includes(s)).map(s => arc(s, p, say`power comes last`))),
  ]
}

/** A part that was taken apart on the bench goes together in its own order, the way back of its own steps, and is one part before it goes on. */
function benched(steps: readonly ReturnStep[]): Arc[] {
  const own = steps.filter(s => s.step.of !== undefined)
  return own.flatMap((s, i): Arc[] => {
    const part = steps.find(p => p.step.moves.some(m => m.id === s.step.of))
    const move = part?.step.moves.find(m => m.id === s.step.of)
    const about = move && 'part' in move ? move.part.name : ''
    const next = own.slice(i + 1).find(n => n.step.of === s.step.of)
    return [
      ...(part ? [{ first: s.step.id, then: part.step.id, reason: 'rides on' as const, about }] : []),
      ...(next ? [{ first: s.step.id, then: next.step.id, reason: 'bench' as const, about }] : []),
    ]
  })
}

/** Where a step names neither a zone nor a part, the order of the descent is the rule between it and its neighbours. */
function mirrored(all: readonly ReturnStep[]): Arc[] {
  const steps = all.filter(s => s.step.of === undefined)
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
    ...isolation(steps, family),
    ...hides(steps, family),
    ...walls(steps, family),
    ...bound(assembly),
    ...benched(steps),
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
