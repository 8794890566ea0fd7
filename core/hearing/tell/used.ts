import { tellCount } from './figures.ts'
import { firstOf, tellPlace } from './names.ts'
import { tellMeasure } from './sets.ts'
import { isNoun, mark, where, type Telling } from './telling.ts'
import type { Context } from './told.ts'

/** Ties, tape and seals that are cut. */
export function cutting(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'tie', 'tape', 'seal', 'clamp')
  const noun = head >= 0 ? t.atoms[head]!.noun! : 'tie'
  tellMeasure(t)
  t.values.consumable = noun === 'seal' && /gasket/.test(t.atoms[head]!.words) ? 'gasket' : noun
  tellCount(t, head)
  if (head >= 0) mark(t, head, 'thing')
  tellPlace(t, text, heading)
}

/** What is put in for a time: by its name, or by the verb that puts it in. */
export function temporary(t: Telling, { text, heading }: Context): void {
  let head = firstOf(t, 'temporary', 'tape')
  const { atoms } = t
  if (head < 0) head = firstOf(t, 'clamp')
  if (head >= 0) t.values.thing = atoms[head]!.noun === 'temporary' ? atoms[head]!.sets!.thing : atoms[head]!.noun
  else {
    const verbs: Record<string, string> = {
      prop: 'prop',
      chock: 'block',
      tape: 'tape',
      strap: 'strap',
      wedge: 'block',
      block: 'block',
      lash: 'strap',
      bungee: 'strap',
      support: 'prop',
      clamp: 'clamp',
      tie: 'strap',
    }
    const verb = atoms.findIndex(a => a.verb && verbs[a.verb.lemma])
    if (verb >= 0) {
      t.values.thing = verbs[atoms[verb]!.verb!.lemma]
      mark(t, verb, 'act')
    }
  }
  // A strip of tape, two strips: what is counted stands before it.
  tellCount(t, head)
  if (head < 0 && t.values.count === undefined) {
    t.values.count = 1
    t.values.countImplied = true
  }
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'temporary'))) mark(t, i, 'thing')
  tellPlace(t, text, heading)
}
