import type { Atom } from '../atom.ts'
import { millimetres } from '../figures.ts'
import { free, is, isNoun, mark, tell, type Telling } from './telling.ts'

/** Widths across flats that spanners come in, in mm. Of what is at hand in a washer only the odd ones are missing. */
const spanners = new Set([
  4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 24, 27, 30, 32, 34, 36, 38, 41, 46,
])
/** Those that most are. */
const usual = new Set([5.5, 7, 8, 10, 13, 15, 17, 19])
/** Nobody takes more of one thing off in one go. */
const mostOf: Readonly<Record<string, number>> = {
  'remove-fasteners': 40,
  slacken: 20,
  'release-clips': 24,
  unplug: 24,
  cut: 20,
  'place-temporary': 8,
}

const counts = (a: Atom | undefined): boolean =>
  is(a, 'look', 'quality', 'size', 'thread', 'colour', 'mm', 'inch', 'state') ||
  isNoun(
    a,
    'fastener',
    'clip',
    'plug',
    'spade',
    'tie',
    'tape',
    'temporary',
    'pin',
    'spring',
    'seal',
    'ring',
    'clamp',
    'line',
    'hose',
    'retainer',
    'groove',
    'belt',
    'mark',
  ) ||
  is(a, 'part', 'word', 'new', 'old')

/** How many: the figure that counts, told first where it stands before what it counts. `head` is the thing that is counted. */
export function tellCount(t: Telling, head: number): void {
  const most = mostOf[t.kind] ?? 24
  const { atoms } = t
  const whole = (a: Atom): boolean => a.n !== undefined && Number.isInteger(a.n) && a.n > 0 && a.n <= most
  const candidates: { i: number; score: number }[] = []
  const noun = head >= 0 ? atoms[head]! : undefined
  for (const [i, a] of atoms.entries()) {
    if (!free(t, i) || !whole(a)) continue
    const [before, after] = [atoms[i - 1], atoms[i + 1]]
    if (a.words === 'both' && noun && !noun.plural && i > head) continue
    if (a.tag === 'count') candidates.push({ i, score: 5 - (head >= 0 && Math.abs(head - i) > 6 ? 2 : 0) })
    else if (a.tag === 'times') candidates.push({ i, score: a.n! <= 16 ? 4 : 1 })
    else if (a.tag === 'num' && !a.plural && a.field !== '#') {
      let score = 2
      if (i + 1 === head || (counts(after) && (head > i || head < 0))) score += 2
      if (noun?.plural && a.n! > 1) score += 1
      // `nut, 36` is a size; `screw two` of somebody who leaves the plural out is two.
      if (noun && !noun.plural && a.n! > 1 && i > head) score -= a.n! >= 7 && !('size' in t.values) ? 2.5 : 0.5
      if (noun?.plural && i > head && noun.noun === 'fastener' && a.n! >= 13 && usual.has(a.n!)) score -= 2
      if (a.n! > 12) score -= 1
      if (i > head && usual.has(a.n!) && noun?.sets?.drive === 'nut') score -= 2
      if (a.words === 'one' && (is(after, 'sep', 'aux', 'verb') || after === undefined) && noun?.plural) score -= 2.5
      if (is(before, 'quality') && before?.sets?.drive !== undefined && !is(before, 'thing')) score -= 0.5
      if (is(after, 'measure')) score -= 3
      candidates.push({ i, score })
    }
  }
  candidates.sort((a, b) => b.score - a.score || a.i - b.i)
  const [first, second] = candidates
  if (first && first.score >= 1) {
    tell(t, first.i, 'count', atoms[first.i]!.n)
    if (second && atoms[second.i]!.n !== atoms[first.i]!.n && first.score - second.score < 1.5)
      t.doubts.push({ field: 'count', near: 0.8 - (first.score - second.score) * 0.4 })
    // The same figure said again counts nothing more.
    for (const c of candidates.slice(1))
      if (atoms[c.i]!.n === atoms[first.i]!.n && is(atoms[c.i], 'count')) mark(t, c.i, 'count')
    return
  }
  if (noun && noun.plural) return
  if (head >= 0 || 'size' in t.values || 'drive' in t.values || 'thread' in t.values) {
    const sized = atoms.find((a, i) => (t.roles[i] === 'size' || t.roles[i] === 'drive') && a.plural)
    if (!sized) {
      t.values.count = 1
      t.values.countImplied = true
    }
  }
}

