import type { JobState } from '../log/state.ts'
import type { Gate } from '../plan/gates.ts'
import { says, type Act } from './act.ts'

/** True when the gate of this step was passed. */
export const isPassed = (state: JobState, step: string | undefined): boolean =>
  state.entries.some(e => e.kind === 'gate-passed' && e.body.step === step)

/**
 * A zone is closed: with what is still owed behind it, by name and with a reason; and with what was counted out of it, and what was not.
 */
export const passGate = (gate: Gate, counted: readonly string[], reason?: string): Act =>
  says('gate-passed', {
    step: gate.step,
    owed: gate.behind.map(d => d.id),
    zones: gate.zones,
    counted: gate.counts.filter(n => counted.includes(n)),
    uncounted: gate.counts.filter(n => !counted.includes(n)),
    ...(reason && { reason }),
  })
