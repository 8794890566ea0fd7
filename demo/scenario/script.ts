import type { ItemKind } from '@dialytica/core/items'
import type { BodyOf, EventName, foundStates, Phase, Settlement } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import type { Move, MoveKindName, MoveOf } from '@dialytica/core/moves'

/** A move as told, without what the log adds to it. */
export type Told = { [K in MoveKindName]: Omit<MoveOf<K>, 'id' | 'way'> }[MoveKindName]

/** One step as told: what was done, and which things of the scene it was done to, move by move. */
export interface ToldStep {
  zone: string
  title?: string
  posture?: Extract<Move, { kind: 'turn-machine' }>['to']
  acts: { move: Told; things: string[] }[]
  /** The number of the step with which the part came off that this one was taken off on the bench. */
  of?: number
  /** Said aloud while it was done. */
  note?: string
}

/** A whole job as told. */
export interface ToldJob {
  name: string
  unit: string
  by: string
  family: Family
  complaint: string
  plate: string
  /** When it began, in days before the demo is loaded. */
  daysAgo: number
  /** What was told at intake, and the acts of making safe that owe nothing. */
  intake?: { seen?: string; shows?: string; fascia?: string; made?: number; ticks?: string[] }
  /** What was so before anybody touched it. */
  before?: { what: string; how: (typeof foundStates)[number]; zone: string }[]
  steps: ToldStep[]
  /** What must come before what on the way back, as somebody said; steps by their number. */
  orders?: { first: number; then: number; why: string }[]
  /** What was said on the bench; `about` is the number of the step with which that part came off. */
  bench?: { kind: EventName; body: object; about?: number }[]
  /** How many steps of the return are done. */
  back?: number | 'all'
  /** What is replaced by new instead of refitted, by the kind of item or by the words of the debt. */
  anew?: { items?: ItemKind[]; words?: RegExp }
  /** What lay on the bench when everything was back. */
  leftOver?: BodyOf<'leftover-reported'>
  /** What the control of this model wants, as the shop kept it. */
  rituals?: BodyOf<'ritual-kept'>[]
  /** How much of its proof is done: so many trials, or all of it. Only of a job in its proof, or closed. */
  proved?: number | 'all'
  phase: Phase
  /** The number of what it waits for, and who sends it. */
  waitsFrom?: { number: string; supplier: string }
  waitsFor?: string
  dueInDays?: number
}

export const act = (move: Told, ...things: string[]): ToldStep['acts'][number] => ({ move, things })
export const step = (zone: string, ...acts: ToldStep['acts']): ToldStep => ({ zone, acts })

/** How a debt of a job is settled. */
export const settledHow = (job: ToldJob, item: ItemKind, label: string): Settlement =>
  job.anew?.items?.includes(item) || job.anew?.words?.test(label) ? 'replaced' : 'refitted'
