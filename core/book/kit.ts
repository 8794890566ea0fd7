import { partNamed } from '../assembly/named.ts'
import type { Family } from '../machine/families.ts'
import { effortOf } from '../machine/postures.ts'
import { english } from '../words/english.ts'
import { thingOf } from '../moves/move.ts'
import type { Book, BookAct } from './book.ts'

/** Something to have ready, and in how many jobs it was needed. */
interface Needed {
  what: string
  jobs: number
}
/** What a model asks for before the first screw: tools in the order of their use, consumables, and what takes two people. */
export interface Kit {
  tools: Needed[]
  consumables: Needed[]
  twoPeople: string[]
}

/** True where an act asks for a second person: as it was told, by a turn that takes two, or because the part is heavy. */
function takesTwo({ move, zone }: BookAct, family: Family): boolean {
  if (move.kind === 'turn-machine') return effortOf(move.from, move.to).people > 1
  if (!('part' in move) || typeof move.part !== 'object') return false
  const told = 'people' in move.part ? move.part.people : undefined
  return (told ?? (partNamed(move.part, family, zone).known?.mass === 'heavy' ? 2 : 1)) > 1
}

/** Each thing once, in the order in which it comes up, with in how many jobs. */
function counted(all: readonly { what: string; jobs: readonly string[] }[]): Needed[] {
  const by = new Map<string, Set<string>>()
  for (const { what, jobs } of all) by.set(what, new Set([...(by.get(what) ?? []), ...jobs]))
  return [...by].map(([what, jobs]) => ({ what, jobs: jobs.size }))
}

/** What the jobs of a book needed. */
export function kitOf(book: Book, family: Family): Kit {
  const acts = book.steps.flatMap(s => s.acts)
  return {
    tools: counted(acts.flatMap(a => a.tools.map(what => ({ what, jobs: a.jobs })))),
    consumables: counted(
      acts.flatMap(({ move, jobs }) =>
        move.kind === 'cut' ? [{ what: [move.size, move.consumable].filter(Boolean).join(' '), jobs }] : [],
      ),
    ),
    twoPeople: [...new Set(acts.filter(a => takesTwo(a, family)).map(a => english(thingOf(a.move))))],
  }
}
