import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import type { Step } from '../log/step.ts'
import { toRecord, type JobRecord, type RecordMachine } from '../record/record.ts'

/** Of which machine steps are, who brings them, and when. */
export interface StepsOf {
  machine: RecordMachine
  person: { id: string; name: string }
  complaint: string
  /** The moment of the first step; each is told a minute after the one before, unless its photos say when. */
  from: Date
  id: () => string
  /** True where it is only a recording: the machine does not stand open here. */
  ends: boolean
}

/** A record of steps that came from elsewhere: a table, photos. Where it does not end, the machine stands open. */
export function recordOfSteps(
  steps: readonly Step[],
  { machine, person, complaint, from, id, ends }: StepsOf,
): JobRecord {
  const job = id()
  let clock = from.getTime()
  const say = (kind: string, body: object, at = (clock += 60_000)) =>
    ({ id: id(), job, kind, at: new Date(at).toISOString(), actor: person.id, device: 'taken in', body }) as JobEvent
  const unit = id()
  const opened = say('job-opened', { unit, family: machine.family, complaint, plate: machine.serial ?? '' }, clock)
  const log = steps.map(step => {
    const taken = step.photos[0] ? Date.parse(step.photos[0].takenAt) : 0
    clock = Math.max(clock + 1000, taken > clock ? taken : clock)
    return say('step-recorded', { step }, clock)
  })
  const told = [opened, ...log]
  const clean = foldAll(told).state.owing.isEmpty()
  const close = () => say('job-closed', clean ? { clean } : { clean, note: 'brought from elsewhere' })
  return toRecord(ends ? [...told, close()] : told, { job, machine, people: [person] })
}
