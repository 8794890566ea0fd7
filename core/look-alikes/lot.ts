import { knownAt } from '../assembly/named.ts'
import type { Connector } from '../items/connector.ts'
import type { Fastener } from '../items/fastener.ts'
import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import type { Move } from '../moves/registry.ts'

/** One group that came off together: like fasteners, or one plug. */
export interface Lot {
  /** Id of its move. */
  id: string
  /** Number of its step in the descent; 1 is the first. */
  stepNumber: number
  count: number
  fastener?: Fastener | undefined
  connector?: Connector | undefined
  cell?: string | undefined
  place?: string | undefined
  zone?: string | undefined
  /** The known parts at its place, by their usual names. */
  things: readonly string[]
  /** True when a photo of the step shows it with a mark. */
  marked: boolean
}

/** The lot that a move makes; `null` when it takes off neither fasteners nor a plug. Slack fasteners stay in: they are no lot. */
export function lotOf(move: Move, step: Step, stepNumber: number, family: Family): Lot | null {
  const marked = step.marks.some(m => m.move === move.id)
  const { id, cell, place } = move
  const things = knownAt(move, family, step.zone)
  const at = { id, stepNumber, cell, place, zone: step.zone, things, marked }
  if (move.kind === 'remove-fasteners') return { ...at, count: move.count, fastener: move.fastener }
  if (move.kind === 'unplug') return { ...at, count: 1, connector: move.connector }
  return null
}

/** The lots that are off the machine, in the order of the descent, and those of a step in hand after them. */
export function lotsOf(state: JobState, inHand?: Step): Lot[] {
  const family = state.opened?.family ?? 'front-loader'
  const lots = state.order
    .toArray()
    .flatMap((id, i) =>
      state.steps
        .get(id)!
        .moves.flatMap(m => (state.owing.has(m.id) ? (lotOf(m, state.steps.get(id)!, i + 1, family) ?? []) : [])),
    )
  const fresh = inHand?.moves.flatMap(m => lotOf(m, inHand, state.order.size + 1, family) ?? []) ?? []
  return [...lots, ...fresh]
}
