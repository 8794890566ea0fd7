import { catalogue } from '../assembly/catalogue.ts'
import { partNamed } from '../assembly/named.ts'
import type { Book } from '../book/book.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Target } from './graph.ts'

/** What can be asked for, by its name: parts that the book knows, then parts that the family usually has. */
export interface Reachable {
  target: Target
  name: string
  /** True where a recording of the model tells of it. */
  recorded: boolean
}
/** All parts that can be asked for, each once: those of the book by their own names. */
export function reachable(family: Family, book: Book | null): Reachable[] {
  const acts = (book?.steps ?? []).flatMap(s => s.acts).filter(a => !a.bench)
  const known = new Set<string>()
  const recorded = acts.flatMap((a): Reachable[] => {
    const name = traitsOf(a.move).part
    if (!name || !('part' in a.move)) return []
    known.add(partNamed(a.move.part, family, a.zone).known?.name ?? name)
    return [{ target: { to: 'act', act: a.id }, name, recorded: true }]
  })
  const usual = catalogue().flatMap((k): Reachable[] =>
    k.zone[family] && !known.has(k.name)
      ? [{ target: { to: 'part', part: k.name }, name: k.name, recorded: false }]
      : [],
  )
  return [...recorded, ...usual]
}
