import { pause } from '../ledger/pace.ts'
import { entriesOf } from '../log/entry.ts'
import type { JobState, StepState } from '../log/state.ts'
import type { Posture } from '../machine/postures.ts'
import type { Move } from '../moves/registry.ts'
import { posturesOf } from '../plan/turns.ts'

/** One act of a recording: a move, the step that it was recorded in, and the minutes that it took, where they are known. */
export interface Doing {
  move: Move
  step: string
  zone: string | undefined
  minutes: number | undefined
  /** How the machine stood. */
  posture?: Posture | undefined
  /** True where a part that lay on the bench was taken apart by it. */
  bench?: true
  /** The photo of its step on which it is marked best. */
  photo?: string | undefined
}

/** The moment of the first way back, or the end of time. */
export const wayBackOf = (state: JobState): string =>
  state.turns.reduce((first, t) => (t.phase === 'return' && t.at < first ? t.at : first), '￿')

/** The photo of a step on which a move is marked most; its first one where it is marked on none. */
function photoOf(step: StepState, move: string): string | undefined {
  const marks = (hash: string) => step.marks.filter(m => m.move === move && m.photo === hash).length
  const [best] = step.photos.toSorted((a, b) => marks(b.hash) - marks(a.hash) || b.width - a.width)
  return best?.hash
}

/** The steps that the way down had, and what was seen of it on the way back; what made a new part fit is of that part, not of the model. */
export function stepsOf(state: JobState): StepState[] {
  const adapted = new Set(entriesOf(state, 'part-adapted').map(e => e.body.step))
  return state.order.toArray().flatMap(id => (adapted.has(id) ? [] : state.steps.get(id)!))
}

/** The acts of a job in the order of its descent. The minutes of a step are shared by its acts; of what was told later they are not known. */
export function doings(state: JobState): Doing[] {
  const back = wayBackOf(state)
  const steps = stepsOf(state)
  const postures = posturesOf(state)
  const times = steps.map(s => s.recordedAt).sort()
  return steps.flatMap((step): Doing[] => {
    const before = times[times.indexOf(step.recordedAt) - 1]
    const gap = before === undefined ? Infinity : (Date.parse(step.recordedAt) - Date.parse(before)) / 60_000
    const minutes = gap <= pause && step.recordedAt < back ? gap / step.moves.length : undefined
    return step.moves.map(move => ({
      move,
      step: step.id,
      zone: step.zone,
      minutes,
      posture: postures.get(step.id),
      photo: photoOf(step, move.id),
      ...(step.of && { bench: true as const }),
    }))
  })
}
