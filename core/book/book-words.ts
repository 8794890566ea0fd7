import type { BookAct, Varies } from './book.ts'

/** `in 4 of 5`, of the jobs that came to its place. */
export const supportSays = ({ jobs, of }: Pick<BookAct, 'jobs' | 'of'>): string =>
  jobs.length < of ? `in ${jobs.length} of ${of}` : of === 1 ? 'in the one that came here' : `in all ${of}`

/** What varies, and by what where that can be told: `count: 3 before 22-5002, then 4`. */
export function variesSays({ field, values, split }: Varies): string {
  if (split)
    return `${field}: ${split.before} before ${split.by === 'made' ? 'the year ' : 'serial '}${split.from}, ${split.after} from there on${split.off ? ', one aside' : ''}`
  return `${field}: ${values.map(v => `${v.value} (${v.jobs.length}×)`).join(', ')}`
}

/** Minutes as they are said: halves below ten. */
export const minutesSay = (m: number): string => (m < 10 ? String(Math.round(m * 2) / 2) : String(Math.round(m)))
