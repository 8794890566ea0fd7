import type { Assembly } from '../assembly/assembly.ts'
import { isWeighty } from '../assembly/catalogue.ts'
import { entriesOf } from '../log/entry.ts'
import { owedCount, type Debt, type JobState, type StepState } from '../log/state.ts'
import type { Posture } from '../machine/postures.ts'
import { homeOf } from '../machine/stance.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import type { Arc } from './arc.ts'
import { turnsOf, type Holding, type Instance } from './instance.ts'
import type { ReturnMove, ReturnStep } from './mirror.ts'
import { onlyTurns, piecesOf } from './pieces.ts'

const turnOf = (move: Move) => traitsOf(move).turns
/**
 * True when a step only turns the machine, with what that needs under it or over it: it is a fact of the descent and has no step of its own
 * on the way back. One whose turn is taken back already is no turn any more: what it left in is taken away by itself.
 */
export const isTurn = (r: ReturnStep): boolean =>
  onlyTurns(r.step.moves) &&
  (r.owes === 0 || r.moves.some(m => turnOf(m.move) !== undefined && m.debts.some(d => owedCount(d) > 0)))

/** In which posture each step was done, and each piece of one by its own id: as it was told, else after the turns before it. */
export function posturesOf(state: JobState): Map<string, Posture> {
  const found = new Map<string, Posture>()
  let at = homeOf(state)
  for (const id of state.order) {
    const step = state.steps.get(id)!
    const turns = step.moves.some(turnOf)
    // What was told of a step that turns the machine is how it stood before.
    const told = turns ? undefined : (step.posture as Posture | undefined)
    found.set(id, told ?? at)
    for (const piece of piecesOf(step)) {
      at = piece.moves.flatMap(m => turnOf(m) ?? []).at(-1)?.to ?? at
      found.set(piece.id, told ?? at)
    }
  }
  return found
}

/**
 * The posture that each step of the way back needs: that in which it was done. What is joined on the bench needs none; what brings water
 * or power on, and what puts it back to its wall, needs the machine as it stood.
 */
export function needsOf(state: JobState, rest: readonly ReturnStep[], arcs: readonly Arc[]): (Posture | '')[] {
  const postures = posturesOf(state)
  const home = homeOf(state)
  const onBench = new Set(arcs.filter(a => a.reason === 'rides on').map(a => a.first))
  return rest.map(r => {
    if (needsHome(r)) return home
    if (onlyTurns(r.step.moves)) return ''
    return onBench.has(r.step.id) ? '' : postures.get(r.step.id)!
  })
}

const needsHome = (r: ReturnStep) => r.step.moves.some(m => traitsOf(m).restores || traitsOf(m).wall)
/** The step for which the plan turns the machine at a place of it, where that could be done otherwise; what brings power or water on cannot. */
export function turnedFor(plan: readonly ReturnStep[], at: number): ReturnStep | null {
  const next = plan.slice(at + 1).find(r => !r.turn && r.owes > 0)
  return next && !needsHome(next) ? next : null
}

/** The postures in which each step can be done as well, as people said; none where nobody said anything. */
export function alsoIn(state: JobState, rest: readonly ReturnStep[]): readonly (readonly Posture[])[] | undefined {
  const said = entriesOf(state, 'posture-allowed')
  if (said.length === 0) return undefined
  return rest.map(r => {
    const own = said.flatMap(({ body }) => (body.step === r.step.id ? [body.posture] : []))
    return needsHome(r) ? [] : [...new Set(own)]
  })
}

/**
 * What is not light, and the steps that are left of those that bring it to its seat and fasten it. What was unfastened where it is and never
 * came off counts where it can be fastened again as the machine lay last: else no order helps, and it is asked about before the turn. Of what
 * nobody knows how heavy it is the plan makes nothing.
 */
export function holdingsOf(
  state: JobState,
  assembly: Assembly,
  rest: readonly ReturnStep[],
): (Holding & { part: string })[] {
  const index = new Map(rest.map((r, i) => [r.step.id, i]))
  const postures = posturesOf(state)
  // How it lay when the last thing came off, however it has been turned since: what counts does not change along the way back.
  const last = state.order.findLast(id => !state.steps.get(id)!.moves.every(turnOf))
  const lay = postures.get(last ?? '')
  return assembly.parts.flatMap(part => {
    if (!isWeighty(part.mass)) return []
    const fasteners = assembly.liaisons.filter(l => l.kind === 'fastens' && l.part === part)
    if (part.step === null && !fasteners.some(l => postures.get(l.step) === lay)) return []
    const by = [...new Set(fasteners.flatMap(l => index.get(l.step) ?? []))]
    return by.length ? [{ part: part.name.text, seat: index.get(part.step ?? '') ?? -1, by }] : []
  })
}

