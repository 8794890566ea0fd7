import type { Atom } from './atom.ts'
import { is, isNoun } from './tell/telling.ts'

/** What two atoms must share for the one to be said in the place of the other. */
export function sortOf(a: Atom): string | null {
  if (a.n !== undefined && is(a, 'num', 'count', 'times')) return 'figure'
  if (is(a, 'size', 'quality') && a.sets?.drive !== undefined) return 'drive'
  if (is(a, 'mm', 'inch')) return 'width'
  if (is(a, 'pos', 'pass', 'cell', 'litres', 'ways', 'colour', 'thread', 'posture', 'part')) return a.tag
  if (isNoun(a, 'clamp')) return 'clamp'
  if (is(a, 'verb') && a.verb!.kinds.some(k => k !== 'remark')) return 'verb'
  if (is(a, 'thing')) return `thing:${a.noun}`
  return null
}
/** A figure can stand for what has a unit: `19, er, 17 mm`. */
export const canStandFor = (now: string, was: string, old: Atom): boolean =>
  now === was ||
  (now === 'figure' && was === 'thread') ||
  (now === 'width' && was === 'figure') ||
  (now === 'figure' && ((was === 'width' && !is(old, 'inch')) || was === 'litres' || was === 'ways')) ||
  (now === 'litres' && was === 'figure')
