import type { InferType } from 'yup'
import type { ItemKind } from '../items/kinds.ts'
import type { JobState, Phase } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { stance } from '../machine/stance.ts'
import type { Posture } from '../machine/postures.ts'
import { act, invert } from '../moves/move.ts'
import type { Phrase } from '../words/phrase.ts'
import { openDebts, owedByZone } from './open-debts.ts'
import type { photo } from '../log/step.ts'

/** What the floor shows of a job without its log. */
export interface Summary {
  unit: string
  family: Family
  complaint: string
  /** Where it stands, when that was told for this job. */
  stands?: string | undefined
  plate: string
  phase: Phase
  waitsFor?: string | undefined
  due?: string | undefined
  openedAt: string
  /** When something was recorded last, to the minute. */
  lastAt?: string | undefined
  clean?: boolean | undefined
  steps: number
  owed: Record<ItemKind, number>
  /** Pieces owed by zone. */
  zones: Record<string, number>
  open: string[]
  posture: Posture
  /** The last act down, and the next one back. */
  last?: Phrase | undefined
  next?: Phrase | undefined
  photo?: InferType<typeof photo> | undefined
}

/** The summary of an opened job; `null` before it is opened. */
export function summary(state: JobState): Summary | null {
  if (!state.opened) return null
  const debts = openDebts(state)
  const { posture, open } = stance(state)
  const lastStep = state.steps.get(state.order.last() ?? '')
  const lastMove = lastStep?.moves.at(-1)
  const deepest = state.steps.get(debts.at(-1)?.step ?? '')
  const nextMove = deepest?.moves.findLast(m => state.owing.has(m.id))
  const { unit, family, plate, at } = state.opened
  const complaint = String(state.intake.complaint?.value ?? state.opened.complaint)
  return {
    unit,
    family,
    complaint,
    stands: state.intake.stands && String(state.intake.stands.value),
    plate,
    phase: state.phase.name,
    waitsFor: state.phase.waitsFor,
    due: state.phase.due,
    openedAt: at,
    lastAt: new Date((state.minutes.max() ?? 0) * 60_000).toISOString(),
    clean: state.closing?.clean,
    steps: state.order.size,
    owed: state.owed,
    zones: Object.fromEntries(owedByZone(debts)),
    open,
    posture,
    last: lastMove && act(lastMove),
    next: nextMove && act(invert(nextMove)),
    photo: lastStep?.photos.at(-1),
  }
}