/** Sizes, threads and lengths of fasteners, by what is plausible: no screw is 3 mm long, nobody takes 36 nuts off a hub. */
export function tellSizes(t: Telling): void {
  const { atoms } = t
  for (const [i, a] of atoms.entries()) {
    if (!free(t, i)) continue
    if (a.tag === 'size' || a.tag === 'thread') {
      let told = false
      for (const [field, value] of Object.entries(a.sets ?? {})) told = tellBeside(t, i, field, value) || told
      if (told)
        t.roles[i] = a.tag === 'size' && 'size' in (a.sets ?? {}) ? 'size' : a.tag === 'size' ? t.roles[i]! : 'thread'
    } else if (a.tag === 'times' && a.sets) {
      for (const [field, value] of Object.entries(a.sets)) tellBeside(t, i, field, value)
      mark(t, i, 'length')
    }
  }
  const afterSize = (i: number) => t.roles[i - 1] === 'size' || t.roles[i - 1] === 'thread'
  for (const [i, a] of atoms.entries()) {
    if (!free(t, i)) continue
    if (a.tag === 'mm') {
      if (a.sets?.size) tellBeside(t, i, 'size', a.sets.size)
      else if (!('size' in t.values) && spanners.has(a.n!) && !(afterSize(i) && a.n! > 10)) {
        tellBeside(t, i, 'size', `${a.n} mm`)
        if (!usual.has(a.n!)) t.doubts.push({ field: 'size', near: 0.3 })
      } else if (a.n! >= 4 && a.n! <= 300) tellBeside(t, i, 'length', a.n)
      mark(t, i, 'length')
    } else if (a.tag === 'inch' && a.sets?.size) {
      const lies = /^(wide|thick|in|grommet|block|hole)$/.test(atoms[i + 1]?.words ?? '') && !is(atoms[i + 1], 'thing')
      if (!('size' in t.values) && !lies && a.n! >= 0.14 && a.n! <= 2) tellBeside(t, i, 'size', a.sets.size)
      else if (a.n! <= 4) tellInches(t, i, String(a.sets.size))
      mark(t, i, 'length')
    } else if (
      a.tag === 'times' &&
      // A figure that hangs on its sign multiplies, unless a screw is more likely so long than there are so many: `8 mm x14`.
      (a.plural !== true || a.n! >= 10) &&
      afterSize(i) &&
      !(a.n! <= 3) &&
      !(is(atoms[i - 1], 'inch') && a.n! <= 16)
    ) {
      tellBeside(t, i, 'length', a.n)
      if (a.plural && a.n! <= 16) t.doubts.push({ field: 'length', near: 0.5 })
      mark(t, i, 'length')
    } else if (a.tag === 'times' && a.n! > 16) {
      tellBeside(t, i, 'length', a.n)
      mark(t, i, 'length')
    }
  }
}
function tellInches(t: Telling, i: number, said: string): void {
  if (tellBeside(t, i, 'length', millimetres(said.replace(' in', '')))) tellBeside(t, i, 'lengthAs', said)
}
/** Tells one more field by the same atom. */
export function tellBeside(t: Telling, i: number, field: string, value: unknown): boolean {
  if (value === undefined || field in t.values) return false
  t.values[field] = value
  t.roles[i] ??= field
  return true
}

/** Lone figures that are left: a spanner where the count is known, a length where both are; never a count by default. */
export function tellLoneFigures(t: Telling): void {
  for (const [i, a] of t.atoms.entries()) {
    if (free(t, i) && a.tag === 'times' && a.n! >= 4 && !('length' in t.values)) {
      tellBeside(t, i, 'length', a.n)
      continue
    }
    if (!free(t, i) || a.tag !== 'num') continue
    if (!('size' in t.values) && (spanners.has(a.n!) || a.plural) && a.n! >= 4) {
      const { drive } = t.values
      const sign = drive === 'torx' ? 'T' : undefined
      tellBeside(t, i, 'size', sign ? `${sign}${a.n}` : `${a.n} mm`)
      t.doubts.push({ field: 'size', near: usual.has(a.n!) || a.plural ? 0.15 : 0.5 })
    } else if (a.field === '#' && t.values.drive === 'square') tellBeside(t, i, 'size', `#${a.n}`)
    else if (
      'size' in t.values &&
      !('length' in t.values) &&
      a.n! >= 6 &&
      a.n! <= 120 &&
      t.kind === 'remove-fasteners' &&
      is(t.atoms[i - 1], 'size', 'thread')
    ) {
      tellBeside(t, i, 'length', a.n)
      t.doubts.push({ field: 'length', near: 0.5 })
    }
  }
}
