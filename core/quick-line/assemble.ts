import type { Fact, Said } from '../grammar/fact.ts'
import type { Figure, Told } from '../grammar/grammar.ts'
import { cover, each, source, take, tellSet, type Telling } from '../grammar/telling.ts'
import { moveKinds, type MoveKindName } from '../moves/registry.ts'
import type { Clause } from './clause.ts'
import { leafOf } from './fields.ts'
import { tellLeads, tellTheRest, tokensOf } from './tell.ts'

const grammarOf = (kind: string) => moveKinds[kind as MoveKindName].grammar

/** A field told exactly, as `format` writes it; text of another type stays text. */
function tellExact(t: Telling, i: number, { field, value }: Extract<Fact, { as: 'exact' }>): boolean {
  const leaf = t.leaf(field)
  if (!leaf) return false
  if (leaf.type === 'strings' && value === 'none' && !source(t, i, i).includes('"')) {
    t.values[field] ??= []
    cover(t, i, i, field, 'sure')
    return true
  }
  if (leaf.type === 'waypoints') return false
  const typed =
    leaf.type === 'number' ? Number(value) : leaf.type === 'boolean' ? { yes: true, no: false }[value] : value
  if (typed === undefined || Number.isNaN(typed)) return false
  return take(t, i, i, field, field === 'cell' && value === 'none' ? null : typed, 'sure')
}

/** Tells what a kind makes of a word: its first field carries the word, the rest is known by it. */
function tellTold(t: Telling, i: number, { sets, certainty }: Told): void {
  for (const [field, value] of Object.entries(sets)) {
    if (!t.leaf(field)) continue
    if (Array.isArray(value)) {
      t.values[field] = [...((t.values[field] as unknown[] | undefined) ?? []), ...(value as unknown[])]
      cover(t, i, i, field, certainty)
    } else if (t.roles[i]) t.values[field] ??= value
    else take(t, i, i, field, value, certainty)
  }
}

/** A verb by which the kind was known, or that is said of several. */
function tellAct(t: Telling, kind: string, i: number, fact: Extract<Fact, { as: 'act' }>): void {
  if (fact.act !== 'away' && fact.act !== kind && !grammarOf(fact.act).alsoSaid) return
  tellSet(t, i, fact.sets ?? {})
  if (!t.roles[i]) cover(t, i, i, 'act', 'sure')
}
/** A thing of the kind, or one that tells something of it from beside. */
function tellThing(t: Telling, kind: string, i: number, { noun, sets }: Extract<Fact, { as: 'noun' }>): void {
  const { takes, beside } = grammarOf(kind)
  const heard = beside?.find(
    b => b.noun === noun && Object.entries(b.when ?? {}).every(([field, value]) => sets?.[field] === value),
  )?.tells
  if (heard === 'nothing') return
  if (heard === 'act') return cover(t, i, i, 'act', 'sure')
  if (heard) return tellTold(t, i, heard)
  if (!takes || !Object.hasOwn(takes, noun)) return
  tellSet(t, i, { ...sets, ...takes[noun] })
  if (!t.roles[i]) cover(t, i, i, 'act', 'sure')
}

/** Figures mean what stands beside them: a count first, then what the kind makes of them. */
function tellFigure(t: Telling, kind: string, i: number, fact: Figure): void {
  const { as, n, apart } = fact
  const counted = t.leaf('count') !== undefined
  const isWhole = Number.isInteger(n) && n > 0
  if (as === 'count') return void (counted && take(t, i, i, 'count', n, 'sure'))
  if (as === 'times' && apart && n <= 8 && counted && isWhole && take(t, i, i, 'count', n, 'likely')) return
  if (as === 'number' && counted && isWhole && n < 60 && !followsSize(t, i) && take(t, i, i, 'count', n, 'likely'))
    return
  const told = grammarOf(kind).figure?.(fact, t.values)
  if (told) tellTold(t, i, told)
}
const followsSize = (t: Telling, i: number): boolean => {
  const role = t.roles[i - 1]?.role
  return i > 0 && (role === 'size' || role === 'thread' || role === 'drive')
}

/** One stretch of the line told as one kind of move; `repeats` where `same again` names the kind. */
export function assemble(text: string, said: readonly Said[], kind: MoveKindName, repeats = false): Clause {
  const grammar = grammarOf(kind)
  const t: Telling = { text, said, leaf: name => leafOf(kind, name), roles: said.map(() => null), values: {} }
  const nouns = new Set(said.flatMap(({ fact }) => (fact.as === 'noun' ? [fact.noun] : [])))
  if (repeats) each(t, (fact, i) => fact.as === 'same' && cover(t, i, i, 'act', 'sure'))
  each(t, (fact, i) => fact.as === 'exact' && tellExact(t, i, fact))
  each(t, (fact, i) => {
    if (fact.as === 'lead' && said[i + 1]?.fact.as === 'exact') cover(t, i, i, 'act', 'sure')
  })
  grammar.first?.(t)
  tellLeads(t)
  grammar.then?.(t)
  each(t, (fact, i) => {
    if (fact.as === 'act') tellAct(t, kind, i, fact)
    if (fact.as === 'noun') tellThing(t, kind, i, fact)
  })
  each(t, (fact, i) => fact.as === 'set' && tellSet(t, i, fact.sets))
  each(t, (fact, i) => fact.as === 'label' && take(t, i, i, 'label', fact.label, 'sure'))
  each(t, (fact, i) => fact.as === 'look' && take(t, i, i, 'look', fact.look, 'sure'))
  each(t, (fact, i) => {
    const told = fact.as === 'colour' && grammar.colours?.(fact.colours, t.values, nouns)
    if (told) tellTold(t, i, told)
  })
  each(t, (fact, i) => {
    if (fact.as === 'count' || fact.as === 'number' || fact.as === 'mm' || fact.as === 'times')
      tellFigure(t, kind, i, fact)
  })
  grammar.last?.(t)
  each(t, (fact, i) => fact.as === 'same-cell' && cover(t, i, i, 'cell', 'sure'))
  tellTheRest(t, grammar.name)
  return { kind, tokens: tokensOf(t), said: t.values }
}
