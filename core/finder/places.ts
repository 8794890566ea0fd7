import { sittingOnOld } from '../fit/still-on.ts'
import { entriesOf } from '../log/entry.ts'
import { owedCount, settledCount, type Debt, type JobState } from '../log/state.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import type { Move } from '../moves/registry.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { distance } from '../tray/cells.ts'
import { list, say, type Phrase } from '../words/phrase.ts'
import { evidenceOf, type Evidence } from './evidence.ts'
import { matchFastener, matchMove, type Known } from './known.ts'
import type { Openings } from './openings.ts'

/** What is asked: something is left over, one of a debt is short, or both at once. */
export interface Question {
  asks: 'left over' | 'one short' | 'swap'
  known?: Known | undefined
  /** The debt of which one is short. */
  short?: string | undefined
}

/** A place to look, before looks: its weight against the others, the minutes of one look, what must be opened first. */
export interface Place {
  id: string
  kind: 'hole' | 'owed' | 'old part' | 'tray' | 'cell' | 'fallen'
  debt?: string | undefined
  step?: string | undefined
  zone?: string | undefined
  /** Which mark of its step it is, where each hole has one. */
  mark?: string | undefined
  /** The place in words: `hole 3 of eight T20 × 12, rear panel`. */
  words: Phrase
  weight: number
  minutes: number
  under: string[]
  reasons: Evidence[]
}

/** Weights beside one for a hole that was counted with no other sign: an old part, the tray as it was before, its cell, the floor of a zone. */
const beside = { oldPart: 2, tray: 0.8, cell: 1.5, fallen: 1, own: 0.5 }
/** How much likelier two cells side by side were mistaken for each other. */
const neighbours = 2

interface Ground {
  state: JobState
  family: Family
  plan: readonly ReturnStep[]
  open: Openings
  took: ReadonlyMap<string, number>
  pace: number
}
const product = (reasons: readonly Evidence[]) => reasons.reduce((n, r) => n * r.factor, 1)

/** The holes of a debt: one by one where each has its mark, else the group. */
function holes(at: Ground, r: ReturnStep, move: Move, debt: Debt, weight: number, reasons: Evidence[]): Place[] {
  const place = {
    kind: 'hole' as const,
    debt: debt.id,
    step: r.step.id,
    zone: r.step.zone,
    under: at.open.over(r),
    reasons,
  }
  const marks = r.step.marks.filter(m => m.move === move.id && m.path.length === 1)
  if (debt.count > 1 && marks.length >= debt.count)
    return marks.slice(0, debt.count).map((m, i) => ({
      ...place,
      id: `${debt.id}#${i + 1}`,
      mark: m.id,
      words: say`hole ${i + 1} of ${debt.label}`,
      weight,
      minutes: 0.2,
    }))
  return [{ ...place, id: debt.id, words: debt.label, weight: weight * debt.count, minutes: 0.2 + 0.08 * debt.count }]
}

/** Every hole that may be the one, `fit` saying how well each move fits. */
function holesBy(at: Ground, fit: (move: Move, debt: Debt) => number): Place[] {
  return at.plan.flatMap(r =>
    r.moves.flatMap(({ move, debts }) => {
      const debt = debts[0]
      if (!debt || settledCount(debt) === 0) return []
      const match = fit(move, debt)
      if (match <= 0) return []
      const reasons = evidenceOf(at.state, debt, at.took.get(r.step.id), at.pace)
      return holes(at, r, move, debt, match * product(reasons), reasons)
    }),
  )
}
/**
 * Old parts that were renewed: what belongs on the new one is often still on the old one, on the bench or in the bin. Where something is known to
 * be still on it they are looked at first, above all for that very thing.
 */
