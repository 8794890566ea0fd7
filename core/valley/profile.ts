import { itemKinds, type Glyph, type ItemKind } from '../items/kinds.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { glyphOf, apply } from '../moves/move.ts'
import type { ReturnStep } from '../plan/mirror.ts'

/** Pieces open of each kind. */
export type Tide = Record<ItemKind, number>

/** One tile of the Valley: a step on the way down or on the way back, at its depth. */
export interface Tile {
  step: string
  number: number
  /** How many things were open before the step; the same for both its tiles. */
  depth: number
  glyphs: Glyph[]
  state: 'done' | 'now' | 'ahead'
  /** True when it was done at a place that may be live, while the machine had power. */
  live?: true
  /** What is open after it. */
  tide: Tide
}

/** The shape of a job: the way down, the way back, and the tide after each step. */
export interface Profile {
  down: Tile[]
  back: Tile[]
  deepest: number
}

const still = (): Tide => Object.fromEntries(itemKinds.map(k => [k, 0])) as Tide

/** The profile of a job along a plan of its return. `at` is the step in hand. */
export function profile(
  state: JobState,
  plan: readonly ReturnStep[],
  at?: { step: string; way: 'down' | 'back' },
): Profile {
  let depth = 0
  let tide = still()
  /** By the number of the step: what went back in pieces has one depth. */
  const depths = new Map<number, number>()
  const down = state.order.toArray().map((id, i): Tile => {
    const step = state.steps.get(id)!
    depths.set(i + 1, depth)
    tide = { ...tide }
    for (const change of step.moves.flatMap(apply)) {
      tide[change.item] += change.count
      depth += 1
    }
    const now = at?.way === 'down' && at.step === id
    const glyphs = [...new Set(step.moves.map(glyphOf))]
    return {
      step: id,
      number: i + 1,
      depth: depths.get(i + 1)!,
      glyphs,
      state: now ? 'now' : 'done',
      tide,
      ...(step.live && { live: true as const }),
    }
  })
  const touched = plan.findLastIndex(r => r.debts.some(d => owedCount(d) < d.count))
  const back = plan.map((r, i): Tile => {
    tide = { ...tide }
    for (const debt of r.debts) tide[debt.item] -= debt.count - owedCount(debt)
    const now = at?.way === 'back' && at.step === r.step.id
    const glyphs = [...new Set(r.moves.map(m => glyphOf(m.move)))]
    const done = r.owes === 0 && (r.debts.length > 0 || i < touched)
    return {
      step: r.step.id,
      number: r.number,
      depth: depths.get(r.number)!,
      glyphs,
      state: now ? 'now' : done ? 'done' : 'ahead',
      tide,
    }
  })
  return { down, back, deepest: depth }
}
