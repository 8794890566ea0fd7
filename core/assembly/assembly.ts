import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { pointsOf, traitsOf, type Move } from '../moves/registry.ts'
import type { Bond } from './bond.ts'
import type { MassTold } from './catalogue.ts'
import type { Rule } from './rules.ts'
import { underOf, type Undone } from './under.ts'
import { isShortFor, named, sameThing, speaksOf, thingsAt, thingsOf, type Named } from './named.ts'

/** A thing of the machine that was taken off or laid aside, or that was unfastened where it is. */
export interface Part {
  name: Named
  /** The step and the move with which it came off; null where it never did. */
  step: string | null
  move: string | null
  mass: MassTold
  /** Where it was said: the zone of its step. */
  zone: string | undefined
}
/** How one thing is bound to another. */
export interface Liaison {
  kind: Bond
  part: Part
  /** The step, and the move, that binds it. */
  step: string
  move: string
  /** `told`: somebody bound them by hand; `named`: a name says so; `derived`: a rule does. The last is likely, never sure. */
  source: 'told' | 'named' | 'derived'
  rule: Rule
}
/** What a descent tells of the machine: its things, and what binds them. Derived from the log alone. */
export interface Assembly {
  parts: readonly Part[]
  liaisons: readonly Liaison[]
  /**
   * Which parts may hide what each step was done to, by their steps, the outermost first: what was reached in a zone after a part that is
   * more than light had come off there. Where a part opens zones they tell what it hides. A guess, never a rule of the return.
   */
  under: ReadonlyMap<string, readonly string[]>
  /** What was unfastened where it is, by names that nobody knows: the moves that undid it. It may be anything. */
  unknown: readonly { name: string; moves: readonly string[] }[]
  /** The parts, by their moves, of which somebody said what is joined to them on the bench, or that nothing is. */
  asked: ReadonlySet<string>
}
/** What somebody said of two things: the move that binds, and the move with which the part came off; `not` where it does not. */
export interface Told {
  how: Bond
  move?: string | undefined
  part: string
  not?: boolean | undefined
}

/** The assembly of a job, from the steps that stand and what was said of them. */
export const assemblyOfJob = (state: JobState, family: Family): Assembly =>
  assemblyOf(
    state.order.toArray().map(id => state.steps.get(id)!),
    family,
    entriesOf(state, 'liaison-told').map(e => e.body),
  )

/** A part of the descent with its move, before anything is bound. */
interface Found extends Part {
  /** The place of its step in the descent; beyond its end where the part never came off. */
  at: number
}

