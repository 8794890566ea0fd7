import { entriesOf } from '../log/entry.ts'
import { toldAtIntake, type JobState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import { triedOf } from '../proof/results.ts'
import { text } from '../words/language.ts'
import { bare } from '../words/phrase.ts'
import { adviceFor } from './advice.ts'

/** What a customer is told of a job: one page in plain words. */
export interface CustomerReport {
  complaint: string
  /** What was wrong, as whoever closed the job put it. */
  cause: string
  /** Parts that are new, with the number under which they came where it was told. */
  fresh: { part: string; number: string }[]
  /** What else was done. */
  done: string[]
  /** How it was tried before it was handed over; and what was not, and why. */
  tried: string[]
  untried: string[]
  advice: string[]
  note: string
  /** What is still off the machine, by name; of a job that was closed with debts, or given up. */
  remains: string[]
  end: 'open' | 'clean' | 'debts' | 'given up'
  signedBy: string
  at: string
  /** Two photos at most: as it was found, and as it was left. */
  photos: { photo: Photo; words: string }[]
}

/** What is told to the customer of a job as it stands. Pure: from the folded state alone. */
export function customerReport(state: JobState, family: Family): CustomerReport {
  const { trials, results } = triedOf(state, family)
  const told = trials.flatMap(t => {
    const result = results.get(t.id)
    return result ? [{ plain: text(t.plain), result: result.body.result!, seen: result.body.seen ?? '' }] : []
  })
  const moves = state.order.toArray().flatMap(id => state.steps.get(id)!.moves)
  const fresh = moves.flatMap(m => {
    const { part } = traitsOf(m)
    const isNew = (state.debts.get(m.id)?.settled.replaced ?? 0) > 0
    const renews = traitsOf(m).renews ?? (isNew ? part : undefined)
    return renews ? [{ part: bare(renews), number: ('replacement' in m && m.replacement) || '' }] : []
  })
  const { closing } = state
  const parts = new Set(fresh.map(f => f.part))
  const compared = entriesOf(state, 'part-compared').flatMap(({ body }) => (parts.has(body.part!) ? [] : [body.part!]))
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
    done: compared.map(part => `${part}: compared with a new one`),
    tried: [...new Set(told.filter(t => t.result === 'passed').map(t => t.plain))],
    untried: told
      .filter(t => t.result !== 'passed')
      .map(t => `${t.plain.replace(/[.,:].*$/, '')}: ${t.result}, ${t.seen}.`),
    advice: closing?.advice ? [closing.advice] : adviceFor([closing?.cause ?? '', ...parts], family),
    note: closing?.note ?? '',
    remains: closing?.owed.map(o => o.label) ?? [],
    end: !closing ? 'open' : closing.abandoned ? 'given up' : closing.clean ? 'clean' : 'debts',
    signedBy: closing?.signedBy ?? '',
    at: closing?.at ?? '',
    photos: [
      ...(of ? [{ photo: of.photos.at(-1)!, words: 'As it was found' }] : []),
      ...(left ? [{ photo: left.later.at(-1)!, words: 'As it was left' }] : []),
    ],
  }
}
