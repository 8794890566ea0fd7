import { entriesOf } from '../log/entry.ts'
import { toldAtIntake, type JobState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import { anatomy, type Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import { workOf } from '../proof/opened.ts'
import { resultsOf } from '../proof/results.ts'
import type { Trial } from '../proof/trial.ts'
import { trialsOf } from '../proof/trials.ts'
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

/** What stands for a trial on a page for somebody who never saw the inside of a washer. */
const plain: Readonly<Record<string, string>> = {
  'turn by hand': 'The drum was turned by hand and runs free.',
  'press down': 'The drum hangs and settles as it should.',
  earth: 'The earth connection was measured.',
  insulation: 'The insulation was measured.',
  control: 'All keys and the selector answer.',
  fill: 'It fills as it should.',
  level: 'It stops filling by itself.',
  dose: 'It doses as it should.',
  heat: 'It heats.',
  drum: 'The drum turns both ways.',
  recirculation: 'The spray into the drum works.',
  pump: 'It pumps the water out.',
  light: 'The light works.',
  balance: 'It comes to speed without a false stop.',
  steam: 'The steam works.',
  air: 'The drying works.',
  'leak sensor': 'The leak alarm stays quiet while it is dry.',
  'other circuits': 'All that was unplugged works again.',
  'empty spin': 'It was spun empty.',
  'full load': 'One full wash was run to its end.',
}
const leaks = 'Every water connection that was opened was watched for drips, and is dry.'
function plainly({ id }: Trial, lock: string): string {
  if (id === 'interlock') return `The ${lock} lock was tried: it stops, or stays shut, as it must.`
  if (id === 'shut by hand') return `The ${lock} shuts well.`
  return plain[id] ?? leaks
}

/** What is told to the customer of a job as it stands. Pure: from the folded state alone. */
export function customerReport(state: JobState, family: Family): CustomerReport {
  const trials = trialsOf(workOf(state, family), family)
  const results = resultsOf(state, trials)
  const told = trials.flatMap(t => {
    const result = results.get(t.id)
    return result ? [{ of: t, result: result.body.result!, seen: result.body.seen ?? '' }] : []
  })
  const { lock } = anatomy[family]
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
    tried: [...new Set(told.filter(t => t.result === 'passed').map(t => plainly(t.of, lock)))],
    untried: told
      .filter(t => t.result !== 'passed')
      .map(t => `${plainly(t.of, lock).replace(/[.,:].*$/, '')}: ${t.result}, ${t.seen}.`),
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
