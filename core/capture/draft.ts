import { amendStep, isEmptyStep, recordStep, takeUpAgain } from '../acts/steps.ts'
import { cannot, type Act } from '../acts/act.ts'
import { lastStep, type JobState, type StepState } from '../log/state.ts'
import { contentOf, type Step } from '../log/step.ts'
import type { Stance } from '../machine/stance.ts'
import type { Around } from '../moves/around.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import type { Need } from '../laws/need.ts'
import { beforeTurn } from '../laws/turning.ts'
import { proposeCell } from '../tray/propose.ts'
import { list } from '../words/phrase.ts'
import type { Captured } from './capture.ts'
import { takenCells } from './cells.ts'
import { mergeSteps } from './merge.ts'

/** The step in hand on one device, with what stands around it until it is recorded. Values only. */
export interface Draft extends Captured {
  /** The quick line as far as it was typed. */
  line: string
  /** The recorded step that is written anew. */
  amends: string | null
  /** The new step that waits while an earlier one is written anew. */
  aside: Captured | null
  /** The recorded step before which this one belongs; none where it comes last. */
  before: string | null
}

const emptyStep = (id: string, zone?: string, of?: string): Step => ({
  id,
  ...(zone && { zone }),
  ...(of && { of }),
  photos: [],
  marks: [],
  moves: [],
})
const holding = (captured: Captured): Draft => ({ ...captured, line: '', amends: null, aside: null, before: null })
const lastMoveOf = (step: Step): string | null => step.moves.at(-1)?.id ?? null

/** An empty draft, at the place where the last step was. */
export const emptyDraft = (id: string, zone?: string, of?: string): Draft =>
  holding({ step: emptyStep(id, zone, of), move: null })

/** The zone in which something was recorded last, outside where it was nowhere; steps on the bench have none. */
const lastZone = (state: JobState): string =>
  state.order
    .reverse()
    .map(id => state.steps.get(id)?.zone)
    .find(Boolean) ?? 'outside'

/** The draft as it was kept, where it still fits the job; else an empty one where the last step was. */
export function takeUp(state: JobState, kept: Partial<Draft> | undefined, id: string): Draft {
  const { step, move = null, line = '', amends = null, aside = null, before = null } = kept ?? {}
  const fits = step && (amends ? state.steps.has(amends) : !state.steps.has(step.id))
  return fits ? { step, move, line, amends, aside, before } : emptyDraft(id, lastZone(state))
}

/** What is known where the step is recorded, and the cell into which loose things go next. */
export function aroundOf(state: JobState, { posture, isolated }: Stance, step: Step): Around {
  return { posture, isolated, cell: proposeCell(state.tray, takenCells(state, step)) }
}

/** What `same again` repeats: the last move of the step in hand, else of the step before. */
export const sameAgain = (state: JobState, { step }: Captured): Move | undefined =>
  step.moves.at(-1) ?? lastStep(state)?.moves.at(-1)

/** What has to be seen to before the step in hand turns the machine; nothing where it turns nothing. */
export function needsOf(state: JobState, step: Step): Need[] {
  const to = step.moves.flatMap(m => traitsOf(m).turns?.to ?? [])[0]
  return to && state.opened ? beforeTurn(state, state.opened.family, to, step.id) : []
}

/** Records what is in hand: as a new step, or in the place of the one that is written anew. */
export function recordDraft(state: JobState, { step, amends, before }: Draft): Act {
  const needs = amends || before ? [] : needsOf(state, step)
  if (needs.length) return cannot(25, list(needs.map(n => n.thing)))
  return amends ? amendStep(state, step) : recordStep(state, step, before)
}
/** The draft after that: the new step that waited, or an empty one at the same place. */
export function afterRecording(draft: Draft, id: string): Draft {
  return draft.amends ? leaveAmending(draft, id) : emptyDraft(id, draft.step.zone, draft.step.of)
}

/** An earlier step is taken up to be written anew; what is in hand waits meanwhile. */
export function amending({ step, move, before }: Draft, recorded: StepState): Draft {
  const content = contentOf(recorded)
  return { step: content, move: lastMoveOf(content), line: '', amends: recorded.id, aside: { step, move }, before }
}
/** Back to the step in hand; the other stays as it was. */
export const leaveAmending = ({ aside, before }: Draft, id: string): Draft => ({
  ...holding(aside ?? { step: emptyStep(id), move: null }),
  before,
})

/** Where nothing is in hand, the last step that was recorded comes back into it: struck, and in hand under a new id. Null where there is none. */
export function backInDraft(state: JobState, draft: Draft, id: string): { act: Act; draft: Draft } | null {
  const last = isEmptyStep(draft.step) && !draft.amends ? takeUpAgain(state, id) : null
  if (!last) return null
  return { act: last.act, draft: { ...draft, step: last.step, move: lastMoveOf(last.step) } }
}

/** The step that is being recorded, also while an earlier one is written anew. */
export const recordingOf = ({ step, amends, aside }: Draft): Step | undefined => (amends ? aside?.step : step)

/** Takes in what another device made of the step that is being recorded. */
export function adopt(draft: Draft, theirs: Step): Draft {
  if (draft.amends) return { ...draft, aside: { step: theirs, move: lastMoveOf(theirs) } }
  const move = theirs.moves.some(m => m.id === draft.move) ? draft.move : lastMoveOf(theirs)
  return { ...draft, step: theirs, move }
}
/** What could be undone here, `was`, with what the other device made of the step laid on top. */
export function adoptUnder(was: Captured, mine: Step, theirs: Step): Captured {
  const step = mergeSteps(mine, was.step, theirs)
  return { step, move: was.move ?? lastMoveOf(step) }
}

/** The step takes apart a part that lies on the bench, by the move with which it came off; without one it is done at the machine, where the last one was. */
export function atBench(state: JobState, { step, move }: Captured, of: string | undefined): Captured {
  return { step: contentOf({ ...step, of, zone: of ? undefined : (step.zone ?? lastZone(state)) }), move }
}
