import type { Raw } from '../phrases.ts'
import { asEntry, thingOf, nouny, verbOf, type Here } from './here.ts'
import { is, isSep } from '../tell/telling.ts'

/** `off` with a letter short: behind a verb, or before what ends the clause. */
function off({ a, before, after }: Here): Raw {
  if (/^(clear|out|free|because|instead|one|all|both|part|half|rest|kind|sort)$/.test(before?.words ?? '')) return a
  const isVerb = before !== undefined && before.n === undefined && (before.tag === 'verb' || isBentVerb(before))
  const ends =
    isSep(after) ||
    after!.words === 'with' ||
    (after!.tag === 'prep' && after!.words !== 'of') ||
    after!.tag === 'conj' ||
    (after!.n !== undefined && before?.tag === 'verb')
  const isBehindHose = before?.tag === 'thing' && ['hose', 'belt', 'tube'].includes(before.noun ?? '')
  return isVerb || (ends && !isSep(before)) || (isBehindHose && after?.tag === 'det')
    ? { ...a, tag: 'away', words: 'off' }
    : a
}
const isBentVerb = (a: Raw): boolean =>
  a.tag !== 'aux' && a.can.some(e => e.tag === 'verb' && e.verb !== undefined && e.verb.form !== 'base')

/** Dictation hears a number as a little word: only before what is counted, where nothing else wants the word. */
function number({ a, before, after, all, i, line }: Here): Raw | null {
  if (a.n !== undefined) return null
  const w = a.words
  const n: Raw = { ...a, tag: 'num', n: w === 'for' ? 4 : 2, off: 1 }
  const counts = (x: Raw | undefined) =>
    is(x, 'size', 'mm') ||
    (x?.tag === 'thing' && x.plural === true) ||
    (x?.tag === 'num' && (x.n ?? 0) > 5 && w !== 'to')
  const second = is(after, 'quality', 'look', 'size', 'mm', 'num') ? all[i + 2] : undefined
  const isFree =
    isSep(before) || is(before, 'conj', 'verb', 'aux') || (is(before, 'part', 'thing', 'pos', 'prep') && w !== 'for')
  const wantsObject =
    before?.tag === 'verb' && ['screw', 'go', 'come', 'run', 'pull', 'get'].includes(before.verb!.lemma)
  const isDrive = w !== 'for' && after?.tag === 'quality' && Boolean(after.sets?.drive)
  if (isFree && !wantsObject && (counts(after) || counts(second) || isDrive)) return n
  return w === 'for' && isSep(after) && line.has('all') ? n : a
}

const leftHow =
  /^(in|on|it|them|there|alone|attached|hanging|dangling|sitting|standing|lying|resting|still|as|where|plugged|leaning|leaned|just|for|with|loose)$/
/** `left` as what was left so, or as a side. */
function left({ a, before, after }: Here): Raw | null {
  const verb = verbOf(a)
  if (!verb) return null
  const isPlace = /^(the|on|bottom|top|rear|upper|lower|front|far|to|at|and|back|in|right)$/.test(before?.words ?? '')
  const goes = after !== undefined && (leftHow.test(after.words) || after.tag === 'det' || after.verb?.form === 'ing')
  const isDone = goes && (!isPlace || (before!.words === 'and' && after.verb?.form === 'ing'))
  return isDone ? asEntry(a, verb) : a
}

/** What can be used and can be done: `tape the lead`, `a mark`. */
function used({ a, before, after }: Here): Raw {
  const isDone =
    (isSep(before) || is(before, 'pron', 'modal', 'conj')) &&
    (is(after, 'det', 'part') || (after?.tag === 'thing' && a.words !== 'mark') || (a.words === 'mark' && nouny(after)))
  return isDone ? asEntry(a, verbOf(a)) : a
}

/** How much slack a lead has: in fingers, hands, loops. */
const slack = ({ a, after, all, i }: Here): Raw | null =>
  after?.tag === 'num' && /^(fingers?|hands?|loops?|cm)$/.test(all[i + 2]?.words ?? '')
    ? { ...a, tag: 'lead', field: 'slack' }
    : null
/** `with a tap` of the mallet. */
const tap = ({ a, before, all, i }: Here): Raw | null =>
  before?.words === 'a' && all[i - 2]?.words === 'with' ? { ...a, tag: 'word' } : null

const rules: Readonly<Record<string, (here: Here) => Raw | null>> = {
  of: off,
  offf: off,
  to: number,
  too: number,
  two: number,
  for: number,
  left,
  tape: used,
  strap: used,
  prop: used,
  mark: used,
  slack,
  tap,
}
/** What a word that has a rule of its own means here; null where the rule does not say. */
export const byWord = (here: Here): Raw | null =>
  Object.hasOwn(rules, here.a.words) ? rules[here.a.words]!(here) : null

/** A pan is a tin, unless screws are spoken of: then it is the form of their heads. */
export function tinOrHead({ a, all }: Here): Raw {
  const isOfScrews = (x: Raw) => is(x, 'size', 'thread') || (x.tag === 'thing' && x.noun === 'fastener')
  return a.words === 'pan' && !all.some(isOfScrews) ? asEntry(a, thingOf(a)) : a
}
