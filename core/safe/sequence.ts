import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import { anatomy, type Drain, type Family } from '../machine/families.ts'
import type { Move, MoveOf } from '../moves/registry.ts'
import type { Caution } from '../words/cautions.ts'
import { say as words, type Phrase } from '../words/phrase.ts'
import { isSame, toldOf, type SafeMove, notHere } from './told.ts'

/** While it still has power; making it safe; only when it is laid down. */
export const safeParts = ['powered', 'safe', 'laid'] as const
/** A part of what is done before the first cover. */
export type SafePart = (typeof safeParts)[number]

/** One act before the first cover comes off. What it opens is a debt; an act without a move owes nothing. */
export interface SafeAct {
  /** The name under which it is ticked off. */
  id: string
  part: SafePart
  say: Phrase
  /** How the hand knows that it is so. */
  sure: Phrase
  caution?: Caution
  zone: string
  /** What it records; several where there are several ways, empty where it owes nothing. */
  moves: SafeMove[]
  /** The ways of `moves`, in words, where there are several. */
  ways?: Phrase[]
  /** `late` is what needs power when the power is off already. */
  state: 'done' | 'not here' | 'next' | 'ahead' | 'late'
  /** The step or the entry by which it was done. */
  by?: string | undefined
}

type Plan = Omit<SafeAct, 'state' | 'by'>

const drainMove = (d: Drain, pumped: boolean): SafeMove => ({
  kind: 'drain',
  by: d.by,
  litres: d.litres[pumped ? 0 : 1],
})

/** The acts of a family in their order: what needs power, then the isolation, then what is needed only to lay it down. */
function plans(family: Family, pumped: boolean): Plan[] {
  const { lock, loose, drains } = anatomy[family]
  const isolate = (what: MoveOf<'isolate'>['what'], say: Phrase, sure: Phrase, caution: Caution): Plan => ({
    id: what,
    part: 'safe',
    say,
    sure,
    caution,
    zone: 'outside',
    moves: [{ kind: 'isolate', what }],
  })
  const put = (thing: 'mat' | 'tape', say: Phrase, sure: Phrase, why: string): Plan => ({
    id: thing,
    part: 'laid',
    say,
    sure,
    zone: 'outside',
    moves: [{ kind: 'place-temporary', thing, count: 1, why }],
  })
  const tick = (id: string, part: SafePart, say: Phrase, sure: Phrase): Plan => ({
    id,
    part,
    say,
    sure,
    zone: 'outside',
    moves: [],
  })
  return [
    tick('lock', 'powered', words`Release the ${lock} lock, leave the ${lock} open`, words`The ${lock} opens by hand`),
    tick('pump', 'powered', words`Run the drain until the pump runs dry`, words`No water is heard any more`),
    isolate('power', words`Pull the plug, keep it in sight`, words`No lamp, no hum when a button is pressed`, 'mains'),
    {
      id: 'out',
      part: 'safe',
      say: words`Move the machine out`,
      sure: words`Cord and hoses slack, room behind it`,
      zone: 'outside',
      moves: [{ kind: 'pull-out' }],
    },
    isolate('cold water', words`Close the cold tap`, words`Ease its joint: it must stop running`, 'water'),
    isolate('hot water', words`Close the hot tap`, words`Ease its joint: it must stop running`, 'water'),
    isolate('pressure', words`Bleed the inlet hose into a tray`, words`It stops running by itself`, 'water'),
    {
      id: 'drain',
      part: 'safe',
      say: words`Drain what is left`,
      sure: pumped
        ? words`About ${drains[0]!.litres[0]} litres to expect`
        : words`About ${drains[0]!.litres[1]} litres to expect: the pump was not run`,
      caution: 'hot',
      zone: drains[0]!.zone,
      moves: drains.map(d => drainMove(d, pumped)),
      ways: drains.map(d => words`${d.how}, about ${d.litres[pumped ? 0 : 1]} litres`),
    },
    isolate('capacitor', words`Discharge the capacitor`, words`The meter reads nothing across it`, 'capacitor'),
    tick('second person', 'laid', words`Get a second person for the lift`, words`Both know who says when`),
    put('mat', words`Lay a mat where it will lie`, words`Flat, nothing under it`, 'under the machine'),
    put('tape', words`Tape ${loose} shut`, words`It holds when pulled`, `holds ${loose}`),
  ]
}

/** The step in which one of some moves stands, in the order of the descent. */
const stepOf = (state: JobState, moves: readonly SafeMove[]): string | undefined =>
  state.order.find(id => state.steps.get(id)!.moves.some((m: Move) => moves.some(told => isSame(m, told))))

/**
 * What is to be done before the first cover, and how far it is: derived from the steps and the ticks of the job, nothing is
 * kept besides. The first act of its part that is neither done nor missing on this machine is `next`.
 */
export function safeSequence(state: JobState, family: Family): SafeAct[] {
  const ticks = new Map(entriesOf(state, 'check-done').map(({ id, body }) => [body.check, { id, note: body.note }]))
  const dead = stepOf(state, [{ kind: 'isolate', what: 'power' }]) !== undefined
  const open = new Set<SafePart>()
  return plans(family, ticks.has(toldOf('pump'))).map(plan => {
    const tick = ticks.get(toldOf(plan.id))
    const step = plan.moves.length ? stepOf(state, plan.moves) : undefined
    if (step) return { ...plan, state: 'done', by: step }
    if (tick) return { ...plan, state: tick.note === notHere ? 'not here' : 'done', by: tick.id }
    if (plan.part === 'powered' && dead) return { ...plan, state: 'late' }
    if (open.has(plan.part)) return { ...plan, state: 'ahead' }
    open.add(plan.part)
    return { ...plan, state: 'next' }
  })
}

/** The note of a tap that runs on when its joint is eased. */
export const tapRuns = 'the tap does not close: the stopcock of the house is closed'
