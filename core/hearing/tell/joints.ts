import { tellName, tellPlace } from './names.ts'
import { nounPhrases, wordsOf } from './phrases.ts'
import { setsOf } from './sets.ts'
import { free, is, isNoun, mark, tell, where, type Telling } from './telling.ts'
import type { Context } from './told.ts'

/** A hose joint: which hose, its clamp, what it comes off. */
export function joint(t: Telling, { text, heading }: Context): void {
  setsOf(t, 'clamp', 'joins', 'clock')
  const clampAt = where(t, a => isNoun(a, 'clamp') || (isNoun(a, 'clip') && a.sets?.type === 'spring clip'))
  for (const i of clampAt) {
    if (t.atoms[i]!.sets?.type === 'spring clip') t.values.clamp ??= 'spring'
    // `spring, clamp`: a spring beside a hose is its clamp.
    mark(t, i, 'clamp')
  }
  for (const i of where(t, a => isNoun(a, 'spring'))) if (t.values.clamp === undefined) tell(t, i, 'clamp', 'spring')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'clamp')
  const hoses = where(t, a => isNoun(a, 'hose', 'tube'))
  const all = nounPhrases(t)
  const of =
    all.find(p => hoses.some(h => h >= p.from && h <= p.to) && p.prep === undefined) ??
    all.find(p => hoses.some(h => h >= p.from && h <= p.to))
  if (of) {
    const h = hoses.find(x => x >= of.from && x <= of.to)!
    t.values.hose = wordsOf(t, text, { from: of.from, to: Math.max(h, of.from) })
    for (let i = of.from; i <= of.to; i++) t.roles[i] ??= 'hose'
    if (h < of.to) for (let i = h + 1; i <= of.to; i++) t.roles[i] = undefined
  } else if (!tellName(t, text, 'hose')) t.values.hose = 'hose'
  for (const i of hoses) mark(t, i, 'hose')
  for (const i of where(t, a => a.n !== undefined && is(a, 'num', 'count')))
    if (free(t, i)) tell(t, i, 'several', t.atoms[i]!.n)
  tellPlace(t, text, heading)
}
