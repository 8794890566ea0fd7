import { renewedParts, type Renewed } from '../fit/renewed.ts'
import { balance, type BalanceRow } from '../ledger/balance.ts'
import { foundBefore } from '../ledger/found-before.ts'
import { openDebts, someOf, stillOwed } from '../ledger/open-debts.ts'
import { timeByPhase } from '../ledger/pace.ts'
import { saidOf } from '../ledger/entry-words.ts'
import { entriesOf, type EntryName, type proofResults } from '../log/entry.ts'
import { settledCount, toldAtIntake, type JobState, type Phase, type StepState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import { triedOf } from '../proof/results.ts'
import { text } from '../words/language.ts'
import { endOf, type End } from './end.ts'
import { badOf, readingPairs, type ReadingPair } from './readings.ts'
import { checksFor, describe, invert, subject } from '../moves/move.ts'

/** A gate of the job as it was passed. */
export interface PassedGate {
  at: string
  by: string
  zones: string
  /** Why it was passed over what was owed; none where it was clean. */
  reason?: string | undefined
  owed: string[]
  counted: string[]
  uncounted: string[]
}
/** What a closed job says of itself: for the close-out, the record sheet, and whoever opens the machine next. */
export interface Report {
  complaint: string
  seen: { what: string; value: string }[]
  phase: Phase
  opened: { at: string; by: string }
  closed: NonNullable<JobState['closing']> | null
  end: End
  callBackOf: string | undefined
  steps: number
  balance: BalanceRow[]
  owed: { label: string; zone: string; cell: string; step: number }[]
  gates: PassedGate[]
  before: { what: string; how: string; zone: string }[]
  spoilt: { step: number; what: string; condition: string }[]
  /** What was found to be at fault: the cause as it was told, readings that are not as they should be, trials that failed. */
  found: string[]
  live: number[]
  /** What is new on the machine. */
  fitted: string[]
  /** What came new for old, with its numbers and where it came from. */
  renewed: Renewed[]
  notes: { at: string; text: string }[]
  leftovers: { what: string; by: string | null }[]
  checks: { done: number; of: number }
  /** What was tried before it was closed, in the order of the proof; and what never was. */
  proof: { name: string; what: string; result: (typeof proofResults)[number]; seen: string }[]
  unproved: { name: string; what: string }[]
  /** What was measured, before the way back and since. */
  readings: ReadingPair[]
  photos: { photo: Photo; step: number; words: string }[]
  minutes: { phase: Phase; minutes: number }[]
}

const pairs = [
  ['seen', 'seen'],
  ['shows', 'code shown'],
  ['fascia', 'fascia'],
  ['made', 'made'],
  ['stands', 'stands'],
] as const

/** The report of a job as it stands. Pure: from the folded state alone. */
export function report(state: JobState, family: Family): Report {
  const told = toldAtIntake(state)
  const title = (zone: string | undefined) => (zone ? zoneTitle(family, zone) : '')
  const of = <K extends EntryName>(kind: K) => entriesOf(state, kind)
  const steps = state.order.toArray().map((id, i) => ({ step: state.steps.get(id)!, n: i + 1 }))
  const debts = state.debts.valueSeq().toArray()
  const explained = new Map(of('leftover-explained').map(e => [e.body.leftover, e.body.by]))
  const done = of('check-done')
  const { trials, results } = triedOf(state, family)
  const readings = readingPairs(state)
  const checkable = steps.flatMap(({ step }) =>
    step.moves.flatMap(m => (settledCountOf(state, m.id) > 0 ? checksFor(invert(m)).map(c => `${m.id} ${c}`) : [])),
  )
  const checked = new Set(done.flatMap(e => (e.body.debt && e.body.passed ? [`${e.body.debt} ${e.body.check}`] : [])))
  return {
    complaint: String(told.complaint ?? state.opened?.complaint ?? ''),
    seen: pairs.flatMap(([field, what]) => (told[field] === undefined ? [] : [{ what, value: String(told[field]) }])),
    phase: state.phase.name,
    opened: { at: state.opened?.at ?? '', by: state.opened?.by ?? '' },
    closed: state.closing,
    end: endOf(state.closing, { trials, results }),
    callBackOf: state.opened?.callBackOf,
    steps: steps.length,
    balance: balance(state),
    owed: openDebts(state).map(d => ({
      label: text(stillOwed(d)),
      zone: title(d.zone),
      cell: d.cell ?? '',
      step: d.stepNumber,
    })),
    gates: of('gate-passed').map(({ at, by, body }) => ({
      at,
      by,
      zones: (body.zones ?? []).map(title).join(' and '),
      reason: body.reason,
      owed: body.owed.map(id => text(state.debts.get(id)?.label ?? id)),
      counted: body.counted ?? [],
      uncounted: body.uncounted ?? [],
    })),
    before: foundBefore(state).map(({ what, how, zone }) => ({ what, how, zone: title(zone) })),
    spoilt: steps.flatMap(({ step, n }) =>
      step.moves.flatMap(m => (m.condition ? [{ step: n, what: text(subject(m)), condition: m.condition }] : [])),
    ),
    found: [
      ...of('cause-told').flatMap(e => (e.body.is ? [`The cause: ${e.body.cause}`] : [])),
      ...readings.flatMap(badOf),
      ...trials.flatMap(t => {
        const result = results.get(t.id)?.body
        return result?.result === 'failed' ? [`${text(t.name)}: ${result.seen ?? 'failed'}`] : []
      }),
    ],
    live: steps.flatMap(({ step, n }) => (step.live ? [n] : [])),
    fitted: debts.flatMap(d => (d.settled.replaced ? [text(someOf(d, d.settled.replaced))] : [])),
    renewed: renewedParts(state),
    notes: saidOf(state.entries.filter(e => noted.has(e.kind)).values()).map(({ at, words }) => ({
      at,
      text: text(words),
    })),
    leftovers: of('leftover-reported').map(e => ({ what: e.body.what, by: explained.get(e.id) ?? null })),
    checks: { done: checkable.filter(c => checked.has(c)).length, of: checkable.length },
    proof: trials.flatMap(t => {
      const result = results.get(t.id)
      return result
        ? [
            {
              name: text(t.name),
              what: text(t.say),
              result: result.body.result!,
              seen: result.body.seen ?? '',
            },
          ]
        : []
    }),
    unproved: trials.filter(t => !results.has(t.id)).map(t => ({ name: text(t.name), what: text(t.say) })),
    readings,
    photos: steps.flatMap(({ step, n }) =>
      step.later.slice(-1).map(photo => ({ photo, step: n, words: wordsOf(step) })),
    ),
    minutes: timeByPhase(state),
  }
}

/** The entries that a report tells as they are. */
const noted = new Set<EntryName>(['part-compared', 'check-done', 'note-added'])

/** What is done on the way back at a step, in words; its title or its place where nothing is. */
function wordsOf({ moves, title, zone }: StepState): string {
  const last = moves.at(-1)
  return last ? describe(invert(last)) : (title ?? zone ?? 'as it is now')
}
const settledCountOf = (state: JobState, debt: string): number => {
  const found = state.debts.get(debt)
  return found ? settledCount(found) : 0
}
