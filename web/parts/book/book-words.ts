import type { BookAct, Differs, Varies } from '@dialytica/core/book'
import { subject } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'

/** `in 4 of 5`, of the jobs that came to its place. */
export const supportSays = ({ jobs, of }: Pick<BookAct, 'jobs' | 'of'>): string =>
  jobs.length < of ? `in ${jobs.length} of ${of}` : of === 1 ? 'in the one that came here' : `in all ${of}`

/** What varies, and by what where that can be told: `count: 3 before 22-5002, then 4`. */
export function variesSays({ field, values, split }: Varies): string {
  if (split)
    return `${field}: ${split.before} before ${split.by === 'made' ? 'the year ' : 'serial '}${split.from}, ${split.after} from there on${split.off ? ', one aside' : ''}`
  return `${field}: ${values.map(v => `${v.value} (${v.jobs.length}×)`).join(', ')}`
}

/** What somebody says of a difference: one is missing here, or it is another build; and the question itself. */
export function differsSays({ move, here, most, jobs, varies }: Differs): {
  asks: string
  missing: string
  build: string
} {
  const thing = text(subject({ ...move, count: 1 } as typeof move)).replace(/^one /, '')
  const by = varies?.split ? ` (${variesSays(varies)})` : ''
  return {
    asks: `${here} here, ${most} in ${jobs} others${by}: ${thing}.`,
    missing: `${most - here} of ${most}: ${thing}`,
    build: `another build: ${here} instead of ${most}, ${thing}`,
  }
}

/** Minutes as they are said: halves below ten. */
export const minutesSay = (m: number): string => (m < 10 ? String(Math.round(m * 2) / 2) : String(Math.round(m)))
