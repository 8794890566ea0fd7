import { isBack, owedCount, settlements, type Debt, type JobState, type Settlement } from '../log/state.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { traitsOf } from '../moves/registry.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import type { Reopened } from '../plan/reopening.ts'
import type { PlannedTurn } from '../plan/turn.ts'
import { patternOf } from '../tighten/pattern.ts'
import { cannot, does, happens, says, together, type Act } from './act.ts'
import { turnTo } from './phases.ts'
import { recordStep } from './steps.ts'

/** How a debt is usually settled: a new tie is new, and so is what was found spoilt and what was recorded as renewed; the rest goes back. */
function usualSettlement(state: JobState, debt: Debt): Settlement {
  const move = state.steps.get(debt.step)?.moves.find(m => m.id === debt.move)
  const isRenewed = move && debt.id === move.id && traitsOf(move).renews !== undefined
  return debt.item === 'consumable' || debt.renew || isRenewed ? 'replaced' : 'refitted'
}

/** Settles so many of a debt; the first one of a job turns it to the return. */
export const settle = (
  state: JobState,
  debt: Debt,
  how: Settlement = usualSettlement(state, debt),
  count = 1,
  marks: readonly string[] = [],
): Act =>
  together(
    turnTo(state, 'return'),
    says('debt-settled', { debt: debt.id, how, count, ...(marks.length && { marks: [...marks] }) }),
  )

/** The marks of a debt that stand for one piece each. */
const singleMarks = (r: ReturnStep, debt: Debt) => r.step.marks.filter(m => m.move === debt.id && m.path.length === 1)

/** The mark of the piece that goes on next, in the tightening order; none where not every piece of the debt has its own mark. */
export function nextMark(r: ReturnStep, debt: Debt): string | undefined {
  const move = r.step.moves.find(m => m.id === debt.move)
  const order = (move && patternOf(r.step, move)?.marks) ?? []
  const own = singleMarks(r, debt).sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id))
  return own.length >= debt.count ? own.find(m => !debt.marks.includes(m.id))?.id : undefined
}

/** The recorded turns that are taken back when the machine stands so again, whatever the plan had before: all that led away from there. */
function turnsTo(state: JobState, to: Posture): Debt[] {
  const owed = state.order
    .toArray()
    .flatMap(id => state.steps.get(id)!.moves.flatMap(m => (traitsOf(m).turns && state.owing.has(m.id) ? m : [])))
  const first = owed.findIndex(m => traitsOf(m).turns!.from === to)
  return first < 0 ? [] : owed.slice(first).flatMap(m => state.debts.get(m.id) ?? [])
}

/** The machine is turned as the plan says: every recorded turn that this takes back is settled, all of them or none. */
function turnBack(state: JobState, to: Posture, besides: readonly Debt[] = []): Act {
  const debts = new Map([...besides, ...turnsTo(state, to)].map(d => [d.id, d]))
  const owed = [...debts.values()].filter(d => owedCount(d) > 0)
  return together(
    turnTo(state, 'return'),
    does(...owed.map(d => happens('debt-settled', { debt: d.id, how: 'refitted', count: owedCount(d) }))),
  )
}

/**
 * The machine is turned once more, as nobody recorded it: from how it stands now, whatever the plan had before; a step of its own, which is
 * owed until it stands as it stood. Where it stood so before, that is taken back; where it stands so, nothing is done. `step` and `move` are
 * new ids.
 */
export function turnAnew(state: JobState, { to }: Pick<PlannedTurn, 'to'>, step: string, move: string): Act {
  const { posture: from } = stance(state)
  if (from === to) return does()
  if (turnsTo(state, to).length) return turnBack(state, to)
  return together(
    turnTo(state, 'return'),
    recordStep(state, {
      id: step,
      zone: 'outside',
      photos: [],
      marks: [],
      moves: [{ id: move, kind: 'turn-machine', way: 'down', from, to }],
    }),
  )
}

/** Settles the next piece of a step of the return, in the order of its moves; a turn at once. Nothing where the step owes nothing. */
export function settleNext(state: JobState, r: ReturnStep, how?: Settlement): Act {
  if (r.turn) return turnBack(state, r.turn.to, r.debts)
  const debt = r.debts.find(d => owedCount(d) > 0)
  if (!debt) return does()
  const mark = nextMark(r, debt)
  return settle(state, debt, how, 1, mark ? [mark] : [])
}

/** Settles all that is left of a debt at once. */
export function settleRest(state: JobState, r: ReturnStep, debt: Debt, how?: Settlement): Act {
  const marks = singleMarks(r, debt).flatMap(m => (debt.marks.includes(m.id) ? [] : [m.id]))
  return settle(state, debt, how, owedCount(debt), marks.length === owedCount(debt) ? marks : [])
}

/** Gives one piece back: it is off the machine again. Nothing where none is settled. */
function giveBack(debt: Debt, mark?: string): Act {
  const how = settlements.find(h => debt.settled[h] > 0)
  if (!how) return does()
  return says('step-reopened', {
    step: debt.step,
    debts: [{ debt: debt.id, how, count: 1, marks: mark ? [mark] : [] }],
  })
}

/** A mark on the photo of a return step is touched: its piece goes on, or comes off again where it was on. */
export function touchMark(state: JobState, r: ReturnStep, id: string): Act {
  const mark = r.step.marks.find(m => m.id === id)
  const debt = state.debts.get(mark?.move ?? '')
  if (!mark || !debt) return cannot(7)
  const own = mark.path.length === 1 ? id : undefined
  return isBack(debt, id) ? giveBack(debt, own) : settle(state, debt, undefined, 1, own ? [own] : [])
}

/** Steps of the return are opened again, the latest first, with one reason for all. */
export const openAgain = (steps: readonly Reopened[], reason: string): Act =>
  does(...steps.map(({ step, debts }) => happens('step-reopened', { step, debts, reason })))
