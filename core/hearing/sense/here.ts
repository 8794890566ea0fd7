import type { Entry } from '../lexicon.ts'
import type { Raw } from '../phrases.ts'
import { is } from '../tell/telling.ts'

/** An atom where it stands: its neighbours, and what else the line says. */
export interface Here {
  a: Raw
  before: Raw | undefined
  after: Raw | undefined
  /** The atoms of the line, of which it is number `i`; those before it have their sense already. */
  all: readonly Raw[]
  i: number
  /** The words of the line, and the verbs that any of them can be. */
  line: ReadonlySet<string>
  lemmas: ReadonlySet<string>
}

/** A word that is or tells a thing. */
export const nouny = (a: Raw | undefined): boolean =>
  is(
    a,
    'thing',
    'part',
    'pos',
    'look',
    'colour',
    'quality',
    'size',
    'old',
    'new',
    'word',
    'num',
    'count',
    'mm',
    'inch',
    'label',
  )
/** A word that what is done can be done to. */
export const startsObject = (a: Raw | undefined): boolean => nouny(a) || is(a, 'det', 'posture')

/** The atom as one of the things that it can be; as it is where it can not be that. */
export function asEntry(a: Raw, entry: Entry | undefined): Raw {
  const { start, end, words, off, can } = a
  return entry ? { start, end, words, can, ...(off !== undefined && { off }), ...entry } : a
}
export const verbOf = (a: Raw): Entry | undefined => a.can.find(e => e.tag === 'verb')
export const thingOf = (a: Raw): Entry | undefined => a.can.find(e => e.tag === 'thing')
