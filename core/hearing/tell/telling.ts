import type { Atom, Tag } from '../atom.ts'

/** A stretch of atoms as it is being told as one kind of move: what each atom tells, and the fields so far. */
export interface Telling {
  kind: string
  atoms: readonly Atom[]
  /** What each atom tells: the name of a field, `act`, `count` …; nothing where it is not told yet. */
  roles: (string | undefined)[]
  values: Record<string, unknown>
  /** Where a reading was a choice: the field, and how near another reading is, 0 to 1. */
  doubts: Doubt[]
  /** What stands before a colon in it: what follows goes on from there. */
  heading?: string
}
/** A field that could be read otherwise. */
export interface Doubt {
  field: string
  /** How likely the other reading is, by plausibility: 0 none, 1 as likely. */
  near: number
}

export const telling = (kind: string, atoms: readonly Atom[]): Telling => ({
  kind,
  atoms,
  roles: atoms.map(() => undefined),
  values: {},
  doubts: [],
})

export const free = (t: Telling, i: number): boolean =>
  i >= 0 && i < t.atoms.length && t.roles[i] === undefined && !t.atoms[i]!.struck
export const is = (a: Atom | undefined, ...tags: Tag[]): boolean => a !== undefined && tags.includes(a.tag)
/** A sign, or the end of the line. */
export const isSep = (a: Atom | undefined): boolean => a === undefined || a.tag === 'sep'
/** Tells a field by an atom; a field that is told already stays as it is. */
export function tell(t: Telling, i: number, field: string, value: unknown): boolean {
  if (value === undefined || field in t.values) return false
  t.values[field] = value
  t.roles[i] = field
  return true
}
export const mark = (t: Telling, i: number, role: string): void => {
  if (t.roles[i] === undefined) t.roles[i] = role
}
/** Places of atoms that fit, in order. */
export const where = (t: Telling, fits: (a: Atom, i: number) => boolean): number[] =>
  t.atoms.flatMap((a, i) => (!a.struck && fits(a, i) ? [i] : []))
export const isNoun = (a: Atom | undefined, ...nouns: string[]): boolean =>
  a?.tag === 'thing' && nouns.includes(a.noun!)
