import { withOuter } from '../book/needs.ts'
import type { Book } from '../book/book.ts'
import { catalogue } from '../assembly/catalogue.ts'
import { named } from '../assembly/named.ts'
import { anatomy, type Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Belief } from '../triage/belief.ts'
import { fieldOf } from '../triage/field.ts'
import type { Check } from '../triage/model.ts'
import { table } from '../triage/table/table.ts'
import { graphOf, type From, type Target } from './graph.ts'
import { plansTo, type Plan } from './plan.ts'

/** What is asked of the ways in: the build, its book where there is one, what is to be reached, where it begins, and what is isolated. */
export interface WaysAsked {
  family: Family
  book: Book | null
  target: Target
  from: From
  isolated: readonly string[]
}
/** The ways in to a target, the shortest first. Up to a second: for a worker. */
export const waysIn = ({ family, book, target, from, isolated }: WaysAsked): Plan[] =>
  plansTo(graphOf(family, book, target, from), { family, from, isolated, recordings: book?.recordings.length ?? 0 })

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
    if (!name || traitsOf(a.move).turns) return []
    known.add(named(name, family, a.zone, 'part' in a.move ? a.move.part.is : undefined).known?.name ?? name)
    return [{ target: { to: 'act', act: a.id }, name, recorded: true }]
  })
  const usual = catalogue().flatMap((k): Reachable[] =>
    k.zone[family] && !known.has(k.name)
      ? [{ target: { to: 'part', part: k.name }, name: k.name, recorded: false }]
      : [],
  )
  return [...recorded, ...usual]
}

/** A check that a plan leads to, and how much of what is held it tells. */
export interface OnTheWay {
  check: Check
  tells: number
}
/** The checks of the triage for which nothing more has to come off where a plan leads, those first that tell of what is likeliest; without what tells of nothing that is held. */
export function checksOn(family: Family, { open }: Pick<Plan, 'open'>, held: readonly Belief[]): OnTheWay[] {
  const field = fieldOf(table, family)
  const covered = new Set(anatomy[family].covers.flatMap(c => c.opens))
  const share = new Map(held.map(b => [b.cause?.id, b.share]))
  return field.checks
    .flatMap((check, i): OnTheWay[] => {
      const at = field.checkAt[i]
      if (!at || !withOuter(family, at).every(z => !covered.has(z) || open.includes(z))) return []
      const tells = Object.entries(check.tells).reduce((sum, [cause, p]) => sum + p * (share.get(cause) ?? 0), 0)
      return tells > 0.01 ? [{ check, tells }] : []
    })
    .sort((a, b) => b.tells - a.tells)
}
