import { entriesOf } from '../log/entry.ts'
import { toldAtIntake, type JobState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import { triedOf } from '../proof/results.ts'
import { text } from '../words/language.ts'
import { bare } from '../words/phrase.ts'
import type { Move } from '../moves/registry.ts'
import { adviceFor } from './advice.ts'
import { endOf, type End } from './end.ts'
import { plainReading, readingPairs } from './readings.ts'

/** What a customer is told of a job: one page in plain words. */
export interface CustomerReport {
  complaint: string
  /** What was wrong, as whoever closed the job put it. */
  cause: string
  /** Parts that are new, with the number under which they came where it was told. */
  fresh: { part: string; number: string }[]
  /** What else was done: cleaned, greased, adapted, taken out and put back; that nothing was, where nothing was. */
  done: string[]
  /** What was measured last of each thing, with what it says. */
  readings: string[]
  /** How it was tried before it was handed over; and what was not, and why. */
  tried: string[]
  untried: string[]
  advice: string[]
  note: string
  /** What is still off the machine, by name; of a job that was closed with debts, or given up. */
  remains: string[]
  end: End
  signedBy: string
  at: string
  /** Two photos at most: as it was found, and as it was left. */
  photos: { photo: Photo; words: string }[]
}

/** What is advised against the cause; where that names nothing, for what is new. */
export function adviceOn(cause: string, parts: readonly string[], family: Family): string[] {
  const own = adviceFor([cause], family)
  return own.length ? own : adviceFor(parts, family)
}

/** So many parts that were taken out and put back are named. */
const most = 4
const acts: Partial<Record<string, string>> = { clean: 'cleaned', lubricate: 'greased', inspect: 'looked at' }

/** What was done beside what is new, in plain words. A cover that was off is no work of its own. */
function doneTo(moves: readonly Move[], state: JobState, fresh: ReadonlySet<string>): string[] {
  const attended = moves.flatMap(m => (m.kind === 'attend' && acts[m.act] ? [`${m.thing}: ${acts[m.act]}`] : []))
  const adapted = entriesOf(state, 'part-adapted').map(e => `${e.body.part}: made to fit, ${e.body.says}`)
  const back = moves.flatMap(m => {
    const { part, opens } = traitsOf(m)
    const isBack = part && !opens?.length && (state.debts.get(m.id)?.settled.refitted ?? 0) > 0
    return isBack && !fresh.has(bare(part)) ? [bare(part)] : []
  })
  const named = [...new Set(back)]
  const more = named.length > most ? ` and ${named.length - most} more` : ''
  const done = [
    ...new Set([...attended, ...adapted]),
    ...(named.length ? [`taken out and put back: ${named.slice(0, most).join(', ')}${more}`] : []),
  ]
  if (done.length || fresh.size) return done
  return [moves.length ? 'It was opened and closed again; nothing was renewed.' : 'Nothing was taken apart or renewed.']
}

/** What was not tried, together where it is for one reason. */
function notDone(told: readonly { name: string; result: string; seen: string }[]): string[] {
  const by = new Map<string, string[]>()
  for (const { name, result, seen } of told) if (result === 'not done') by.set(seen, [...(by.get(seen) ?? []), name])
  return [...by].map(([why, names]) => `Not done: ${names.join(', ')}. Why: ${why}.`)
}

/** What is told to the customer of a job as it stands. Pure: from the folded state alone. */
export function customerReport(state: JobState, family: Family): CustomerReport {
  const { trials, results } = triedOf(state, family)
  const told = trials.flatMap(t => {
    const result = results.get(t.id)
    return result
      ? [{ name: text(t.name), plain: text(t.plain), result: result.body.result!, seen: result.body.seen ?? '' }]
      : []
  })
  const untold = trials.flatMap(t => (results.has(t.id) ? [] : [text(t.name)]))
  const moves = state.order.toArray().flatMap(id => state.steps.get(id)!.moves)
  const fresh = moves.flatMap(m => {
    const { part } = traitsOf(m)
    // What was to be renewed and went back as it was is not new; what owes nothing was fitted new at once.
    const debt = state.debts.get(m.id)
    const renews = debt ? (debt.settled.replaced > 0 ? (traitsOf(m).renews ?? part) : undefined) : traitsOf(m).renews
    return renews ? [{ part: bare(renews), number: ('replacement' in m && m.replacement) || '' }] : []
  })
  const { closing } = state
  const parts = new Set(fresh.map(f => f.part))
  const photos = state.order
    .toArray()
    .map(id => state.steps.get(id)!)
    .filter(s => s.photos.length > 0)
  const of = photos.find(s => s.moves.some(m => parts.has(bare(traitsOf(m).part ?? '')))) ?? photos.at(-1)
  const left = photos.findLast(s => s.later.length > 0)
  return {
    complaint: String(toldAtIntake(state).complaint ?? state.opened?.complaint ?? ''),
    cause: closing?.cause ?? '',
    fresh,
    done: doneTo(moves, state, parts),
    readings: readingPairs(state).flatMap(plainReading),
    tried: [...new Set(told.filter(t => t.result === 'passed').map(t => t.plain))],
    untried: [
      ...told.filter(t => t.result === 'failed').map(t => `Failed: ${t.name}. ${t.seen}`),
      ...notDone(told),
      ...(closing && untold.length ? [`Nobody told whether it was tried: ${untold.join(', ')}.`] : []),
    ],
    advice: closing?.advice ? [closing.advice] : adviceOn(closing?.cause ?? '', [...parts], family),
    note: closing?.note ?? '',
    remains: closing?.owed.map(o => o.label) ?? [],
    end: endOf(closing, { trials, results }),
    signedBy: closing?.signedBy ?? '',
    at: closing?.at ?? '',
    photos: [
      ...(of ? [{ photo: of.photos.at(-1)!, words: 'As it was found' }] : []),
      ...(left ? [{ photo: left.later.at(-1)!, words: 'As it was left' }] : []),
    ],
  }
}
