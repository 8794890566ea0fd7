import type { Atom } from './atom.ts'
import { is, isNoun } from './tell/telling.ts'

/** A place where one act may end and the next begin: before atom `at`; `type` says by what, for the weights. */
export interface Cut {
  at: number
  type: string
}

/** `left + right`, `hot and cold`, `red and blue`: two of a sort that are said together. */
const pairs = (a: Atom | undefined, b: Atom | undefined): boolean =>
  (is(a, 'pos') && is(b, 'pos')) ||
  (is(a, 'colour') && is(b, 'colour')) ||
  (is(a, 'label') && is(b, 'label')) ||
  (/^(hot|cold|h|c)$/.test(a?.words ?? '') && /^(hot|cold|h|c)$/.test(b?.words ?? ''))

/** True when the clause from an atom on names a thing, a part or a size: then it is an act of its own. */
function saysThing(atoms: readonly Atom[], from: number): boolean {
  for (let i = from; i < atoms.length; i++) {
    const a = atoms[i]!
    if (a.sign === ';' || a.sign === '.' || a.sign === ',') return false
    if (is(a, 'thing', 'part', 'size', 'thread', 'mm', 'inch', 'same', 'word', 'posture')) return true
  }
  return false
}

const figure = (a: Atom | undefined): boolean => is(a, 'num', 'count', 'size')
const subject = /^(i|we|he|she|it|they|ive|hes|shes|theyre|theres|its|thats|there|id|im|you|ye)$/

/** What was said since the last place where an act surely ends. */
interface Saw {
  noun: boolean
  verb: boolean
  away: boolean
  count: boolean
}
const nothing: Saw = { noun: false, verb: false, away: false, count: false }
const saw = (s: Saw, a: Atom): Saw => ({
  noun: s.noun || is(a, 'thing', 'part', 'size', 'mm', 'inch', 'word'),
  verb: s.verb || is(a, 'verb'),
  away: s.away || is(a, 'away', 'done'),
  count: s.count || figure(a),
})

/** Two words that no sign parts, and what was said before them. */
interface Between {
  before: Atom
  a: Atom
  after: Atom | undefined
  /** The noun that follows, behind its article or its number. */
  object: Atom | undefined
  saw: Saw
  sawPosture: boolean
}
/** A place where an act may end: by which name the weights know it, and whether what follows starts afresh. */
interface Boundary {
  type: string
  isHere: (at: Between) => boolean
  isFresh?: true
}

const isBound = (before: Atom): boolean =>
  is(before, 'pron', 'aux', 'modal', 'neg', 'conj', 'reason', 'filler', 'det') || before.words === 'to'
const hasSaid = ({ noun, verb }: Saw): boolean => noun || verb
const isConj = ({ a, before }: Between): boolean => is(a, 'conj') && a.words !== 'with' && !is(before, 'det')
const isNewVerb = ({ a, before, saw }: Between): boolean =>
  is(a, 'verb') && (saw.verb || saw.away || saw.noun) && !isBound(before)

/** In the order in which they are tried; one without a name keeps its two words together. */
const boundaries: readonly Boundary[] = [
  {
    type: 'on-temp',
    isHere: ({ a, object, saw, sawPosture }) =>
      (is(a, 'prep') || a.words === 'over') && isNoun(object, 'temporary') && (saw.verb || sawPosture),
  },
  { type: '', isHere: ({ before, a, after }) => a.words === 'and' && pairs(before, after) },
  { type: 'and', isHere: at => isConj(at) && /^(and|&|n)$/.test(at.a.words), isFresh: true },
  { type: 'then', isHere: isConj, isFresh: true },
  { type: 'reason', isHere: ({ a, saw }) => is(a, 'reason') && hasSaid(saw), isFresh: true },
  { type: 'warn', isHere: ({ a, saw }) => is(a, 'warn') && hasSaid(saw), isFresh: true },
  {
    type: 'subject',
    isHere: ({ before, a, after, saw }) =>
      subject.test(a.words) &&
      hasSaid(saw) &&
      is(after, 'verb', 'aux', 'modal', 'neg', 'away', 'filler', 'later', 'still') &&
      !is(before, 'reason', 'conj', 'prep', 'pass'),
    isFresh: true,
  },
  { type: 'ing', isHere: at => isNewVerb(at) && at.a.verb!.form === 'ing' && at.saw.verb, isFresh: true },
  { type: 'ing', isHere: at => isNewVerb(at) && at.a.verb!.form === 'ing' },
  { type: 'verb+', isHere: at => isNewVerb(at) && at.saw.verb, isFresh: true },
  { type: 'verb', isHere: isNewVerb },
  { type: 'figure', isHere: ({ before, a, saw }) => figure(a) && saw.away && !is(before, 'det'), isFresh: true },
  {
    type: 'figure2',
    isHere: ({ before, a, after, saw }) =>
      figure(a) &&
      saw.count &&
      saw.noun &&
      !is(before, 'thing', 'part', 'sep') &&
      is(after, 'thing', 'size', 'mm', 'look'),
    isFresh: true,
  },
  {
    type: 'nouncount',
    isHere: ({ before, a, after, saw }) =>
      is(a, 'count', 'num') &&
      saw.noun &&
      is(after, 'thing', 'size', 'mm', 'inch', 'look', 'quality') &&
      !is(before, 'det', 'prep'),
  },
  {
    type: 'np',
    isHere: ({ before, a, saw }) =>
      (is(a, 'det', 'part', 'old', 'new') || isNoun(a, 'belt', 'hose', 'tube', 'plug', 'line')) &&
      saw.away &&
      hasSaid(saw) &&
      !is(before, 'prep', 'pass', 'det', 'part', 'old', 'new', 'look', 'pos', 'colour', 'away'),
    isFresh: true,
  },
  { type: 'oldnew', isHere: ({ before, a, saw }) => is(a, 'old', 'new') && saw.noun && !is(before, 'det') },
]

/** The places where a line can be cut, its start and its end among them. Over-many rather than too few: what stays together is decided by score. */
export function cutsOf(atoms: readonly Atom[]): Cut[] {
  const cuts: Cut[] = [{ at: 0, type: 'start' }]
  const put = (at: number, type: string) => {
    if (type && at > 0 && at < atoms.length && cuts.at(-1)!.at < at) cuts.push({ at, type })
  }
  let said = nothing
  let sawPosture = false
  for (const [i, a] of atoms.entries()) {
    const [before, after] = [atoms[i - 1], atoms[i + 1]]
    if (a.tag === 'sep') {
      const isColourPair = a.sign === '/' && is(before, 'colour') && is(after, 'colour')
      const joins = ['+', '&', '/'].includes(a.sign!) && pairs(before, after)
      if (a.sign === '>' || isColourPair || joins) continue
      put(i + 1, a.sign === ';' && !saysThing(atoms, i + 1) ? ';-' : a.sign!)
      said = nothing
      continue
    }
    if (a.tag === 'exact' && a.field === 'kind') put(i, 'kind')
    if (before && before.tag !== 'sep') {
      const object = is(after, 'det', 'num', 'count', 'look') ? atoms[i + 2] : after
      const at = { before, a, after, object, saw: said, sawPosture }
      const boundary = boundaries.find(b => b.isHere(at))
      if (boundary) put(i, boundary.type)
      if (boundary?.isFresh) said = nothing
    }
    said = saw(said, a)
    sawPosture ||= is(a, 'posture')
  }
  cuts.push({ at: atoms.length, type: 'end' })
  return cuts
}
