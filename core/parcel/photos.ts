import type { JobEvent } from '../log/event.ts'
import { photoHashForm } from '../schema/atoms.ts'

/** The photos that a log names, by their hashes, in the order in which they come up. */
export function photosIn(log: readonly JobEvent[]): string[] {
  const found = new Set<string>()
  JSON.stringify(log, (_, value: unknown) => {
    if (typeof value === 'string' && photoHashForm.test(value)) found.add(value)
    return value
  })
  return [...found]
}

/** A log with its photos under other hashes: a photo that comes from another shop was developed there, and has another one here. */
export const renamed = (log: readonly JobEvent[], names: ReadonlyMap<string, string>): JobEvent[] =>
  JSON.parse(JSON.stringify(log), (_, value: unknown) =>
    typeof value === 'string' ? (names.get(value) ?? value) : value,
  ) as JobEvent[]
