import type { InferType } from 'yup'
import * as yup from 'yup'
import { itemKinds, type ItemKind } from '../items/kinds.ts'
import { lastStep, phases, type JobState } from '../log/state.ts'
import { photo } from '../log/step.ts'
import { families } from '../machine/families.ts'
import { postures } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { act, invert } from '../moves/move.ts'
import { line, moment, oneOf, shape, uuid, wholeWithin } from '../schema/atoms.ts'
import { phraseSchema } from '../words/phrase-schema.ts'
import { openDebts, owedByZone } from './open-debts.ts'

const pieces = () => wholeWithin(0, 1e9).required()

/** What the floor shows of a job without its log. */
export const summarySchema = shape({
  unit: uuid().required(),
  family: oneOf(families).required(),
  complaint: line().defined(),
  /** Where it stands, when that was told for this job. */
  stands: line(),
  plate: line().defined(),
  phase: oneOf(phases).required(),
  waitsFor: line(),
  due: moment(),
  number: line(),
  supplier: line(),
  openedAt: moment().required(),
  /** When something was recorded last, to the minute. */
  lastAt: moment(),
  clean: yup.boolean(),
  proved: yup.boolean(),
  steps: pieces(),
  /** Pieces owed by kind of item. */
  owed: shape(Object.fromEntries(itemKinds.map(k => [k, pieces()]))).required() as unknown as yup.Schema<
    Record<ItemKind, number>
  >,
  /** Pieces owed by zone. */
  zones: yup.mixed<Record<string, number>>().required(),
  /** Zones that stand open. */
  open: yup.array(yup.string().required()).required(),
  posture: oneOf(postures).required(),
  /** The last act down, and the next one back. */
  last: phraseSchema,
  next: phraseSchema,
  photo: photo.default(undefined).optional(),
})
/** What the floor shows of a job without its log. */
export type Summary = InferType<typeof summarySchema>

/** The summary of an opened job; `null` before it is opened. */
export function summary(state: JobState): Summary | null {
  if (!state.opened) return null
  const debts = openDebts(state)
  const { posture, open } = stance(state)
  const step = lastStep(state)
  const lastMove = step?.moves.at(-1)
  // A turn of the machine comes when the plan needs it, so it is next only where nothing else is left.
  const deepest = state.steps.get((debts.findLast(d => d.state !== 'turned') ?? debts.at(-1))?.step ?? '')
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
    number: state.phase.number,
    supplier: state.phase.supplier,
    openedAt: at,
    lastAt: new Date((state.minutes.max() ?? 0) * 60_000).toISOString(),
    clean: state.closing?.clean,
    proved: state.closing?.proved,
    steps: state.order.size,
    owed: state.owed,
    zones: Object.fromEntries(owedByZone(debts)),
    open,
    posture,
    last: lastMove && act(lastMove),
    next: nextMove && act(invert(nextMove)),
    photo: step?.photos.at(-1),
  }
}
