import type { BodyOf } from '../log/event.ts'
import type { Family } from '../machine/families.ts'
import type { IntakeField } from '../log/state.ts'
import { cannot, does, happens, says, type Act } from './act.ts'

/** A machine comes in, with what is told of it at once. */
export const openJob = (opened: BodyOf<'job-opened'>, told: BodyOf<'intake-told'>): Act =>
  does(happens('job-opened', opened), happens('intake-told', told))

/** The plate was misread: the job is of this machine, of this kind; `was` is what it was taken for. */
export const correctMachine = (unit: string, family: Family, was: string): Act =>
  says('machine-corrected', { unit, family, was: was.slice(0, 500) })

/** One field of the intake, as it was typed. */
export function tellIntake(field: IntakeField, words: string): Act {
  if (field !== 'made') return says('intake-told', { [field]: words })
  return /^\d{4}$/.test(words) ? says('intake-told', { made: Number(words) }) : cannot(24)
}
