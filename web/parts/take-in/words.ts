import type { LookedAt } from '@dialytica/core/wire'

type Preview = LookedAt['preview']
type RecordPreview = Preview['records'][number]

/** So many of a thing, in words that fit one too. */
export const some = (n: number, one: string, many = `${one}s`): string => (n === 1 ? `one ${one}` : `${n} ${many}`)

const what: Record<Preview['kind'], string> = { book: 'A book', recording: 'A recording', job: 'A whole job' }
/** What a file is, in one line. */
export function parcelSays({ kind, records }: Preview): string {
  const [first] = records
  const machine = first ? `${first.machine.maker ?? ''} ${first.machine.code}`.trim() : ''
  return kind === 'book'
    ? `${what.book} of ${machine}: ${some(records.length, 'recording')}`
    : `${what[kind]}: ${machine}`
}
/** What is in a record, counted. */
export const recordSays = ({ steps, moves, photos, said }: RecordPreview): string =>
  [some(steps, 'step'), some(moves, 'act'), some(photos, 'photo'), said ? `${said} said beside` : '']
    .filter(Boolean)
    .join(', ')
/** How a record will stand here. */
export function standsSays({ closed }: RecordPreview, kind: Preview['kind'], known: boolean): string {
  if (known) return 'here already, left out'
  if (closed) return 'comes in closed'
  return kind === 'job' ? 'comes in open: it will stand on the floor' : 'comes in closed, as a recording'
}
