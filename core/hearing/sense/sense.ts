import type { Raw } from '../phrases.ts'
import type { Here } from './here.ts'
import { is, isSep } from '../tell/telling.ts'
import { thingHere } from './things.ts'
import { verbOrNoun } from './verbs.ts'
import { byWord, tinOrHead } from './words.ts'

/** What an atom means by its tag alone; null where its neighbours decide whether it is done or a thing. */
function byTag({ a, before, after }: Here): Raw | null {
  // A state behind an article, with nothing that is so, is a plain word.
  if (a.tag === 'state' && before?.tag === 'det' && (isSep(after) || is(after, 'prep', 'conj', 'pass')))
    return { ...a, tag: 'word' }
  const isCondition = a.tag === 'quality' && a.sets?.condition !== undefined
  if (isCondition && !is(after, 'det', 'pron', 'num', 'count')) return a
  return /^(second|over|under)$/.test(a.words) ? a : null
}

const senseOf = (here: Here): Raw =>
  byWord(here) ?? byTag(here) ?? thingHere({ ...here, a: verbOrNoun({ ...here, a: tinOrHead(here) }) })

/** What each atom means where it stands, by its neighbours. */
export function withSense(atoms: readonly Raw[]): Raw[] {
  const all = [...atoms]
  const line = new Set(atoms.map(a => a.words))
  const lemmas = new Set(atoms.flatMap(a => a.can.flatMap(e => (e.verb ? [e.verb.lemma] : []))))
  for (let i = 0; i < all.length; i++)
    all[i] = senseOf({ a: all[i]!, before: all[i - 1], after: all[i + 1], all, i, line, lemmas })
  return all
}
