import { owedCount, settledOf, type JobState } from '../log/state.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { tapRuns, type SafeAct } from '../safe/sequence.ts'
import { notHere, toldOf } from '../safe/told.ts'
import { text } from '../words/language.ts'
import { does, happens, says, type Act } from './act.ts'
import { strikeAgain, withdrawAgain } from './undo.ts'

/** An act before the first cover is done, in one of its ways: a step of its own, or a check where it owes nothing. `id` gives new ids. */
export function doSafely(act: SafeAct, id: () => string, way = 0, note?: string): Act {
  const told = act.moves[way]
  if (!told) return says('check-done', { check: toldOf(act.id), passed: true })
  const move = { id: id(), way: 'down', ...told, ...(note && { note }) } as Move
  return says('step-recorded', {
    step: { id: id(), title: text(act.say), zone: act.zone, photos: [], marks: [], moves: [move] },
  })
}

/** A tap runs on when its joint is eased: the water is shut off elsewhere. */
export const tapRunsOn = (act: SafeAct, id: () => string): Act => doSafely(act, id, 0, tapRuns)

/** The machine does not have it: nothing to do, nothing owed. */
export const notOnThisMachine = (act: SafeAct): Act =>
  says('check-done', { check: toldOf(act.id), passed: true, note: notHere })

/**
 * The plug is pulled again, or the tap shut, after it was on: what shut it off before is owed anew, so that it comes on again last; where
 * nothing did, that is recorded now. `id` gives new ids.
 */
export function shutOff(state: JobState, what: 'water' | 'power', id: () => string): Act {
  const settled = state.order.toArray().flatMap(step =>
    state.steps.get(step)!.moves.flatMap(m => {
      const debt = traitsOf(m).restores === what ? state.debts.get(m.id) : undefined
      return debt && owedCount(debt) === 0 ? [{ step, debts: settledOf(debt) }] : []
    }),
  )
  if (settled.length) return does(...settled.map(of => happens('step-reopened', { ...of, reason: 'shut off again' })))
  const isolate = { id: id(), way: 'down', kind: 'isolate', what: what === 'power' ? 'power' : 'cold water' } as const
  const step = { id: id(), zone: 'outside', photos: [], marks: [], moves: [isolate] }
  return says('step-recorded', { step })
}

/** What was done before the first cover was not so. Nothing where it was not said. */
export function undoSafely(state: JobState, { by }: SafeAct): Act {
  if (!by) return does()
  return state.steps.has(by) ? strikeAgain(by) : withdrawAgain(by)
}
