import type { Raw } from '../phrases.ts'
import { asEntry, startsObject, verbOf, type Here } from './here.ts'
import { is, isSep } from '../tell/telling.ts'

/** Verbs that are commands at the start of a clause although they name parts too. */
const commanding = new Set(['discharge', 'press', 'drain', 'mark', 'measure', 'release', 'twist', 'turn'])
/** Verbs that are things rather than commands before a number: `clip 2x`. */
const thingsFirst = new Set('clip tie screw bolt tape plug switch lock spring hook clamp block'.split(' '))

/** What can be a verb, and stands where one would. */
function asVerb({ a, before, after }: Here): Raw {
  const verb = verbOf(a)
  if (!verb) return a
  const { form } = verb.verb!
  const w = a.words
  if (form === 'ing' || (form === 'ed' && a.tag !== 'pos' && w !== 'cut')) return asEntry(a, verb)
  const hasSubject =
    isSep(before) || is(before, 'pron', 'modal', 'conj', 'aux', 'filler', 'neg') || before?.words === 'to'
  const hasObject = startsObject(after) || is(after, 'pron', 'count')
  const isPlain = is(after, 'det', 'pron')
  const isName =
    w === 'right' ||
    (isSep(before) && (a.tag === 'pos' || (a.tag === 'thing' && !isPlain && !is(after, 'num', 'count')))) ||
    (a.tag === 'part' && !isPlain)
  return form === 'base' && hasSubject && hasObject && !isName ? asEntry(a, verb) : a
}

/** What can be a thing is one, unless it stands where only a verb can and something follows that it is done to. */
function asNoun({ a, before, after }: Here): Raw {
  const { form, lemma } = a.verb!
  const noun = a.can.find(e => e.tag === 'thing' || e.tag === 'part')
  const isFirst = isSep(before)
  if (form === 'base' && isFirst && commanding.has(lemma) && is(after, 'thing', 'part', 'det', 'pos')) return a
  if (!noun) {
    const isName = is(before, 'det', 'prep', 'pass', 'pos', 'old', 'new') && !/^(to|inside)$/.test(before!.words)
    return form === 'base' && isName ? { ...a, tag: 'word' } : a
  }
  if (form === 's') return is(before, 'pron') ? a : asEntry(a, noun)
  if (form !== 'base') return a
  const counted = is(after, 'num', 'count')
  const commands = isFirst || is(before, 'pron', 'modal', 'conj', 'neg', 'filler') || before?.words === 'to'
  const hasObject =
    is(after, 'det', 'pron') ||
    (isFirst
      ? counted && a.can.some(e => e.verb && !thingsFirst.has(e.verb.lemma))
      : counted || is(after, 'part', 'thing', 'pos'))
  return commands && hasObject ? a : asEntry(a, noun)
}

/** What is a thing in one place and done in another: `clip it on`, `the clip`. */
export const verbOrNoun = (here: Here): Raw =>
  is(here.a, 'thing', 'part', 'pos', 'filler', 'look', 'state', 'away', 'quality')
    ? asVerb(here)
    : here.a.tag === 'verb'
      ? asNoun(here)
      : here.a
