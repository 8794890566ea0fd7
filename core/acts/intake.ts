import type { BodyOf } from '../log/event.ts'
import type { IntakeField } from '../log/state.ts'
import { cannot, does, happens, says, type Act } from './act.ts'

/** A machine comes in, with what is told of it at once. */
export const openJob = (opened: BodyOf<'job-opened'>, told: BodyOf<'intake-told'>): Act =>
  does(happens('job-opened', opened), happens('intake-told', told))

/** One field of the intake, as it was typed. */
export function tellIntake(field: IntakeField, words: string): Act {
  if (field !== 'made') return says('intake-told', { [field]: words })
  return /^\d{4}$/.test(words) ? says('intake-told', { made: Number(words) }) : cannot(24)
}
