import { List, Map, Set } from 'immutable'
import { itemKinds, type DebtState, type ItemKind } from '../items/kinds.ts'
import type { Family } from '../machine/families.ts'
import { usualTray, type TraySize } from '../tray/cells.ts'
import type { Phrase } from '../words/phrase.ts'
import type { Entry, EntryOf } from './entry.ts'
import type { Photo, Step } from './step.ts'

/** The phases of a job, in their order; the last two end it. */
export const phases = ['intake', 'descent', 'bench', 'return', 'proof', 'closed', 'abandoned'] as const
/** A phase of a job. */
export type Phase = (typeof phases)[number]

/** The ways in which a debt is settled. */
export const settlements = ['refitted', 'replaced', 'scrapped', 'missing'] as const
/** A way in which a debt is settled. */
export type Settlement = (typeof settlements)[number]
export type Settled = Record<Settlement, number>

/** One thing that is not as the closed machine needs it, and what became of it so far. */
export interface Debt {
  id: string
  step: string
  move: string
  item: ItemKind
  state: DebtState
  /** What is owed, as a noun phrase: `four T20 × 18`. */
  label: Phrase
  /** True when it was found so that a new one is owed. */
  renew?: true
  cell?: string | undefined
  zone?: string | undefined
  /** How many were taken off. */
  count: number
  settled: Settled
  /** How many were said to be settled several at once, not one by one. */
  atOnce: number
  /** Marks that were tapped as done. */
  marks: readonly string[]
}

/** A step as recorded, with its place in the order and what became of it. */
export interface StepState extends Step {
  /** Sorts the steps of the descent. */
  rank: string
  /** Stamp of the event that gave the rank, so that the latest word wins whatever arrives first. */
  rankedAt: string
  /** Stamp of the event that gave the content. */
  writtenAt: string
  recordedAt: string
  by: string
  struck?: string | undefined
  /** Photos taken of it later, on the way back. */
  later: readonly Photo[]
  /** The first and the last moment at which something of it was settled. */
  backFrom?: string | undefined
  backTo?: string | undefined
}

export interface Opened {
  unit: string
  family: Family
  complaint: string
  plate: string
  /** The closed job that came back. */
  callBackOf?: string | undefined
  at: string
  by: string
  /** What the plate was taken for before it was corrected, and the stamp of that word. */
  was?: string | undefined
  correctedAt?: string | undefined
}
export interface PhaseState {
  name: Phase
  at: string
  /** What the job waits for, and until when it is expected. */
  waitsFor?: string | undefined
  due?: string | undefined
  /** The number of the part that it waits for, and who sends it. */
  number?: string | undefined
  supplier?: string | undefined
}
/** A turn of the job to a phase, or to waiting in one. */
export interface Turn {
  /** Stamp of its event. */
  at: string
  phase: Phase
  waitsFor?: string | undefined
}
/** A field that is told at intake. */
export type IntakeField = 'complaint' | 'seen' | 'shows' | 'fascia' | 'stands' | 'made' | 'plate'
/** What was told at intake, and when each was told last. */
export type Intake = Partial<Record<IntakeField, { value: string | number; at: string }>>
export interface Closing {
  at: string
  by: string
  /** Nothing was owed. */
  clean: boolean
  /** All that had to be proved was, and passed; left out by logs that did not tell. */
  proved?: boolean | undefined
  abandoned: boolean
  /** Who signs it off, as written by hand. */
  signedBy?: string | undefined
  note?: string | undefined
  /** What was wrong, and what the customer was advised. */
  cause?: string | undefined
  advice?: string | undefined
  owed: readonly { debt: string; label: string; count: number }[]
}

/** A job, folded from its log. Values only: a fold never changes a state, it makes the next. */
export interface JobState {
  opened: Opened | null
  intake: Intake
  phase: PhaseState
  /** Every turn to a phase, by the id of its event. */
  turns: Map<string, Turn>
  /** The minutes, since 1970, in which something was recorded: when somebody was at work. */
  minutes: Set<number>
  steps: Map<string, StepState>
  /** Ids of the steps that stand, in the order of the descent. */
  order: List<string>
  debts: Map<string, Debt>
  /** Ids of the debts that are still owed. */
  owing: Set<string>
  /** Pieces still owed, by kind of item. */
  owed: Record<ItemKind, number>
  entries: Map<string, Entry>
  constraints: Map<string, EntryOf<'constraint-added'>>
  /** Names of the arcs of the return that somebody dropped. */
  dropped: Set<string>
  /** True when the plain mirror is taken instead of the plan; and the stamp of that word. */
  plainMirror: boolean
  plainMirrorAt: string
  /** The tray on the bench, and the stamp of the event that chose it. */
  tray: TraySize
  trayAt: string
  closing: Closing | null
  /** The latest moment of all events, and of those of each device. */
  latest: string
  latestOf: Map<string, string>
  /** How long the log is as it is written, in characters. */
  size: number
  /** Ids of the events that were folded. */
  seen: Set<string>
}

export const noneSettled: Settled = { refitted: 0, replaced: 0, scrapped: 0, missing: 0 }

/** The state of a job without events. */
export const blank: JobState = {
  opened: null,
  intake: {},
  phase: { name: 'intake', at: '' },
  turns: Map(),
  minutes: Set(),
  steps: Map(),
  order: List(),
  debts: Map(),
  owing: Set(),
  owed: Object.fromEntries(itemKinds.map(k => [k, 0])) as Record<ItemKind, number>,
  entries: Map(),
  constraints: Map(),
  dropped: Set(),
  plainMirror: false,
  plainMirrorAt: '',
  tray: usualTray,
  trayAt: '',
  closing: null,
  latest: '',
  latestOf: Map(),
  size: 0,
  seen: Set(),
}

/** How many of a debt were settled in any way. */
export const settledCount = (d: Debt): number =>
  d.settled.refitted + d.settled.replaced + d.settled.scrapped + d.settled.missing
/** How many of a debt are still owed. */
export const owedCount = (d: Debt): number => d.count - settledCount(d)

/** True when the piece of a mark is back, or nothing of its debt is owed any more. */
export const isBack = (d: Debt, mark: string): boolean => d.marks.includes(mark) || owedCount(d) === 0
/** What is settled of a debt, way by way: the body of giving all of it back. */
export const settledOf = (d: Debt): { debt: string; how: Settlement; count: number }[] =>
  settlements.flatMap(how => (d.settled[how] > 0 ? [{ debt: d.id, how, count: d.settled[how] }] : []))

/** The step that was recorded last, and stands. */
export const lastStep = (s: JobState): StepState | undefined => s.steps.get(s.order.last() ?? '')

/** What was told at intake, without the times. */
export const toldAtIntake = (s: JobState): Partial<Record<IntakeField, string | number>> =>
  Object.fromEntries(Object.entries(s.intake).map(([field, told]) => [field, told.value]))