function oldParts(at: Ground, lacking?: Debt): Place[] {
  const sitting = sittingOnOld(at.state)
  const gone = new Map(entriesOf(at.state, 'old-part-left').map(({ body }) => [body.move, body]))
  return at.plan.flatMap(r =>
    r.moves.flatMap(({ move }): Place[] => {
      if (!('part' in move) || move.kind === 'adapt') return []
      const debt = at.state.debts.get(move.id)
      const [still, left] = [sitting.get(move.id) ?? [], gone.get(move.id)]
      const renewed = move.kind === 'replace-part' || debt?.renew || debt?.settled.replaced || still.length || left
      if (!renewed) return []
      const sits = still.length > 0
      const isIt = lacking !== undefined && still.some(d => d.id === lacking.id)
      return [
        {
          id: `old:${move.id}`,
          kind: 'old part',
          step: r.step.id,
          words: left ? say`the old ${move.part.name}: ${{ say: left.to }}` : say`the old ${move.part.name}`,
          weight: beside.oldPart * (isIt ? 10 : sits ? 3 : 1),
          minutes: 0.5,
          under: [],
          reasons: [
            { says: say`that part was replaced`, factor: 1 },
            ...(sits ? [{ says: say`${list(still.map(d => d.label))}: still on it`, factor: isIt ? 10 : 3 }] : []),
          ],
        },
      ]
    }),
  )
}

/** All places worth a look for a question, unranked. */
export function placesFor(at: Ground, { asks, known, short }: Question): Place[] {
  const moves = new Map(at.plan.flatMap(r => r.step.moves.map(m => [m.id, m] as const)))
  const all = (id: string) => moves.get(id)
  const match = (move: Move) => (known ? matchMove(known, move, all) : 1)
  const lacking = short ? at.state.debts.get(short) : undefined
  const lackingMove = lacking && all(lacking.move)
  /** How alike a move's things are to those of which one is short. */
  const alike = (move: Move, debt: Debt): number => {
    if (!lackingMove || !('fastener' in lackingMove) || !('fastener' in move) || move.kind === 'slacken') return 0
    const near = lacking.cell && debt.cell && distance(lacking.cell, debt.cell) <= 1 ? neighbours : 1
    return near * matchFastener(lackingMove.fastener, move.fastener) ** 0.5
  }
  if (asks === 'left over') {
    const owed = at.plan.flatMap(r =>
      r.moves.flatMap(({ move, debts }): Place[] => {
        const debt = debts[0]
        const weight = debt && owedCount(debt) > 0 ? 3 * match(move) : 0
        if (!debt || weight < 0.2) return []
        const words = say`still owed: ${debt.label}`
        return [
          {
            id: `owed:${debt.id}`,
            kind: 'owed',
            debt: debt.id,
            step: r.step.id,
            zone: r.step.zone,
            words,
            weight,
            minutes: 0.1,
            under: [],
            reasons: [],
          },
        ]
      }),
    )
    const tray: Place = {
      id: 'tray',
      kind: 'tray',
      words: say`in the tray before this job`,
      weight: beside.tray,
      minutes: 0.3,
      under: [],
      reasons: [],
    }
    return [...owed, ...holesBy(at, match), ...oldParts(at), tray]
  }
  if (!lacking) return []
  const swapped = holesBy(at, (move, debt) =>
    move.id === lacking.move ? 0 : alike(move, debt) * (asks === 'swap' ? match(move) : 0.3),
  )
  if (asks === 'swap') return swapped
  const r = at.plan.find(p => p.debts.some(d => d.id === lacking.id))!
  const cell: Place = {
    id: `cell:${lacking.cell ?? ''}`,
    kind: 'cell',
    step: r.step.id,
    words: lacking.cell ? say`cell ${lacking.cell} and those beside it` : say`the tray and the bench`,
    weight: beside.cell,
    minutes: 0.5,
    under: [],
    reasons: [],
  }
  const fallen: Place[] = r.step.zone
    ? [
        {
          id: `fallen:${r.step.zone}`,
          kind: 'fallen',
          step: r.step.id,
          zone: r.step.zone,
          words: say`fallen in the ${zoneTitle(at.family, r.step.zone)}`,
          weight: beside.fallen,
          minutes: 2,
          under: at.open.overZone(r.step.zone),
          reasons: [],
        },
      ]
    : []
  const own = holesBy(at, move => (move.id === lacking.move ? beside.own / lacking.count : 0))
  return [cell, ...swapped, ...own, ...fallen, ...oldParts(at, lacking)]
}
