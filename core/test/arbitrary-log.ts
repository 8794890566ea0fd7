import fc from 'fast-check'
import type { JobEvent } from '../log/event.ts'
import { fold } from '../log/fold.ts'
import { rankBetween } from '../log/rank.ts'
import { refusalWords } from '../log/refusals.ts'
import { blank, owedCount, settlements, type JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { arbitraryMove } from './arbitrary-move.ts'

const job = '00000000-0000-4000-8000-000000000001'
const actor = '00000000-0000-4000-8000-000000000002'
const zones = ['outside', 'top', 'console', 'rear', 'base', 'drive']

/** The uuid of a number, for readable tests. */
export const id = (n: number, kind = 'e'): string =>
  `${kind.charCodeAt(0).toString(16).padStart(8, '0')}-0000-4000-8000-${n.toString(16).padStart(12, '0')}`

/** An event at second `n` of the job. */
export const event = (kind: JobEvent['kind'], body: unknown, n: number, device = 'bench'): JobEvent =>
  ({
    id: id(n, device),
    job,
    kind,
    at: new Date(Date.UTC(2026, 0, 5, 8) + n * 1000).toISOString(),
    actor,
    device,
    body,
  }) as JobEvent

export const opening = (n = 0): JobEvent =>
  event('job-opened', { unit: id(1, 'u'), family: 'front-loader', complaint: 'does not drain', plate: 'FL-84' }, n)

/** Step `n` of the descent, recorded at second `n`; its moves are told without what the tests do not ask for. */
export const recorded = (n: number, zone: string | undefined, ...moves: object[]): JobEvent =>
  event(
    'step-recorded',
    {
      step: {
        id: id(n, 's'),
        ...(zone && { zone }),
        photos: [],
        marks: [],
        moves: moves.map((m, i) => ({ id: id(n * 100 + i, 'm'), way: 'down', ...m })),
      },
    },
    n,
  )

const arbitraryStep = fc
  .record({
    id: fc.uuid(),
    zone: fc.constantFrom(...zones),
    moves: fc.array(arbitraryMove, { minLength: 0, maxLength: 3 }),
  })
  .map((step): Step => ({ ...step, photos: [], marks: [] }))

/** One thing a hand may do next: the choice is made by `dice` among what the state at hand offers. */
interface Act {
  act: 'step' | 'settle' | 'reopen' | 'strike' | 'reorder' | 'amend' | 'phase' | 'note'
  dice: number
  step: Step
}
export const arbitraryAct: fc.Arbitrary<Act> = fc.record({
  act: fc.constantFrom(
    'step' as const,
    'step' as const,
    'step' as const,
    'settle' as const,
    'settle' as const,
    'settle' as const,
    'reopen' as const,
    'strike' as const,
    'reorder' as const,
    'amend' as const,
    'phase' as const,
    'note' as const,
  ),
  dice: fc.nat(1_000_000),
  step: arbitraryStep,
})

/** The event of an act in a state, or the recording of its step where the state offers nothing else. */
export function eventOf(state: JobState, { act, dice, step }: Act, n: number, device: string): JobEvent {
  const pick = <T>(values: readonly T[]): T | undefined => values[dice % Math.max(1, values.length)]
  const debt = pick(state.debts.valueSeq().toArray())
  const standing = pick(state.order.toArray())
  if (act === 'settle' && debt && owedCount(debt) > 0)
    return event(
      'debt-settled',
      { debt: debt.id, how: pick(settlements), count: 1 + (dice % owedCount(debt)) },
      n,
      device,
    )
  if (act === 'reopen' && debt) {
    const how = settlements.find(s => debt.settled[s] > 0)
    if (how) return event('step-reopened', { step: debt.step, debts: [{ debt: debt.id, how, count: 1 }] }, n, device)
  }
  if (act === 'strike' && standing)
    return event('step-struck', { step: standing, reason: 'not this machine' }, n, device)
  if (act === 'reorder' && standing) {
    const i = dice % state.order.size
    const rank = (k: number) => state.steps.get(state.order.get(k) ?? '')?.rank ?? ''
    return event('step-reordered', { step: standing, rank: rankBetween(i > 0 ? rank(i - 1) : '', rank(i)) }, n, device)
  }
  if (act === 'amend' && standing) return event('step-amended', { step: { ...step, id: standing } }, n, device)
  if (act === 'phase') return event('phase-changed', { phase: pick(['descent', 'bench', 'return']) }, n, device)
  if (act === 'note') return event('note-added', { text: 'seen' }, n, device)
  return event('step-recorded', { step }, n, device)
}

/** The log that one device makes of its acts, from a state that it has seen; times are `first`, `first + stride` … */
export function logOf(from: JobState, acts: readonly Act[], device: string, first: number, stride = 1): JobEvent[] {
  let state = from
  return acts.map((act, i) => {
    const made = eventOf(state, act, first + i * stride, device)
    const folded = fold(state, made)
    if (folded.ok) state = folded.state
    return made
  })
}

/** A whole log, opened, of any acts. */
export const arbitraryLog: fc.Arbitrary<JobEvent[]> = fc.array(arbitraryAct, { maxLength: 40 }).map(acts => {
  const opened = fold(blank, opening())
  if (!opened.ok) throw new Error(refusalWords(opened.refusal))
  return [opening(), ...logOf(opened.state, acts, 'bench', 1)]
})
