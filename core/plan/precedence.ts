import type { JobState, StepState } from '../log/state.ts'
import { liesIn, zoneTitle, type Family } from '../machine/families.ts'
import { pointsOf, traitsOf, type Move } from '../moves/registry.ts'
import type { Traits } from '../moves/traits.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { arcKey, type Arc, type ArcReason } from './arc.ts'
import { zonesOpenedBy } from './gates.ts'
import type { ReturnStep } from './mirror.ts'

const partsOff = (step: StepState): string[] => step.moves.flatMap(m => traitsOf(m).part?.toLowerCase() ?? [])
const fastens = (move: Move): boolean => Boolean(traitsOf(move).fastens)
/** True when a place names a part: `pump bracket, left` names the pump bracket. */
const names = (place: string, part: string): boolean => part.length > 2 && part !== 'part' && place.includes(part)

/** What fastens, with the places that it names. */
const fastenersOf = (steps: readonly ReturnStep[]) =>
  steps.flatMap(s => {
    const places = s.step.moves.flatMap(m => (fastens(m) && m.place ? [m.place.toLowerCase()] : []))
    return places.length ? [{ s, places }] : []
  })

/**
 * What fastens a part comes back after it: it says so by its place, or it came off just before it in the same zone.
 */
function holds(steps: readonly ReturnStep[]): Arc[] {
  const arcs: Arc[] = []
  const loose = new Map<string, ReturnStep[]>()
  const fasteners = fastenersOf(steps)
  for (const s of steps.toReversed()) {
    const zone = s.step.zone ?? ''
    const parts = partsOff(s.step)
    for (const part of parts) {
      const naming = fasteners.filter(f => f.s !== s && f.places.some(place => names(place, part))).map(f => f.s)
      const before = naming.filter(f => f.number < s.number)
      for (const f of new Set([...(loose.get(zone) ?? []), ...before]))
        arcs.push({ first: s.step.id, then: f.step.id, reason: 'holds', about: part })
      loose.delete(zone)
    }
    if (parts.length === 0 && s.step.moves.some(fastens)) loose.set(zone, [...(loose.get(zone) ?? []), s])
  }
  return arcs
}

/** True when a place is a part itself, or a spot on it: `pump`, `on the pump`, `pump, left side`. */
const sitsOn = (place: string, part: string): boolean =>
  place
    .replace(/^(on |in )?(the )?/, '')
    .split(',')[0]!
    .trim() === part

/** What was taken off a part after that had come off was fixed to it: it is joined to it on the bench, before the part goes back. */
function rides(steps: readonly ReturnStep[]): Arc[] {
  const parts = steps.flatMap(s => partsOff(s.step).map(part => ({ s, part })))
  const placed = steps.flatMap(s => s.step.moves.flatMap(m => (m.place ? [{ s, place: m.place.toLowerCase() }] : [])))
  return parts.flatMap(({ s, part }) =>
    placed
      .filter(p => p.s.number > s.number && sitsOn(p.place, part))
      .map((p): Arc => ({ first: p.s.step.id, then: s.step.id, reason: 'rides on', about: part })),
  )
}

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
function passes(steps: readonly ReturnStep[]): Arc[] {
  const lines = steps.flatMap(s => s.step.moves.flatMap(m => (pointsOf(m) ?? []).map(w => ({ s, ...w }))))
  return lines.flatMap(({ s, by, of }) =>
    steps
      .filter(p => p !== s && of !== undefined && partsOff(p.step).some(part => names(of.toLowerCase(), part)))
      .flatMap((p): Arc[] => {
        const about = of!
        if (by === 'behind' || by === 'under' || by === 'through')
          return [{ first: s.step.id, then: p.step.id, reason: 'passes through', about }]
        if (by === 'over') return [{ first: p.step.id, then: s.step.id, reason: 'holds', about }]
        return []
      }),
  )
}

/** What was done after a turn of the machine is done before it is turned back, and what was done before it, after. */
function turns(steps: readonly ReturnStep[]): Arc[] {
  const arcs: Arc[] = []
  for (const t of steps) {
    const turn = t.step.moves.flatMap(m => traitsOf(m).turns ?? [])[0]
    if (!turn) continue
    for (const s of steps) {
      if (s === t) continue
      const [first, then] = s.number > t.number ? [s, t] : [t, s]
      arcs.push({
        first: first.step.id,
        then: then.step.id,
        reason: 'posture',
        about: { say: s.number > t.number ? turn.to : turn.from },
      })
    }
  }
  return arcs
}

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
const said = (state: JobState, steps: readonly ReturnStep[]): Arc[] => {
  const here = new Set(steps.map(s => s.step.id))
  return [...state.constraints]
    .map(([id, { body }]) => ({ id, ...body }))
    .filter(c => c.first !== c.then && here.has(c.first) && here.has(c.then))
    .map(c => ({ first: c.first, then: c.then, reason: 'said' as const, about: c.reason, said: c.id }))
}

/**
 * The precedence of a return: every arc with its reason, each pair of steps once for each reason, without the arcs that somebody
 * dropped. `steps` is the mirror.
 */
export function precedence(state: JobState, family: Family, steps: readonly ReturnStep[]): Arc[] {
  const all = [
    ...said(state, steps),
    ...isolation(steps),
    ...turns(steps),
    ...hides(steps, family),
    ...holds(steps),
    ...rides(steps),
    ...passes(steps),
    ...mirrored(steps),
  ]
  const seen = new Set<string>()
  return all.filter(arc => {
    const key = arcKey(arc)
    if (arc.first === arc.then || seen.has(key) || state.dropped.has(key)) return false
    seen.add(key)
    return true
  })
}

/** Arcs that a person may drop: all but those of safety. */
export const mayDrop = (reason: ArcReason): boolean => reason !== 'isolation'