function partsOf(steps: readonly Undone[], family: Family): Found[] {
  return steps.flatMap((of, at) =>
    of.moves.flatMap((move): Found[] => {
      const text = traitsOf(move).part
      if (!text) return []
      const part = 'part' in move ? move.part : undefined
      const name = named(text, family, of.zone, part?.is)
      const mass = (part?.people ?? 1) > 1 ? 'heavy' : (name.known?.mass ?? 'unknown')
      return [{ name, step: of.id, move: move.id, mass, at, zone: of.zone }]
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

/** The parts that names mean: by their own names where they do, else those of which they speak, else the only one that they are short for. */
function meantBy(things: readonly Named[], parts: readonly Found[], by: (thing: Named) => readonly Found[]): Found[] {
  return things.flatMap(thing => {
    const own = by(thing)
    if (own.length) return own
    const spoken = parts.filter(p => speaksOf(thing, p.name))
    if (spoken.length) {
      const most = Math.max(...spoken.map(p => p.name.terms.length))
      return spoken.filter(p => p.name.terms.length === most)
    }
    const longer = parts.filter(p => isShortFor(thing, p.name))
    return longer.length === 1 ? longer : []
  })
}

/**
 * The things of a descent and what binds them; `steps` in the order of the descent. What fastens a part says so by its place, or was undone
 * just before the part came off in the same zone. What was taken from a part after that had come off is carried by it. What is not light
 * and was unfastened without coming off is a part too. What was `told` by hand is the last word.
 */
export function assemblyOf(steps: readonly Undone[], family: Family, told: readonly Told[] = []): Assembly {
  const parts = partsOf(steps, family)
  const by = partsBy(parts)
  const liaisons: Liaison[] = []
  const bind = (kind: Bond, part: Part, step: Undone, move: Move, rule: Rule) =>
    liaisons.push({
      kind,
      part,
      step: step.id,
      move: move.id,
      source: rule === 'just before' ? 'derived' : 'named',
      rule,
    })
  const loose = new Map<string, { step: Undone; move: Move }[]>()
  /** What was unfastened and never came off, by its usual name. */
  const left = new Map<string, Part>()
  const unknown = new Map<string, string[]>()
  steps.forEach((step, at) => {
    const zone = step.zone ?? ''
    const here = parts.filter(p => p.at === at)
    // What was undone just before in the same zone, and named nothing that came off later, held what comes off now.
    for (const part of here) for (const l of loose.get(zone) ?? []) bind('fastens', part, l.step, l.move, 'just before')
    if (here.length) loose.delete(zone)
    for (const move of step.moves) {
      const traits = traitsOf(move)
      const things = thingsOf(move, family, step.zone)
      const meant = meantBy(things, parts, by)
      if (traits.fastens) {
        for (const part of meant) if (part.at > at) bind('fastens', part, step, move, 'its place')
        const stays = meant.length ? [] : things.filter(t => t.known && t.known.mass !== 'light')
        for (const thing of stays) {
          const key = `${thing.known!.name} ${thing.tells.join(' ')}`
          const part = left.get(key) ?? {
            name: thing,
            step: null,
            move: null,
            mass: thing.known!.mass,
            zone: step.zone,
          }
          left.set(key, part)
          bind('fastens', part, step, move, 'its place')
        }
        for (const { known, text } of meant.length ? [] : things)
          if (!known) unknown.set(text, [...(unknown.get(text) ?? []), move.id])
        if (here.length === 0 && meant.length === 0 && stays.length === 0)
          loose.set(zone, [...(loose.get(zone) ?? []), { step, move }])
        for (const shared of 'shares' in move ? (move.shares ?? []) : [])
          for (const part of by(named(shared.split(',')[0]!, family, step.zone)))
            if (part.at > at) bind('fastens', part, step, move, 'shares')
      }
      const place = move.place?.split(',')[0]
      if (place)
        for (const part of by(named(place, family, step.zone)))
          if (part.at < at) bind('rides on', part, step, move, 'after it')
      for (const point of pointsOf(move) ?? []) {
        if (!point.of || !['behind', 'under', 'through', 'over'].includes(point.by)) continue
        for (const part of meantBy(thingsAt(point.of, family, step.zone), parts, by))
          if (part.at !== at) bind(point.by === 'over' ? 'runs over' : 'runs behind', part, step, move, 'its way')
      }
    }
  })
  const all = [...parts, ...left.values()]
  // What came off right after, as the next thing that was done, is that part; what came off later may be another.
  const place = new Map(steps.filter(s => !s.moves.every(m => traitsOf(m).turns)).map((s, i) => [s.id, i]))
  const isNext = (l: Liaison) => place.get(l.part.step ?? '') === (place.get(l.step) ?? Number.NaN) + 1
  const cameOff = new Set(
    liaisons.flatMap(l => (l.kind === 'fastens' && (l.rule !== 'just before' || isNext(l)) ? l.move : [])),
  )
  return {
    parts: all,
    liaisons: withTold(liaisons, all, steps, told),
    under: underOf(steps, parts),
    unknown: [...unknown].flatMap(([name, moves]) => (moves.every(m => cameOff.has(m)) ? [] : [{ name, moves }])),
    asked: new Set(told.flatMap(t => (t.how === 'rides on' && !t.not ? t.part : []))),
  }
}

/** The liaisons with what was said of them by hand: what is not so goes, what is so is added or made sure. */
function withTold(
  liaisons: readonly Liaison[],
  parts: readonly Part[],
  steps: readonly Undone[],
  told: readonly Told[],
): readonly Liaison[] {
  if (told.length === 0) return liaisons
  const stepOf = new Map(steps.flatMap(s => s.moves.map(m => [m.id, s.id] as const)))
  return told.reduce((all, { how, move, part: of, not }) => {
    const part = parts.find(p => p.move === of)
    const step = move && stepOf.get(move)
    if (!part || !move || !step) return all
    // What is told of a pair takes the place of what was thought of it.
    const others = all.filter(l => !(l.part === part && l.move === move))
    return not ? others : [...others, { kind: how, part, step, move, source: 'told', rule: 'said' }]
  }, liaisons)
}
