import { doings, type Doing } from './doings.ts'
import { lessons, type Lesson, type Reopened } from './lessons.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'

/** What the book takes from one closed job of a model: its acts in the order of the descent, what was learnt, and of which machine. */
export interface Recording {
  job: string
  family: Family
  serial: string
  /** Year of make, where it is known. */
  made: number | undefined
  /** When it was closed. */
  at: string
  /** Whose it is, by account. */
  by: string
  doings: readonly Doing[]
  lessons: readonly Lesson[]
}

/** Of which machine a job was. */
interface Machine {
  serial: string
  made?: number | undefined
}
/** The recording of a job that was closed; null of one that recorded nothing. */
export function recordingOf(
  job: string,
  state: JobState,
  { serial, made }: Machine,
  reopened: readonly Reopened[] = [],
): Recording | null {
  const all = doings(state)
  if (!state.opened || !state.closing || !all.length) return null
  const { family, by } = state.opened
  const told = state.intake.made?.value
  return {
    job,
    family,
    serial,
    made: made ?? (typeof told === 'number' ? told : undefined),
    at: state.closing.at,
    by,
    doings: all,
    lessons: lessons(state, reopened),
  }
}
