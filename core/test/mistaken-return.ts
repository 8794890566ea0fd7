import { paceOf, stepMinutes } from '../finder/evidence.ts'
import { find, plainReverse, sure } from '../finder/find.ts'
import { matchFastener } from '../finder/known.ts'
import type { Question } from '../finder/places.ts'
import type { Fastener } from '../items/fastener.ts'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import type { Debt, JobState } from '../log/state.ts'
import type { Move } from '../moves/registry.ts'
import { planReturn, type ReturnPlan } from '../plan/plan.ts'
import { event } from './arbitrary-log.ts'
import { dice, type Dice } from './dice.ts'
import { machineState } from './generated-machine.ts'

export type Mistake = 'skipped' | 'swapped' | 'left on the old part'
/** A whole return with one hidden mistake, as it looks to who stands before the closed machine. */
export interface MistakenReturn {
  mistake: Mistake
  state: JobState
  plan: ReturnPlan
  question: Question
  /** The place where the search ends. */
  truth: string
}
type Group = { debt: Debt; move: Extract<Move, { kind: 'remove-fasteners' }>; hurried: boolean; atOnce: boolean }

/** What somebody says of a fastener in the hand: most attributes, a length a millimetre off now and then. */
function observed(d: Dice, f: Fastener): Fastener {
  const length = f.length === undefined ? undefined : f.length + (d.hit(0.25) ? d.pick([-1, 1]) : 0)
  return {
    ...(f.drive && d.hit(0.9) && { drive: f.drive, ...(f.size && d.hit(0.9) && { size: f.size }) }),
    ...(length !== undefined && d.hit(0.7) && { length }),
  }
}

/**
 * A return of a generated machine in which one thing went wrong: likelier where it was hurried or said back all at once, by other
 * figures than the Finder reckons with. Null where the machine offers no such mistake.
 */
export function mistakenReturn(seed: number): MistakenReturn | null {
  const d = dice(seed * 7919 + 5)
  const start = machineState(seed, d.int(20, 45))
  const first = planReturn(start, 'front-loader')
  if (first.contradiction) return null
  const log: JobEvent[] = []
  const groups: Group[] = []
  let clock = 20_000
  for (const r of first.steps) {
    const hurried = d.hit(0.25)
    for (const { move, debts } of r.moves)
      for (const debt of debts) {
        const atOnce = debt.count > 1 && d.hit(0.35)
        const each = () => 30 * (hurried ? 0.45 : 1) * (0.6 + 0.8 * d())
        for (let left = debt.count; left > 0;) {
          const count = atOnce ? left : 1
          for (let i = 0; i < count; i++) clock += each()
          log.push(event('debt-settled', { debt: debt.id, how: 'refitted', count }, clock, 'back'))
          left -= count
        }
        if (move.kind === 'remove-fasteners' && debt.count > 0) groups.push({ debt, move, hurried, atOnce })
      }
  }
  const { state } = foldAll(
    log.map((e, i) => ({ ...e, id: `${e.id.slice(0, 24)}${i.toString(16).padStart(12, '0')}` })),
    start,
  )
  const plan = planReturn(state, 'front-loader')
  const chosen = (of: readonly Group[]): Group | undefined => {
    const weights = of.map(g => g.debt.count * (g.hurried ? 2 : 1) * (g.atOnce ? 1.8 : 1))
    let at = d() * weights.reduce((a, b) => a + b, 0)
    return of.find((_, i) => (at -= weights[i]!) <= 0)
  }
  const mistake = d.pick<Mistake>(['skipped', 'skipped', 'swapped', 'swapped', 'left on the old part'])
  const truth = chosen(groups)
  if (!truth) return null
  const left = { item: 'fastener' as const, fastener: observed(d, truth.move.fastener) }
  const story = { mistake, state, plan }
  if (mistake === 'skipped') return { ...story, question: { asks: 'left over', known: left }, truth: truth.debt.id }
  if (mistake === 'swapped') {
    const after = groups.slice(groups.indexOf(truth) + 1)
    const alike = after.filter(g => matchFastener(g.move.fastener, truth.move.fastener) > 0.015)
    if (alike.length === 0) return null
    return { ...story, question: { asks: 'swap', known: left, short: d.pick(alike).debt.id }, truth: truth.debt.id }
  }
  const replaced = plan.steps.flatMap(r => r.moves.flatMap(m => (m.move.kind === 'replace-part' ? [m.move] : [])))
  if (replaced.length === 0) return null
  return { ...story, question: { asks: 'one short', short: truth.debt.id }, truth: `old:${d.pick(replaced).id}` }
}

/** The rank of the true place, and the minutes until it is found: by the Finder's order, and by undoing in plain reverse. */
export function searched(
  { state, plan, question, truth }: MistakenReturn,
  seed: number,
): { rank: number; minutes: number; plain: number } {
  const d = dice(seed + 101)
  const finding = find(state, 'front-loader', plan, question)
  const rank = finding.places.findIndex(p => p.id === truth) + 1
  let minutes = 0
  let found = false
  for (const round of [finding.order, finding.order.filter(s => s.place)])
    for (const step of round) {
      if (found) break
      minutes += step.minutes
      found = step.id === truth && d.hit(sure)
    }
  const step = finding.places.find(p => p.id === truth)?.step
  const back = plainReverse(plan.steps, paceOf(plan.steps, stepMinutes(plan.steps)))
  const plain = truth.startsWith('old:') ? back.all + 0.5 : (back.at.get(step ?? '') ?? back.all)
  return { rank, minutes, plain }
}

/** The share of sorted figures below which so much of them lies. */
export const quantile = (of: readonly number[], share: number): number =>
  of.toSorted((a, b) => a - b)[Math.min(of.length - 1, Math.floor(of.length * share))] ?? NaN
