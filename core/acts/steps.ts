import { atHandOf, withMeanings } from '../assembly/meaning.ts'
import { named, sameThing, speaksOf } from '../assembly/named.ts'
import { rankBetween } from '../log/rank.ts'
import { lastStep, type JobState } from '../log/state.ts'
import { contentOf, type Step } from '../log/step.ts'
import { mayBeLive } from '../machine/families.ts'
import { stance } from '../machine/stance.ts'
import { apply } from '../moves/move.ts'
import { traitsOf } from '../moves/registry.ts'
import { cannot, does, happens, says, type Act, type NewEvent } from './act.ts'
import { strikeAgain } from './undo.ts'

/** A step that says nothing yet: no move, no photo, no title. */
export const isEmptyStep = ({ moves, photos, title }: Step): boolean =>
  moves.length === 0 && photos.length === 0 && !title

const rankAt = (state: JobState, i: number) => state.steps.get(state.order.get(i) ?? '')?.rank ?? ''
/** The rank between a step and the one before it. */
function rankBefore(state: JobState, id: string): string {
  const at = state.order.indexOf(id)
  return rankBetween(at > 0 ? rankAt(state, at - 1) : '', rankAt(state, at))
}

/** A step with what its words were taken for written in. */
const asMeant = (state: JobState, step: Step): Step =>
  state.opened ? withMeanings(step, state.opened.family, atHandOf(state, step)) : step

/**
 * What comes off with a step although its new one is on already: it is scrapped, not owed. It says that it is the old one, and something new
 * of that name was fitted before, in this step or an earlier one.
 */
function oldOnes(state: JobState, step: Step): NewEvent[] {
  const family = state.opened?.family
  if (!family) return []
  const fitted = [...[...state.steps.values()].flatMap(s => s.moves), ...step.moves].flatMap(m =>
    m.kind === 'fit-new' ? [named(m.part.name, family)] : [],
  )
  if (fitted.length === 0) return []
  return step.moves.flatMap(move => {
    const old = /\bold\s+(?<name>.+)/i.exec(traitsOf(move).part ?? '')?.groups?.name
    if (!old || !fitted.some(f => sameThing(f, named(old, family)) || speaksOf(named(old, family), f))) return []
    return apply(move).map(({ debt, count }) => happens('debt-settled', { debt, how: 'scrapped', count }))
  })
}

/**
 * A step is done, at the machine as it stands: how it stands is noted, and whether power was on at a place that may be live. With `before`
 * it takes its place before that step, else it is the last.
 */
export function recordStep(state: JobState, step: Step, before?: string | null): Act {
  if (isEmptyStep(step)) return cannot(22)
  const { posture, isolated } = stance(state)
  const live = !step.of && mayBeLive(step.zone) && step.moves.length > 0 && !isolated.includes('power')
  const recorded = {
    ...asMeant(state, step),
    ...(posture !== 'upright' && !step.of && { posture }),
    ...(live && { live }),
  }
  return does(
    happens('step-recorded', { step: recorded }),
    ...oldOnes(state, step),
    ...(before && state.steps.has(before)
      ? [happens('step-reordered', { step: step.id, rank: rankBefore(state, before) })]
      : []),
  )
}

/** A recorded step is written anew. */
export const amendStep = (state: JobState, step: Step): Act =>
  isEmptyStep(step) ? cannot(22) : says('step-amended', { step: asMeant(state, step) })

/** A recorded step moves one place up (-1) or down (1); at the end of the order it stays. */
export function moveStep(state: JobState, id: string, by: -1 | 1): Act {
  const { order } = state
  const at = order.indexOf(id) + by
  if (at < 0 || at >= order.size) return does()
  const ahead = by < 0 ? order.get(at)! : order.get(at + 1)
  const rank = ahead ? rankBefore(state, ahead) : rankBetween(rankAt(state, order.size - 1), '')
  return says('step-reordered', { step: id, rank })
}

/** The last step comes back into the hand, under a new id: it is struck, and what it said is recorded anew when the hand is done with it. */
export function takeUpAgain(state: JobState, id: string): { act: Act; step: Step } | null {
  const last = lastStep(state)
  if (!last) return null
  return { act: strikeAgain(last.id), step: { ...contentOf(last), id } }
}

/** Something that nobody recorded going down is found missing coming back: it is owed from now on. */
export const foundMissing = (step: Pick<Step, 'id' | 'zone' | 'moves'>): Act =>
  step.moves.length === 0
    ? cannot(23)
    : says('step-recorded', { step: { ...step, title: 'found missing on the way back', photos: [], marks: [] } })
