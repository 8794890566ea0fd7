import { look, lowers, type Comparison, type Told } from '../fit/compare.ts'
import type { PartAtHand } from '../fit/at-hand.ts'
import type { Fate } from '../fit/judged.ts'
import { nameOf, stillOn } from '../fit/still-on.ts'
import type { BodyOf } from '../log/event.ts'
import { owedCount, type JobState } from '../log/state.ts'
import type { Waypoint } from '../items/route.ts'
import type { Move } from '../moves/registry.ts'
import { bare } from '../words/phrase.ts'
import { cannot, does, happens, says, together, type Act } from './act.ts'
import { goOn, pause } from './phases.ts'
import { isLookedOver } from './things.ts'
import { recordStep } from './steps.ts'
import { strikeAgain, withdrawAgain } from './undo.ts'

type At = Pick<PartAtHand, 'name' | 'move'>
const about = ({ name, move }: At) => ({ part: name, ...(move && { move }) })

/** Something is said of one point of a part; refused where the hand would call less safety harmless. Words that say nothing take it back. */
export function comparePoint(part: PartAtHand, point: string, { old, fresh, how, words }: Told): Act {
  const of = part.kind.points.find(p => p.name === point)
  const judged = of ? look(of, { old, fresh }).says : null
  if (of && how && lowers(of, how, judged)) return cannot(28, point)
  const said = { old: old?.trim(), fresh: fresh?.trim(), words: words?.trim() }
  return says('point-compared', {
    ...about(part),
    point,
    kind: part.kind.name,
    ...(said.old && { old: said.old }),
    ...(said.fresh && { fresh: said.fresh }),
    ...(how && { how }),
    ...(said.words && { words: said.words }),
  })
}

/** The part is compared as one of another kind. */
export const compareAs = (part: PartAtHand, kind: string): Act =>
  says('point-compared', { ...about(part), kind, point: 'kind' })

/** What is said of the new part as a whole is kept; where it does not fit, with what of it. */
export function keepVerdict(part: PartAtHand, { verdict, by }: Comparison): Act {
  const differs = by.map(p => p.point.name).join(', ')
  return says('part-compared', {
    ...about(part),
    same: verdict === 'fits',
    verdict,
    ...(differs && { differs }),
  })
}

/** What makes a new part fit, as somebody decided it: the work; or the new way of a line, and the old ways that it takes the place of. */
export interface MadeToFit {
  point: string
  says: string
  waypoints?: readonly Waypoint[]
  /** Debts of what nobody refits any more: they are scrapped by name. */
  instead?: readonly string[]
}

/**
 * A new part is made to fit: the work, or the new way of its line, becomes a step of the return with its own debts; what it takes the place of is
 * scrapped by name. Work is done before the part goes on; a new way stands where the old one stood. `step` and `move` are new ids.
 */
export function makeFit(state: JobState, part: PartAtHand, made: MadeToFit, step: string, move: string): Act {
  const { point, says, waypoints = [], instead = [] } = made
  const isRoute = waypoints.length > 0
  const gone = instead.flatMap(id => state.debts.get(id) ?? []).filter(d => owedCount(d) > 0)
  const zone = gone[0]?.zone ?? state.steps.get(part.step ?? '')?.zone
  const title = `for the new ${bare(part.name)}`
  const own = { id: move, way: 'down' as const }
  const recorded: Move = isRoute
    ? { ...own, kind: 'unroute', place: title, route: { waypoints: [...waypoints] } }
    : { ...own, kind: 'adapt', part: { name: part.name }, work: says }
  return together(
    recordStep(
      state,
      { id: step, ...(zone && { zone }), title, photos: [], marks: [], moves: [recorded] },
      isRoute ? (gone[0]?.step ?? part.step) : undefined,
    ),
    does(
      ...(part.move && !isRoute ? [happens('liaison-told', { how: 'rides on', move, part: part.move })] : []),
      ...gone.map(d => happens('debt-settled', { debt: d.id, how: 'scrapped', count: owedCount(d) })),
      happens('part-adapted', { ...about(part), point, says, step, scrapped: gone.map(d => d.id) }),
    ),
  )
}

/** What made a part fit is taken back: its step is struck, and what was scrapped for it is owed again. Refused where its step is done already. */
export function unmakeFit(state: JobState, id: string): Act {
  const entry = state.entries.get(id)
  if (entry?.kind !== 'part-adapted') return cannot(17)
  const again = entry.body.scrapped.flatMap(d => state.debts.get(d) ?? []).filter(d => d.settled.scrapped > 0)
  return together(
    strikeAgain(entry.body.step),
    withdrawAgain(id),
    does(
      ...again.map(d =>
        happens('step-reopened', {
          step: d.step,
          debts: [{ debt: d.id, how: 'scrapped', count: d.settled.scrapped, marks: [] }],
        }),
      ),
    ),
  )
}

/** True where somebody said what is on the old part, or that nothing is. */
export function isOldLookedOver(state: JobState, { step, move }: PartAtHand): boolean {
  if (!step || !move) return false
  const own = state.steps.get(step)?.moves.find(m => m.id === move)
  const isListed = own?.kind === 'replace-part' && (own.carryOver.length > 0 || own.nothingOver === true)
  return isListed || isLookedOver(state, step, move)
}

/**
 * The old part leaves the bench. Clean only when somebody looked what is on it and nothing of it is owed any more; else with a reason, and what
 * goes with it is named.
 */
export function letGo(state: JobState, part: PartAtHand, to: Fate, reason = ''): Act {
  if (!part.move || !part.step) return cannot(4)
  const still = stillOn(state, part.move)
  const why = reason.trim()
  if (!why && !isOldLookedOver(state, part)) return cannot(27, part.name)
  if (!why && still.length) return cannot(26, { list: still.map(d => d.label) })
  return says('old-part-left', {
    part: part.name,
    move: part.move,
    to,
    clean: still.length === 0,
    ...(still.length && { left: still.map(d => nameOf(state, d)), reason: why }),
  })
}

/** A photo of the old part or of the new one, with what is known on it. */
export const photograph = (part: PartAtHand, of: Omit<BodyOf<'part-photographed'>, 'part' | 'move'>): Act =>
  says('part-photographed', { ...about(part), ...of })

type Offered = Omit<BodyOf<'part-offered'>, 'part' | 'move'>
/** Who has the part, or how far it has come. */
export const offer = (part: PartAtHand, of: Offered): Act => says('part-offered', { ...about(part), ...of })

/** The part is ordered: the job waits for it, with its number, who sends it, and the day. */
export const order = (state: JobState, part: PartAtHand, of: Offered, now: Date): Act =>
  together(
    offer(part, { ...of, how: 'ordered' }),
    pause(state, bare(part.name), of.days ?? null, now, { number: of.number, supplier: of.supplier }),
  )

/** The part is here: the job waits no longer. */
export const arrived = (state: JobState, part: PartAtHand, of: Offered): Act =>
  together(offer(part, { ...of, how: 'here' }), goOn(state))

/** The part goes back to who sent it; the job waits for the right one from there. */
export const sendBack = (state: JobState, part: PartAtHand, of: Offered, now: Date): Act =>
  together(
    offer(part, { ...of, how: 'sent back' }),
    pause(state, `${bare(part.name)}, the right one`, of.days ?? null, now, { supplier: of.supplier }),
  )
