import type { JobState, StepState } from '../log/state.ts'
import type { Posture } from '../machine/postures.ts'
import { stance } from '../machine/stance.ts'
import { act } from '../moves/move.ts'
import { gates, shutIn } from '../plan/gates.ts'
import type { Family } from '../machine/families.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { join, say, type Phrase } from '../words/phrase.ts'
import { openDebts, stillOwed } from './open-debts.ts'

/** Things that lie together: in a cell, against a wall, on the machine still. */
export interface Lying {
  /** In a cell of the tray, at a place that was told, on the machine still, or nobody said. */
  at: 'cell' | 'told' | 'machine' | 'not said'
  where: Phrase
  things: { debt: string; step: string; label: Phrase }[]
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
  first: Phrase[]
}

const onMachine = new Set(['slack', 'open', 'parked', 'placed', 'turned', 'isolated', 'owed'])

/** Where everything that is off lies: cells first, then places that were told, then what is not off but open, then what nobody said. */
function lyingOf(state: JobState): Lying[] {
  const places = new Map<string, Lying>()
  for (const debt of openDebts(state)) {
    if (debt.item === 'isolation' || debt.item === 'posture') continue
    const move = state.steps.get(debt.step)!.moves.find(m => m.id === debt.move)!
    const told = 'part' in move ? move.part.lies : undefined
    const at = debt.cell ? 'cell' : told ? 'told' : onMachine.has(debt.state) ? 'machine' : 'not said'
    const key = `${ranks.indexOf(at)} ${debt.cell ?? told ?? ''}`
    const lying = places.get(key) ?? { at, where: whereOf(at, debt.cell ?? told ?? ''), things: [] }
    lying.things.push({ debt: debt.id, step: debt.step, label: stillOwed(debt) })
    places.set(key, lying)
  }
  return [...places].sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true })).map(([, lying]) => lying)
}
const ranks = ['cell', 'told', 'machine', 'not said'] as const
const whereOf = (at: Lying['at'], place: string): Phrase =>
  at === 'cell' ? say`cell ${place}` : at === 'told' ? place : at === 'machine' ? say`on the machine` : say`not said`

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
    open.length > 0 && !isolated.includes('power') && say`Pull the plug before you reach in: power is not isolated.`,
    posture !== 'upright' && say`Check how it stands before you touch it: it is ${{ say: posture }}.`,
    ...shutIn(gates(family, plan)).map(
      s => say`Open again what was closed too early: ${join(', ', ...s.debts.map(stillOwed))}.`,
    ),
    state.phase.waitsFor && say`Hold the new ${state.phase.waitsFor} against the old part: holes, plug, number.`,
    down ? say`Go on with the way down.` : next && act(next.moves[0]!.move),
    !down && !next && say`Nothing is owed: prove it, then close.`,
  ].filter(words => typeof words === 'object')
  return {
    posture,
    isolated,
    open,
    lying: lyingOf(state),
    last: done.sort((a, b) => (a.at < b.at ? 1 : -1)).slice(0, most),
    first,
  }
}
