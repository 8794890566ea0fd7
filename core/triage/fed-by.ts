import { entriesOf, type EntryOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import type { QuantityName } from '../readings/names.ts'
import { verdictOf } from '../readings/told.ts'

type Body = EntryOf<'reading-taken'>['body']

/** The check that a reading of a quantity answers; where it depends on the part, by words of its name. */
const answers: Partial<Record<QuantityName, readonly (readonly [part: RegExp, check: string])[]>> = {
  sensor: [[/./, 'read the temperature sensor']],
  finger: [[/./, 'warm the sensor between two fingers']],
  windings: [[/./, 'read the windings of the motor']],
  capacitor: [[/./, 'read the motor capacitor, discharged']],
  brushes: [[/./, 'measure the brushes']],
  'drain height': [[/./, 'look how high the drain hose hangs']],
  coil: [
    [/pump/, 'read the coil of the pump'],
    [/valve/, 'read the coil of the inlet valve'],
    [/shift|actuator/, 'read the coil of the shift actuator'],
    [/tacho|speed/, 'read the tacho'],
  ],
  contact: [
    [/lid switch/, 'read the lid switch, lid up and lid down'],
    [/board/, 'read the lock at the plug of the board'],
    [/lock|latch/, 'read the lock at its own plug'],
    [/relay/, 'read the heating relay, unplugged'],
    [/level|pressure/, 'read the level sensor, empty and blown'],
  ],
  insulation: [
    [/element|heater/, 'read the element to its jacket'],
    [/motor/, 'read the motor to its case'],
  ],
}

/** The check that a reading answers; a heating element is read across, and to its jacket. */
function checkOf({ of, quantity, state }: Body): string | undefined {
  if (quantity === 'heating')
    return state === 'to its jacket' ? 'read the element to its jacket' : 'read the element across'
  const name = of.toLowerCase()
  return quantity && answers[quantity]?.find(([part]) => part.test(name))?.[1]
}

/** A check that something else answered. */
export interface Fed {
  at: string
  check: string
  good: boolean
}

/** What the readings of a job say of the checks of the table, each as the readings of its thing say together; what cannot be told says nothing. */
export function readingChecks(state: JobState): Fed[] {
  const readings = new Map<string, { at: string; all: Body[] }>()
  for (const { at, body } of entriesOf(state, 'reading-taken')) {
    const check = checkOf(body)
    if (check) readings.set(check, { at, all: [...(readings.get(check)?.all ?? []), body] })
  }
  return [...readings].flatMap(([check, { at, all }]) => {
    const says = verdictOf(all)?.says
    return says === 'good' || says === 'bad' ? [{ at, check, good: says === 'good' }] : []
  })
}

/** What a trial of the proof says that failed, as a finding. */
const failing: readonly (readonly [trial: RegExp, finding: string])[] = [
  [/^look|^dry/, 'leaks below'],
  [/^fill/, 'does not fill'],
  [/^level/, 'fills by itself'],
  [/^heat/, 'does not heat'],
  [/^drum/, 'drum does not turn'],
  [/^pump/, 'does not drain'],
  [/^control/, 'dead'],
  [/^turn by hand/, 'drags'],
  [/^empty spin|^full load/, 'does not spin'],
  [/^balance|^press down/, 'shakes'],
]

/** The findings that failed trials of the proof tell: of each trial its last word counts. */
export const proofFindings = (state: JobState): string[] => {
  const last = new Map(entriesOf(state, 'proof-done').map(e => [e.body.trial, e.body.result]))
  return [...last].flatMap(([trial, result]) =>
    result === 'failed' ? (failing.find(([id]) => id.test(trial))?.[1] ?? []) : [],
  )
}