/** What the turns of a return come from: the debts of recorded turns that are still owed, the last one first, with their moves. */
interface Owed {
  step: StepState
  number: number
  move: Move
  debt: Debt
  from: Posture
  /** Debts of the same step that are settled. */
  also: readonly Debt[]
  /** What the turn has under it or over it, and goes with it. */
  besides: readonly ReturnMove[]
}

const owedTurns = (turns: readonly ReturnStep[]): Owed[] =>
  turns.flatMap(({ step, number, moves, debts }) => {
    const turning = moves.filter(m => turnOf(m.move) !== undefined)
    const owed = turning.flatMap(({ move, debts }) =>
      // The move is the inverse: it leads back to where the recorded turn came from.
      debts
        .filter(d => owedCount(d) > 0)
        .map(debt => ({ step, number, move, debt, from: turnOf(move)!.to, also: [], besides: [] })),
    )
    // What of the same step is back already stays with it, and what is under the machine goes with its first turn.
    const besides = moves.filter(m => !turning.includes(m) && m.debts.some(d => owedCount(d) > 0))
    const also = debts.filter(d => owedCount(d) === 0)
    return owed.map((o, i) => (i === 0 ? { ...o, also, besides } : o))
  })

/** The id of a turn that nobody recorded: that of the step for which it is made, told from it by its first digit. */
const anew = (id: string, n: number): string =>
  `${((Number.parseInt(id[0]!, 16) + 1 + n) % 16).toString(16)}${id.slice(1)}`

/** One step that settles recorded turns at once; their moves are one: that of the first of them. What was under the machine goes with it. */
function turnStep(settled: readonly Owed[]): ReturnStep {
  const { step, number, move } = settled.at(-1)!
  const turned = settled.flatMap(t => [t.debt, ...t.also])
  const besides = settled.flatMap(t => t.besides)
  const debts = [...besides.flatMap(m => m.debts), ...turned]
  const owes = debts.reduce((sum, d) => sum + owedCount(d), 0)
  return { step, number, moves: [...besides, { move, debts: turned }], debts, owes }
}

/**
 * The order with its turns: one before each step that needs another posture, and one home. A turn settles every recorded turn that led
 * away from where it leads, so what was turned only to knock something loose has no counterpart. `turns` are the recorded ones.
 */
export function withTurns(
  order: readonly number[],
  rest: readonly ReturnStep[],
  turns: readonly ReturnStep[],
  on: Instance,
  holdings: readonly (Holding & { part: string })[],
): ReturnStep[] {
  const done: ReturnStep[] = []
  let stack = owedTurns(turns)
  let stands = on.stands as Posture
  let extra = 0
  /** Steps since the last turn that need the machine as it stands. */
  let here: string[] = []
  const secures = holdings.map(h => ({
    part: h.part,
    seat: h.seat < 0 ? null : rest[h.seat]!.step.id,
    by: h.by.map(s => rest[s]!.step.id),
  }))
  /** A turn that is needed for a step: one that takes recorded turns back, else one that nobody recorded. */
  const turn = (to: Posture | '', { step, number }: ReturnStep) => {
    if (to === '' || to === stands) return
    // All that led away from the posture to which it leads.
    const settled = stack.slice(0, stack.findLastIndex(t => t.from === to) + 1)
    stack = stack.slice(settled.length)
    const planned = { from: stands, to, before: here, secures }
    here = []
    if (settled.length) done.push({ ...turnStep(settled), turn: planned })
    else {
      const move: Move = { id: step.id, kind: 'turn-machine', way: 'back', from: stands, to }
      const own = { ...step, id: anew(step.id, extra++), zone: 'outside', moves: [], marks: [], photos: [], later: [] }
      done.push({ step: own, number, moves: [{ move, debts: [] }], debts: [], owes: 1, turn: planned })
    }
    stands = to
  }
  const { along } = turnsOf(on, order)
  for (const [i, s] of order.entries()) {
    const r = rest[s]!
    turn(along[i] as Posture | '', r)
    done.push(r)
    if (along[i] !== '') here.push(r.step.id)
  }
  const last = done.at(-1) ?? turns[0]
  if (last) turn(on.home as Posture | '', last)
  if (stack.length === 0) return done
  // It was turned and turned back before anything else came off: that it stands as it stood is looked at once, before anything comes on.
  const before = done.findLastIndex(r => !r.step.moves.some(m => traitsOf(m).restores)) + 1
  return done.toSpliced(before, 0, { ...turnStep(stack), turn: { from: stands, to: stands, before: [], secures: [] } })
}
