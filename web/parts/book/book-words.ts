import type { BookAct, Differs, Varies } from '@dialytica/core/book'
import { subject } from '@dialytica/core/moves'
import { english, text } from '@dialytica/core/words'

/** `in 4 of 5`, of the jobs that came to its place. */
export const supportSays = ({ jobs, of }: Pick<BookAct, 'jobs' | 'of'>): string =>
  jobs.length < of ? `in ${jobs.length} of ${of}` : of === 1 ? 'in the one that came here' : `in all ${of}`

/** What varies, and by what where that can be told: `count: 3 before 22-5002, then 4`. */
export function variesSays({ field, values, split }: Varies): string {
  if (split)
    return `${field}: ${split.before} before ${split.by === 'made' ? 'the year ' : 'serial '}${split.from}, ${split.after} from there on${split.off ? ', one aside' : ''}`
  return `${field}: ${values.map(v => `${v.value} (${v.jobs.length}×)`).join(', ')}`
}

/** One of the things that a move takes, without its count. */
const oneOf = ({ move }: Differs) => subject({ ...move, count: 1 } as typeof move)
/** The question that a difference asks. */
export function differsAsks(of: Differs): string {
  const by = of.varies?.split ? ` (${variesSays(of.varies)})` : ''
  return `${of.here} here, ${of.most} in ${of.jobs} others${by}: ${text(oneOf(of))}.`
}
/** What is kept of a difference: so many are missing here, or it is another build. */
export const differsKept = (of: Differs): { missing: string; build: string } => ({
  missing: `${of.most - of.here} of ${of.most}: ${english(oneOf(of))}`,
  build: `another build: ${of.here} instead of ${of.most}, ${english(oneOf(of))}`,
})

/** Minutes as they are said: halves below ten. */
export const minutesSay = (m: number): string => (m < 10 ? String(Math.round(m * 2) / 2) : String(Math.round(m)))
