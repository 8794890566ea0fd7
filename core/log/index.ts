export { entriesOf, foundStates } from './entry.ts'
export {
  type BodyOf,
  type EventName,
  type JobEvent,
  eventSchema,
  numberedEvent,
  numberedEventSchemas,
} from './event.ts'
export { fold, foldAll } from './fold.ts'
export { lastSaid } from './last-said.ts'
export { type Projection, acted, confirmed, dropped, waitingOn } from './projection.ts'
export { type Refusal, refusalWords, whyNot } from './refusals.ts'
export { type Snapshot, fromSnapshot, isCurrent, toSnapshot } from './snapshot.ts'
export {
  type Debt,
  type IntakeField,
  type JobState,
  type Phase,
  type Settlement,
  type StepState,
  blank,
  isBack,
  owedCount,
  phases,
  settledCount,
  toldAtIntake,
  lastStep,
} from './state.ts'
export type { Mark, Photo, Step } from './step.ts'
export { type Offset, offsetAfter, putRight } from './offset.ts'
export { notBefore, placed, putAt, whenOf } from './when.ts'
