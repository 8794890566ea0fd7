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

/** The places where a line can be cut, its start and its end among them. Over-many rather than too few: what stays together is decided by score. */
export function cutsOf(atoms: readonly Atom[]): Cut[] {
  const cuts: Cut[] = [{ at: 0, type: 'start' }]
  const put = (at: number, type: string) => {
    if (at > 0 && at < atoms.length && cuts.at(-1)!.at < at) cuts.push({ at, type })
  }
  let sawNoun = false
  let sawVerb = false
  let sawAway = false
  let sawCount = false
  const fresh = () => {
    sawNoun = sawVerb = sawAway = sawCount = false
  }
  for (let i = 0; i < atoms.length; i++) {
    const a = atoms[i]!
    const [before, after] = [atoms[i - 1], atoms[i + 1]]
    if (a.tag === 'sep') {
      if (a.sign === '>') continue
      const isColourPair = a.sign === '/' && is(before, 'colour') && is(after, 'colour')
      const joins = ['+', '&', '/'].includes(a.sign!) && pairs(before, after)
      if (isColourPair || joins) continue
      put(i + 1, a.sign === ';' && !saysThing(atoms, i + 1) ? ';-' : a.sign!)
      fresh()
      continue
    }
    if (a.tag === 'exact' && a.field === 'kind') put(i, 'kind')
    if (i > 0 && before!.tag !== 'sep') {
      const bound =
        is(before, 'pron', 'aux', 'modal', 'neg', 'conj', 'reason', 'filler', 'det') || before!.words === 'to'
      const object = is(after, 'det', 'num', 'count', 'look') ? atoms[i + 2] : after
      if (
        (is(a, 'prep') || a.words === 'over') &&
        isNoun(object, 'temporary') &&
        (sawVerb || atoms.slice(0, i).some(x => is(x, 'posture')))
      ) {
        put(i, 'on-temp')
      } else if (a.words === 'and' && pairs(before, after)) {
        continue
      } else if (is(a, 'conj') && a.words !== 'with' && !is(before, 'det')) {
        put(i, a.words === 'and' || a.words === '&' || a.words === 'n' ? 'and' : 'then')
        fresh()
      } else if (is(a, 'reason') && (sawNoun || sawVerb)) {
        put(i, 'reason')
        fresh()
      } else if (is(a, 'warn') && (sawNoun || sawVerb)) {
        put(i, 'warn')
        fresh()
      } else if (
        subject.test(a.words) &&
        (sawNoun || sawVerb) &&
        is(after, 'verb', 'aux', 'modal', 'neg', 'away', 'filler', 'later', 'still') &&
        !is(before, 'reason', 'conj', 'prep', 'pass')
      ) {
        put(i, 'subject')
        fresh()
      } else if (is(a, 'verb') && (sawVerb || sawAway || sawNoun) && !bound) {
        put(i, a.verb!.form === 'ing' ? 'ing' : sawVerb ? 'verb+' : 'verb')
        if (sawVerb) fresh()
      } else if (figure(a) && sawAway && !is(before, 'det')) {
        put(i, 'figure')
        fresh()
      } else if (
        figure(a) &&
        sawCount &&
        sawNoun &&
        !is(before, 'thing', 'part', 'sep') &&
        is(after, 'thing', 'size', 'mm', 'look')
      ) {
        put(i, 'figure2')
        fresh()
      } else if (
        is(a, 'count', 'num') &&
        sawNoun &&
        is(after, 'thing', 'size', 'mm', 'inch', 'look', 'quality') &&
        !is(before, 'det', 'prep')
      ) {
        put(i, 'nouncount')
      } else if (
        (is(a, 'det', 'part', 'old', 'new') || isNoun(a, 'belt', 'hose', 'tube', 'plug', 'line')) &&
        sawAway &&
        (sawNoun || sawVerb) &&
        !is(before, 'prep', 'pass', 'det', 'part', 'old', 'new', 'look', 'pos', 'colour', 'away')
      ) {
        put(i, 'np')
        fresh()
      } else if (is(a, 'old', 'new') && sawNoun && !is(before, 'det')) {
        put(i, 'oldnew')
      }
    }
    if (is(a, 'thing', 'part', 'size', 'mm', 'inch', 'word')) sawNoun = true
    if (is(a, 'verb')) sawVerb = true
    if (is(a, 'away', 'done')) sawAway = true
    if (is(a, 'num', 'count', 'size')) sawCount = true
  }
  cuts.push({ at: atoms.length, type: 'end' })
  return cuts
}
