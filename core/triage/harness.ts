import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { workOf, type Opened } from '../proof/opened.ts'
import type { Circuit } from '../assembly/part-work.ts'
import type { CircuitName } from './table/circuits.ts'

/** What the proof calls the circuit that a code names. */
const proved: Readonly<Record<CircuitName, Circuit>> = {
  fill: 'fill',
  level: 'level',
  lock: 'lock',
  heat: 'heat',
  temperature: 'heat',
  drum: 'drum',
  pump: 'pump',
  leak: 'leak sensor',
}

/** The plugs and the runs of loom of a circuit that this job recorded, in the order of the descent: where its wiring is looked at first. */
export const harnessOf = (state: JobState, family: Family, circuit: CircuitName): Opened[] =>
  (workOf(state, family).circuits.get(proved[circuit]) ?? [])
    .filter(({ move }) => move.kind === 'unplug' || move.kind === 'unroute')
    .sort((a, b) => a.number - b.number)
