import type { Raw } from '../phrases.ts'
import { asEntry, isSep, startsObject, tagged, verbOf, type Here } from './here.ts'

/** Verbs that are commands at the start of a clause although they name parts too. */
const commanding = new Set(['discharge', 'press', 'drain', 'mark', 'measure', 'release', 'twist', 'turn'])
/** Verbs that are things rather than commands before a number: `clip 2x`. */
const thingsFirst = new Set(
  ['clip', 'tie', 'screw', 'bolt', 'tape', 'plug', 'switch', 'lock', 'spring', 'hook', 'clamp', 'block'], //
)

/** What can be a verb, and stands where one would. */
function asVerb({ a, before, after }: Here): Raw {
  const verb = verbOf(a)
  if (!verb) return a
  const { form } = verb.verb!
  const w = a.words
  if (form === 'ing' || (form === 'ed' && a.tag !== 'pos' && w !== 'cut')) return asEntry(a, verb)
  const hasSubject =
    isSep(before) || tagged('pron', 'modal', 'conj', 'aux', 'filler', 'neg')(before) || before?.words === 'to'
  const hasObject = startsObject(after) || tagged('pron', 'count')(after)
  const isPlain = tagged('det', 'pron')(after)
  const isName =
    w === 'right' ||
    (isSep(before) && (a.tag === 'pos' || (a.tag === 'thing' && !isPlain && !tagged('num', 'count')(after)))) ||
    (a.tag === 'part' && !isPlain)
  return form === 'base' && hasSubject && hasObject && !isName ? asEntry(a, verb) : a
}

/** What can be a thing is one, unless it stands where only a verb can and something follows that it is done to. */
function asNoun({ a, before, after }: Here): Raw {
  const { form, lemma } = a.verb!
  const noun = a.can.find(e => e.tag === 'thing' || e.tag === 'part')
  const isFirst = isSep(before)
  if (form === 'base' && isFirst && commanding.has(lemma) && tagged('thing', 'part', 'det', 'pos')(after)) return a
  if (!noun) {
    const isName = tagged('det', 'prep', 'pass', 'pos', 'old', 'new')(before) && !/^(to|inside)$/.test(before!.words)
    return form === 'base' && isName ? { ...a, tag: 'word' } : a
  }
  if (form === 's') return tagged('pron')(before) ? a : asEntry(a, noun)
  if (form !== 'base') return a
  const counted = tagged('num', 'count')(after)
  const commands = isFirst || tagged('pron', 'modal', 'conj', 'neg', 'filler')(before) || before?.words === 'to'
  const hasObject =
    tagged('det', 'pron')(after) ||
    (isFirst
      ? counted && a.can.some(e => e.verb && !thingsFirst.has(e.verb.lemma))
      : counted || tagged('part', 'thing', 'pos')(after))
  return commands && hasObject ? a : asEntry(a, noun)
}

const nounTags = tagged('thing', 'part', 'pos', 'filler', 'look', 'state', 'away', 'quality')
/** What is a thing in one place and done in another: `clip it on`, `the clip`. */
export const verbOrNoun = (here: Here): Raw =>
  nounTags(here.a) ? asVerb(here) : here.a.tag === 'verb' ? asNoun(here) : here.a
