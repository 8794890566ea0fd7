import type { Atom } from './atom.ts'
import { cueAt, weak } from './cues.ts'
import { canStandFor, sortOf } from './sorts.ts'
import { is, isSep } from './tell/telling.ts'

/** `not over, behind it`: what is denied right before it is said anew. */
function denied(atoms: readonly Atom[], at: number): { from: number; to: number } | null {
  if (atoms[at]!.words !== 'not') return null
  const next = at + (is(atoms[at + 1], 'det') ? 2 : 1)
  const [x, after] = [atoms[next], atoms[next + 1]]
  const kind = x && sortOf(x)
  if (!kind || !isSep(after)) return null
  return { from: at, to: next }
}

/** Strikes out what is denied, and with it what it denies where that is said anew right behind. */
function strikeDenied(out: Atom[], at: number, { from, to }: { from: number; to: number }): void {
  const kind = sortOf(out[to]!)!
  const same = findBack(out, at, kind, 6)
  const isAnew = out.slice(to + 1, to + 4).some(a => sortOf(a) === kind)
  if (same >= 0 && isAnew && out[same]!.words === out[to]!.words) strike(out, same, same)
  strike(out, from, to)
}

/** `no` before these is none of them. */
const isNone = /^(need|idea|one|reason|clamp|clip|clips|washer|time|spark|belt|touch|tools?|fight|fold|room|problem)$/

/** Where what is said anew begins: behind little words and further cues. */
function saidFrom(out: readonly Atom[], at: number): number {
  const isLittle = (i: number) =>
    isSep(out[i]) || is(out[i], 'filler', 'det', 'pron', 'aux', 'conj', 'neg') || cueAt(out, i)
  let from = at
  while (from < out.length && isLittle(from)) from += 1
  return from
}

/** A figure that is said anew is put where the old one stands, where that matters: before its thing. False where it stays in its own place. */
function putFigure(out: Atom[], was: number, now: number): boolean {
  const [old, { n }] = [out[was]!, out[now]!]
  const thing = (at: number) => out.slice(at + 1, at + 3).find(x => is(x, 'thing'))
  const [thingWas, thingNow] = [thing(was), thing(now)]
  if (thingWas && thingNow && !thingWas.struck && thingWas.noun === thingNow.noun) {
    // `seven tabs on the ring, recount, eight tabs`: only the figure is new.
    out[was] = { ...old, n: n! }
    strike(out, now, out.indexOf(thingNow))
    return true
  }
  if (old.tag === 'thread') {
    out[was] = { ...old, sets: { ...old.sets, ...(old.sets?.length !== undefined && { length: n! }) } }
    strike(out, now, now)
    return true
  }
  const next = out[now + 1]
  if (old.n === undefined || (next && sortOf(next) !== null && is(next, 'thing', 'size', 'mm', 'litres'))) return false
  out[was] = { ...old, n: n! }
  strike(out, now, now)
  return true
}

/** The words before a name that was taken back go with it, as far as they are said anew. */
function strikeName(out: Atom[], was: number, said: readonly Atom[]): void {
  for (let i = was - 1; i >= 0 && is(out[i], 'part', 'pos') && !out[i]!.struck; i--)
    if (said.some(a => sortOf(a) === sortOf(out[i]!))) strike(out, i, i)
}

/** What stands from `from` on replaces what is of its sort before the cue at `at`; false where nothing is. */
function replaceFrom(out: Atom[], at: number, from: number, isWeak: boolean): boolean {
  // A whole clause that says something else is no correction.
  const said = out.slice(from, stopAfter(out, from))
  const used: number[] = []
  for (const [k, a] of said.entries()) {
    const kind = sortOf(a)
    if (!kind || (isWeak && k > 0 && !used.length)) continue
    const was = findBack(out, at, kind, 14, used)
    if (was < 0) continue
    used.push(was)
    if (kind === 'figure' && putFigure(out, was, from + k)) continue
    strike(out, was, was)
    if (kind === 'part' && !is(out[from + k + 1], 'part')) strikeName(out, was, said)
  }
  return used.length > 0
}

/**
 * A line with what was taken back struck out: `six clips, wait, five` is five clips. What comes after a cue (`no`, `sorry`, `I mean`) stands for the last
 * thing before it that is of its sort; where nothing is, nothing is struck.
 */
export function corrected(atoms: readonly Atom[]): Atom[] {
  const out = atoms.map(a => ({ ...a }))
  for (let i = 0; i < out.length; i++) {
    if (out[i]!.struck) continue
    const not = denied(out, i)
    if (not) strikeDenied(out, i, not)
    const cue = i === 0 || not ? null : cueAt(out, i)
    if (!cue || (cue.words === 'no' && isNone.test(out[i + 1]?.words ?? ''))) continue
    const from = saidFrom(out, i + cue.took)
    if (from === out.length) continue
    const isWeak = weak.has(cue.words)
    if (replaceFrom(out, i, from, isWeak)) {
      strike(out, i, from - 1)
      i = from - 1
    } else if (!isWeak) strike(out, i, i + cue.took - 1)
  }
  return out
}
function strike(atoms: Atom[], from: number, to: number): void {
  for (let i = from; i <= to; i++) if (!is(atoms[i], 'sep')) atoms[i] = { ...atoms[i]!, struck: true }
}
function findBack(
  atoms: readonly Atom[],
  before: number,
  kind: string,
  reach: number,
  used: readonly number[] = [],
): number {
  for (let i = before - 1; i >= Math.max(0, before - reach); i--) {
    const a = atoms[i]!
    const was = a.struck || used.includes(i) ? null : sortOf(a)
    if (was && canStandFor(kind, was, a)) return i
  }
  return -1
}
const stopAfter = (atoms: readonly Atom[], from: number): number => {
  for (let i = from; i < atoms.length; i++) if (isSep(atoms[i]) && i > from) return i
  return atoms.length
}
