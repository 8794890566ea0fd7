import type { Fact, Said } from './fact.ts'
import type { Leaf } from './leaf.ts'
import type { Certainty, Token } from './token.ts'

/** A stretch of the line as it is being told as one kind of move: which of its facts are taken, and as what. */
export interface Telling {
  text: string
  said: readonly Said[]
  /** The field of the kind that has this name. */
  leaf: (name: string) => Leaf | undefined
  roles: (Token | null)[]
  values: Record<string, unknown>
}

export const source = ({ text, said }: Telling, from: number, to: number): string =>
  text.slice(said[from]!.start, said[to]!.end)
export const free = (t: Telling, i: number): boolean => t.roles[i] === null

/** Takes facts `from` to `to` as one token that tells a field; false when the kind has no such field or it is told already. */
export function take(t: Telling, from: number, to: number, field: string, value: unknown, sure: Certainty): boolean {
  const leaf = t.leaf(field)
  if (!leaf) return false
  if (leaf.type === 'strings') t.values[field] = [...((t.values[field] as unknown[] | undefined) ?? []), value]
  else if (field in t.values && field !== 'look') return false
  else if (field === 'look' && field in t.values) t.values.look = `${String(t.values.look)} ${String(value)}`
  else t.values[field] = value
  cover(t, from, to, field, sure)
  return true
}
/** Marks facts as one token without telling anything. */
export function cover(t: Telling, from: number, to: number, role: string, certainty: Certainty): void {
  const token: Token = { start: t.said[from]!.start, end: t.said[to]!.end, text: source(t, from, to), role, certainty }
  for (let i = from; i <= to; i++) t.roles[i] = token
}
/** Tells what one fact sets besides; what the kind does not have, or knows already, is let go. An empty text means the words themselves. */
export function tellSet(t: Telling, i: number, sets: Readonly<Record<string, unknown>>): void {
  for (const [field, value] of Object.entries(sets)) {
    if (!t.leaf(field)) continue
    const was = t.roles[i]
    t.roles[i] = null
    if (!take(t, i, i, field, value === '' ? source(t, i, i) : value, 'sure')) t.roles[i] = was ?? null
  }
}
/** Every fact that nobody took yet. */
export const each = (t: Telling, tell: (fact: Fact, i: number) => void): void =>
  t.said.forEach(({ fact }, i) => free(t, i) && tell(fact, i))

export const isSign = (fact: Fact): boolean =>
  fact.as === 'comma' || fact.as === 'colon' || fact.as === 'and' || fact.as === 'next'
export const isLoose = (fact: Fact): boolean => isSign(fact) || fact.as === 'filler' || fact.as === 'end'
/** Words that end what a lead such as `clear of` or `slack` takes in. */
export const ends = (fact: Fact): boolean =>
  fact.as === 'end' ||
  fact.as === 'lead' ||
  fact.as === 'exact' ||
  fact.as === 'next' ||
  (fact.as === 'set' && ('cell' in fact.sets || 'condition' in fact.sets))
/** The text of a stretch; of quoted words what stands in the quotes. */
export const worth = (t: Telling, from: number, to: number): string => {
  const only = from === to ? t.said[from]!.fact : null
  return only?.as === 'quoted' ? only.value : source(t, from, to)
}
