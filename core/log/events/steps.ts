import type { List } from 'immutable'
import type * as yup from 'yup'
import { limits } from '../../schema/limits.ts'
import { count, debtId, line, listOf, oneOf, rank, shape, uuid } from '../../schema/atoms.ts'
import { debtsOf, isTouched, setDebt } from '../debts.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { owedCount, settledCount, settlements, type JobState, type StepState } from '../state.ts'
import { step as stepSchema, type Step } from '../step.ts'

/** Puts an id at the place of its rank, equal ranks by id; the end, in the usual case, costs nothing. */
function place(state: JobState, id: string, rank: string): List<string> {
  const before = (other: string) => {
    const theirs = state.steps.get(other)!.rank
    return theirs < rank || (theirs === rank && other < id)
  }
  if (state.order.isEmpty() || before(state.order.last()!)) return state.order.push(id)
  let low = 0
  let high = state.order.size
  while (low < high) {
    const middle = (low + high) >> 1
    if (before(state.order.get(middle)!)) low = middle + 1
    else high = middle
  }
  return state.order.insert(low, id)
}

const without = (state: JobState, id: string) => state.order.filter(other => other !== id)
const repeated = (step: Step) => new Set(step.moves.map(m => m.id)).size < step.moves.length

/** A step was done. It takes its place by the time at which it was done. */
export const stepRecorded = eventKind(
  'step-recorded',
  shape({ step: stepSchema.required() as unknown as yup.Schema<Step> }),
  (state, body, stamp) => {
    const step = body.step
    if (state.steps.has(step.id)) return refuse(6)
    if (repeated(step) || debtsOf(step).some(d => state.debts.has(d.id))) return refuse(14)
    const mine = stampOf(stamp)
    const recorded: StepState = {
      ...step,
      rank: mine,
      rankedAt: mine,
      writtenAt: mine,
      recordedAt: stamp.at,
      by: stamp.actor,
      later: [],
    }
    const next = { ...state, steps: state.steps.set(step.id, recorded), order: place(state, step.id, mine) }
    return accept(debtsOf(step).reduce((s, debt) => setDebt(s, debt.id, debt), next))
  },
)

/** A step is written anew. What is already back on the machine must still be in it. */
export const stepAmended = eventKind(
  'step-amended',
  shape({ step: stepSchema.required() as unknown as yup.Schema<Step> }),
  (state, body, stamp) => {
    const step = body.step
    const before = state.steps.get(step.id)
    if (!before) return refuse(4)
    if (before.struck) return refuse(5)
    if (repeated(step)) return refuse(14)
    if (stampOf(stamp) < before.writtenAt) return accept(state)
    const after = new Map(debtsOf(step).map(d => [d.id, d]))
    for (const old of debtsOf(before)) {
      const done = settledCount(state.debts.get(old.id)!)
      if (done > (after.get(old.id)?.count ?? 0)) return refuse(9, old.label)
    }
    for (const id of after.keys()) if (state.debts.has(id) && state.debts.get(id)!.step !== step.id) return refuse(14)
    let next: JobState = {
      ...state,
      steps: state.steps.set(step.id, { ...before, ...step, writtenAt: stampOf(stamp) }),
    }
    for (const old of debtsOf(before)) if (!after.has(old.id)) next = setDebt(next, old.id, undefined)
    for (const debt of after.values()) {
      const standing = state.debts.get(debt.id)
      next = setDebt(
        next,
        debt.id,
        standing ? { ...debt, settled: standing.settled, atOnce: standing.atOnce, marks: standing.marks } : debt,
      )
    }
    return accept(next)
  },
)

/** A step is taken out of the record, with its reason; it stays readable. */
export const stepStruck = eventKind(
  'step-struck',
  shape({ step: uuid().required(), reason: line().required('say why the step is struck') }),
  (state, { step: id, reason }) => {
    const step = state.steps.get(id)
    if (!step) return refuse(4)
    if (step.struck) return refuse(5)
    if (isTouched(state, step)) return refuse(9)
    const next = { ...state, steps: state.steps.set(id, { ...step, struck: reason }), order: without(state, id) }
    return accept(debtsOf(step).reduce((s, debt) => setDebt(s, debt.id, undefined), next))
  },
)

/** A step moves to another place in the order, given by its rank; the latest word wins. */
export const stepReordered = eventKind(
  'step-reordered',
  shape({ step: uuid().required(), rank: rank().required() }),
  (state, { step: id, rank }, stamp) => {
    const step = state.steps.get(id)
    if (!step) return refuse(4)
    if (step.struck) return refuse(5)
    if (stampOf(stamp) < step.rankedAt) return accept(state)
    const steps = state.steps.set(id, { ...step, rank, rankedAt: stampOf(stamp) })
    const lifted = { ...state, steps, order: without(state, id) }
    return accept({ ...lifted, order: place(lifted, id, rank) })
  },
)

/** Things of a step that were settled come off again, and are owed again. */
export const stepReopened = eventKind(
  'step-reopened',
  shape({
    step: uuid().required(),
    reason: line(),
    debts: listOf(
      shape({
        debt: debtId().required(),
        how: oneOf(settlements).required(),
        count: count().required(),
        marks: listOf(uuid().required(), limits.marks),
      }).required(),
      limits.debts,
    ).required(),
  }),
  (state, { step: id, debts }) => {
    const step = state.steps.get(id)
    if (!step) return refuse(4)
    let next = state
    for (const { debt: name, how, count, marks } of debts) {
      const debt = next.debts.get(name)
      if (!debt || debt.step !== id) return refuse(7)
      if (debt.settled[how] < count) return refuse(10, debt.label)
      next = setDebt(next, name, {
        ...debt,
        settled: { ...debt.settled, [how]: debt.settled[how] - count },
        marks: marks
          ? debt.marks.filter(m => !marks.includes(m))
          : owedCount(debt) + count === debt.count
            ? []
            : debt.marks,
      })
    }
    return accept(next)
  },
)
