import { settledCount, type Debt, type JobState } from '../log/state.ts'
import { subject } from '../moves/move.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { say, type Phrase } from '../words/phrase.ts'
import type { Assembly, Liaison, Part } from './assembly.ts'
import { bonds, type Bond } from './bond.ts'
import { rules } from './rules.ts'

/** Where a part is now. */
export type Whereabouts = 'on the machine' | 'off' | 'parked' | 'a new one on' | 'scrapped' | 'missing' | 'unfastened'

/** Something that binds a part, as it is shown. */
export interface Bound {
  kind: Bond
  step: string
  move: string
  /** What it is, as a noun phrase: `three T20 × 18, pump`. */
  thing: Phrase
  /** From what it follows, and whether that is sure. */
  why: Phrase
  sure: boolean
  /** True where it is back on, or never came off. */
  isBack: boolean
}
/** A part with everything that is known of it. */
export interface PartView {
  part: Part
  /** All the names under which it was said, its usual one first. */
  names: readonly string[]
  where: Whereabouts
  /** The cell or the place where it lies. */
  lies: Phrase | null
  bound: Readonly<Record<Bond, readonly Bound[]>>
  /** What was reached only after it had come off: it may lie under it. */
  hides: readonly Bound[]
  /** The parts that it binds itself: on which it rides, under which it lies. */
  onto: readonly { kind: Bond; part: Part }[]
}

/** The name by which a part is asked for: its move, or its usual name where it never came off. */
export const partKey = ({ move, name }: Part): string => move ?? `in place: ${name.text}`

function whereOf(debt: Debt | undefined, part: Part): Whereabouts {
  if (part.move === null) return 'unfastened'
  if (!debt || settledCount(debt) < debt.count) return debt?.state === 'parked' ? 'parked' : 'off'
  const { replaced, scrapped, missing } = debt.settled
  return replaced ? 'a new one on' : scrapped ? 'scrapped' : missing ? 'missing' : 'on the machine'
}

const moveOf = (state: JobState, step: string, move: string): Move | undefined =>
  state.steps.get(step)?.moves.find(m => m.id === move)

/** What is known of a part: its names, where it is, what binds it, what it hides. O(liaisons + steps). */
export function partView(state: JobState, { liaisons, under }: Assembly, part: Part): PartView {
  const shown = (l: Pick<Liaison, 'kind' | 'step' | 'move' | 'source' | 'rule'>): Bound[] => {
    const move = moveOf(state, l.step, l.move)
    if (!move) return []
    const debt = state.debts.get(l.move)
    return [
      {
        kind: l.kind,
        step: l.step,
        move: l.move,
        thing: subject(move),
        why: rules[l.rule],
        sure: l.source !== 'derived',
        isBack: debt !== undefined && settledCount(debt) === debt.count,
      },
    ]
  }
  const own = liaisons.filter(l => l.part === part)
  const bound = Object.fromEntries(
    bonds.map(kind => [kind, own.filter(l => l.kind === kind).flatMap(shown)]),
  ) as unknown as PartView['bound']
  const named = new Set(own.map(l => l.move))
  const hides = state.order.toArray().flatMap(step => {
    if (!part.step || !under.get(step)?.includes(part.step)) return []
    return state.steps
      .get(step)!
      .moves.filter(m => !named.has(m.id) && !traitsOf(m).turns)
      .flatMap(m => shown({ kind: 'lies under', step, move: m.id, source: 'derived', rule: 'reached after' }))
  })
  const move = part.step && part.move ? moveOf(state, part.step, part.move) : undefined
  const told = move && 'part' in move ? move.part.lies : undefined
  const where = whereOf(part.move ? state.debts.get(part.move) : undefined, part)
  const lies = move?.cell ? say`cell ${move.cell}` : (told ?? null)
  return {
    part,
    names: [...new Set([part.name.known?.name ?? part.name.text, part.name.text])],
    where,
    lies: where === 'off' || where === 'parked' ? lies : null,
    bound,
    hides,
    onto: liaisons.filter(l => l.move === part.move).map(l => ({ kind: l.kind, part: l.part })),
  }
}

/** What could bind a part and is not said to: what was recorded in its zone or beside it, the nearest in the descent first. */
export function mayBind(state: JobState, view: PartView): { step: string; move: string; thing: Phrase }[] {
  const { part, bound } = view
  const known = new Set(Object.values(bound).flatMap(all => all.map(b => b.move)))
  const order = state.order.toArray()
  const at = part.step ? order.indexOf(part.step) : order.length
  return order
    .map((id, i) => ({ step: state.steps.get(id)!, far: Math.abs(i - at) }))
    .filter(({ step }) => step.zone === part.zone || part.zone === undefined || step.zone === undefined)
    .sort((a, b) => a.far - b.far)
    .flatMap(({ step }) =>
      step.moves
        .filter(m => m.id !== part.move && !known.has(m.id) && !traitsOf(m).turns && !traitsOf(m).unseen)
        .map(m => ({ step: step.id, move: m.id, thing: subject(m) })),
    )
}
