import type { JobState, StepState } from '../log/state.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { describe } from '../moves/move.ts'
import { gates, shutIn } from '../plan/gates.ts'
import type { Family } from '../machine/families.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { openDebts, stillOwed } from './open-debts.ts'

/** Things that lie together: in a cell, against a wall, on the machine still. */
export interface Lying {
  where: string
  things: { debt: string; step: string; label: string }[]
}
/** How a job stands for somebody who comes back to it. */
export interface Standing {
  posture: Posture
  isolated: string[]
  open: string[]
  lying: Lying[]
  /** The steps that were done last, down or back, the latest first. */
  last: { step: StepState; number: number; way: 'down' | 'back'; at: string }[]
  /** What to do first, in the order in which it matters. */
  first: string[]
}

const onMachine = new Set(['slack', 'open', 'parked', 'placed', 'turned', 'isolated', 'owed'])

/** Where everything that is off lies: cells first, then places that were told, then what is not off but open, then what nobody said. */
function lyingOf(state: JobState): Lying[] {
  const places = new Map<string, Lying['things']>()
  for (const debt of openDebts(state)) {
    if (debt.item === 'isolation' || debt.item === 'posture') continue
    const move = state.steps.get(debt.step)!.moves.find(m => m.id === debt.move)!
    const told = 'part' in move ? move.part.lies : undefined
    const where = debt.cell
      ? `cell ${debt.cell}`
      : (told ?? (onMachine.has(debt.state) ? 'on the machine' : 'not said'))
    places.set(where, [...(places.get(where) ?? []), { debt: debt.id, step: debt.step, label: stillOwed(debt) }])
  }
  const rank = (w: string) => (w.startsWith('cell ') ? 0 : w === 'on the machine' ? 2 : w === 'not said' ? 3 : 1)
  return [...places]
    .map(([where, things]) => ({ where, things }))
    .sort((a, b) => rank(a.where) - rank(b.where) || a.where.localeCompare(b.where, 'en', { numeric: true }))
}

/** What somebody needs to know who comes back to a job after days, or takes it over. `plan` is its return. */
export function standing(state: JobState, family: Family, plan: readonly ReturnStep[], most = 3): Standing {
  const { posture, isolated, open } = stance(state)
  const number = new Map(state.order.toArray().map((id, i) => [id, i + 1]))
  const done = state.order.toArray().flatMap(id => {
    const step = state.steps.get(id)!
    const n = number.get(id)!
    return [
      { step, number: n, way: 'down' as const, at: step.recordedAt },
      ...(step.backTo ? [{ step, number: n, way: 'back' as const, at: step.backTo }] : []),
    ]
  })
  const next = plan.find(r => r.owes > 0)
  const down = ['intake', 'descent'].includes(state.phase.name)
  const first = [
    open.length > 0 && !isolated.includes('power') && 'Pull the plug before you reach in: power is not isolated.',
    posture !== 'upright' && `Check how it stands before you touch it: it is ${posture}.`,
    ...shutIn(gates(family, plan)).map(
      s => `Open again what was closed too early: ${s.debts.map(stillOwed).join(', ')}.`,
    ),
    state.phase.waitsFor && `Hold the new ${state.phase.waitsFor} against the old part: holes, plug, number.`,
    down ? 'Go on with the way down.' : next && describe(next.moves[0]!.move),
    !down && !next && 'Nothing is owed: prove it, then close.',
  ].filter(words => typeof words === 'string')
  return {
    posture,
    isolated,
    open,
    lying: lyingOf(state),
    last: done.sort((a, b) => (a.at < b.at ? 1 : -1)).slice(0, most),
    first,
  }
}
