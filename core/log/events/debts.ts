import { stillOn } from '../../fit/still-on.ts'
import { limits } from '../../schema/limits.ts'
import { count, debtId, listOf, oneOf, shape, uuid } from '../../schema/atoms.ts'
import { setDebt } from '../debts.ts'
import { entryBodies } from '../entry.ts'
import { eventKind } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { owedCount, settlements } from '../state.ts'
import { list } from '../../words/phrase.ts'

/** The old part leaves the bench. It cannot leave clean while something of it is owed on the new one. */
export const oldPartLeft = eventKind(
  'old-part-left',
  entryBodies['old-part-left'],
  (state, body, { id, at, actor }) => {
    const still = stillOn(state, body.move)
    if (body.clean && still.length) return refuse(26, list(still.map(d => d.label)))
    return accept({ ...state, entries: state.entries.set(id, { kind: 'old-part-left', at, by: actor, body }) })
  },
)

/** So many of a debt are settled: refitted, replaced with new, scrapped, or missing before we came. */
export const debtSettled = eventKind(
  'debt-settled',
  shape({
    debt: debtId().required(),
    how: oneOf(settlements).required(),
    count: count().required(),
    /** The marks that were tapped for it. */
    marks: listOf(uuid().required(), limits.marks),
  }),
  (state, { debt: id, how, count, marks = [] }, { at }) => {
    const debt = state.debts.get(id)
    if (!debt) return refuse(7)
    if (count > owedCount(debt)) return refuse(8, debt.label)
    if (marks.some(m => debt.marks.includes(m))) return refuse(16)
    const step = state.steps.get(debt.step)!
    const backFrom = step.backFrom && step.backFrom < at ? step.backFrom : at
    const backTo = step.backTo && step.backTo > at ? step.backTo : at
    const timed = { ...state, steps: state.steps.set(step.id, { ...step, backFrom, backTo }) }
    return accept(
      setDebt(timed, id, {
        ...debt,
        settled: { ...debt.settled, [how]: debt.settled[how] + count },
        atOnce: debt.atOnce + (count > 1 ? count : 0),
        marks: [...debt.marks, ...marks].sort(),
      }),
    )
  },
)
