import { tellCount, tellLoneFigures, tellSizes } from './figures.ts'
import { firstOf, tellPlace } from './names.ts'
import { setsOf, tellLook } from './sets.ts'
import { isNoun, mark, where, type Telling } from './telling.ts'
import type { Context } from './told.ts'

/** Fasteners: their sizes, how many, how they look, where. */
export function fasteners(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'fastener')
  tellSizes(t)
  setsOf(t, 'drive', 'hand', 'head', 'secured', 'washers', 'into', 'captive', 'feel', 'pattern', 'torque', 'turns')
  tellCount(t, head)
  tellLoneFigures(t)
  tellLook(t)
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'fastener'))) mark(t, i, 'thing')
  deniedHand(t)
  tellPlace(t, text, heading)
}
/** `left-hand thread I thought but it's normal` is no left-hand thread. */
function deniedHand(t: Telling): void {
  if (t.values.hand !== 'left') return
  const at = t.roles.indexOf('hand')
  const after = t.atoms.slice(at + 1, at + 9)
  const question = after.slice(0, 3).some(a => a.sign === '?') && !after.some(a => /^(yes|yep|aye)$/.test(a.words))
  if (question || after.some(a => /^(normal|ordinary|no|not|standard)$/.test(a.words))) delete t.values.hand
}
/** Clips, and what is released like them. */
export function clips(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'clip')
  const other = head < 0 ? firstOf(t, 'spring', 'pin', 'ring', 'tie', 'retainer', 'clamp') : -1
  setsOf(t, 'type', 'direction', 'fragile')
  if (t.values.type === undefined && t.atoms.some(a => a.verb?.lemma === 'unhook')) t.values.type = 'hook'
  tellCount(t, head >= 0 ? head : other)
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'thing')
  tellLook(t)
  tellPlace(t, text, heading)
}
