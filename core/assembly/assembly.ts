import type { JobState, StepState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { pointsOf, traitsOf, type Move } from '../moves/registry.ts'
import type { Mass } from './catalogue.ts'
import { named, sameThing, speaksOf, thingsAt, type Named } from './named.ts'

/** A thing of the machine that was taken off or laid aside. */
export interface Part {
  name: Named
  /** The step and the move with which it came off. */
  step: string
  move: string
  mass: Mass
}
/** How one thing is bound to another. */
export interface Liaison {
  kind: 'fastened by' | 'carries' | 'passes before' | 'passes after'
  part: Part
  /** The step, and the move, that binds it. */
  step: string
  move: string
  /** `said`: a name says so; `derived`: a rule does. */
  source: 'said' | 'derived'
}
/** What a descent tells of the machine: its things, and what binds them. Derived from the log alone. */
export interface Assembly {
  parts: readonly Part[]
  liaisons: readonly Liaison[]
}

/** The assembly of a job, from the steps that stand. */
export const assemblyOfJob = (state: JobState, family: Family): Assembly =>
  assemblyOf(
    state.order.toArray().map(id => state.steps.get(id)!),
    family,
  )

/** A part of the descent with its move, before anything is bound. */
interface Found extends Part {
  /** The place of its step in the descent. */
  at: number
}

function partsOf(steps: readonly StepState[], family: Family): Found[] {
  return steps.flatMap((of, at) =>
    of.moves.flatMap((move): Found[] => {
      const text = traitsOf(move).part
      if (!text) return []
      const name = named(text, family, of.zone)
      const people = 'part' in move && move.part ? (move.part.people ?? 1) : 1
      const mass = people > 1 ? 'heavy' : (name.known?.mass ?? 'light')
      return [{ name, step: of.id, move: move.id, mass, at }]
    }),
  )
}

/** The parts of a descent, to be asked for by what is said: word for word, as a part of the catalogue, or with a slip. */
function partsBy(parts: readonly Found[]): (thing: Named) => readonly Found[] {
  const byWords = new Map<string, Found[]>()
  const byKnown = new Map<unknown, Found[]>()
  for (const p of parts) {
    const words = wordsOf(p.name)
    byWords.set(words, [...(byWords.get(words) ?? []), p])
    if (p.name.known) byKnown.set(p.name.known, [...(byKnown.get(p.name.known) ?? []), p])
  }
  return thing => {
    const alike = byWords.get(wordsOf(thing)) ?? []
    const known = thing.known ? (byKnown.get(thing.known) ?? []).filter(p => sameThing(thing, p.name)) : []
    const found = new Set([...alike, ...known])
    return found.size ? [...found] : parts.filter(p => sameThing(thing, p.name))
  }
}
const wordsOf = (name: Named): string => name.terms.toSorted().join(' ')

/** The parts that a place names: by their own names where it does, else those of which it speaks. */
function meantBy(
  place: string,
  zone: string | undefined,
  family: Family,
  parts: readonly Found[],
  named: (thing: Named) => readonly Found[],
): Found[] {
  return thingsAt(place, family, zone).flatMap(thing => {
    const own = named(thing)
    if (own.length) return own
    const spoken = parts.filter(p => speaksOf(thing, p.name))
    const most = Math.max(...spoken.map(p => p.name.terms.length))
    return spoken.filter(p => p.name.terms.length === most)
  })
}

/**
 * The things of a descent and what binds them; `steps` in the order of the descent. What fastens a part says so by its place, or was undone
 * just before the part came off in the same zone. What was taken from a part after that had come off is carried by it.
 */
export function assemblyOf(steps: readonly StepState[], family: Family): Assembly {
  const parts = partsOf(steps, family)
  const by = partsBy(parts)
  const liaisons: Liaison[] = []
  const bind = (kind: Liaison['kind'], part: Part, step: StepState, move: Move, source: Liaison['source']) =>
    liaisons.push({ kind, part, step: step.id, move: move.id, source })
  const loose = new Map<string, { step: StepState; move: Move }[]>()
  steps.forEach((step, at) => {
    const zone = step.zone ?? ''
    const here = parts.filter(p => p.at === at)
    // What was undone just before in the same zone, and named nothing that came off later, held what comes off now.
    for (const part of here) for (const l of loose.get(zone) ?? []) bind('fastened by', part, l.step, l.move, 'derived')
    if (here.length) loose.delete(zone)
    for (const move of step.moves) {
      const traits = traitsOf(move)
      const meant = move.place ? meantBy(move.place, step.zone, family, parts, by) : []
      if (traits.fastens) {
        for (const part of meant) if (part.at > at) bind('fastened by', part, step, move, 'said')
        if (here.length === 0 && meant.length === 0) loose.set(zone, [...(loose.get(zone) ?? []), { step, move }])
      }
      const place = move.place?.split(',')[0]
      if (place)
        for (const part of by(named(place, family, step.zone)))
          if (part.at < at) bind('carries', part, step, move, 'said')
      for (const point of pointsOf(move) ?? []) {
        if (!point.of || !['behind', 'under', 'through', 'over'].includes(point.by)) continue
        for (const part of meantBy(point.of, step.zone, family, parts, by))
          if (part.at !== at) bind(point.by === 'over' ? 'passes after' : 'passes before', part, step, move, 'said')
      }
    }
  })
  return { parts, liaisons }
}
