import { phases, type JobState, type Phase } from '../log/state.ts'
import type { BodyOf } from '../log/event.ts'
import { does, says, type Act } from './act.ts'

type OpenPhase = BodyOf<'phase-changed'>['phase']

/** The job goes forward to a phase; where it is there already, or beyond, nothing happens. */
export const turnTo = (state: JobState, phase: OpenPhase): Act =>
  phases.indexOf(state.phase.name) < phases.indexOf(phase) ? says('phase-changed', { phase }) : does()

/** Somebody goes on with a job that waited: it waits no longer. */
export const goOn = (state: JobState): Act =>
  state.phase.waitsFor && isOpen(state.phase.name) ? says('phase-changed', { phase: state.phase.name }) : does()

/** The job pauses where it is: what it waits for, and in how many days, from `now`, that is due; for a part its number and who sends it. */
export function pause(
  state: JobState,
  waitsFor: string,
  days: number | null,
  now: Date,
  from: { number?: string | undefined; supplier?: string | undefined } = {},
): Act {
  const due = days !== null && new Date(now.getTime() + days * 86_400_000).toISOString()
  return says('phase-changed', { phase: state.phase.name as OpenPhase, waitsFor, ...(due && { due }), ...given(from) })
}

const given = <T extends object>(of: T) =>
  Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined && v !== ''))
const isOpen = (phase: Phase): phase is OpenPhase => phase !== 'closed' && phase !== 'abandoned'
