import type { Atom } from './atom.ts'
import { is, isNoun } from './tell/telling.ts'

/** What somebody says who takes back what came before. */
const cues = [
  ['i', 'mean'],
  ['i', 'meant'],
  ['scratch', 'that'],
  ['strike', 'that'],
  ['make', 'that'],
  ['hang', 'on'],
  ['hold', 'on'],
  ['no', 'wait'],
  ['no', 'sorry'],
  ['no', 'only'],
  ['no', 'more', 'like'],
  ['actually', 'no'],
  ['not', 'a'],
  ['let', 'me', 'recount'],
  ['wait'],
  ['sorry'],
  ['no'],
  ['nope'],
  ['nah'],
  ['correction'],
  ['actually'],
  ['er'],
  ['erm'],
  ['rather'],
  ['oops'],
  ['checked'],
  ['make', 'it'],
  ['recount'],
] as const
/** The first words of the cues. */
const starts = new Set<string>(cues.map(([first]) => first))
/** Cues that are also said of what was not done: alone they take nothing back. */
const weak = new Set(['no', 'actually', 'rather', 'not a', 'checked', 'make it', 'hold on', 'hang on'])

function cueAt(atoms: readonly Atom[], at: number): { took: number; words: string } | null {
  const { words: first } = atoms[at]!
  if (!starts.has(first) && !starts.has(first.split(' ')[0]!)) return null
  const near = atoms.slice(at, at + 4)
  const words = near.flatMap((a, k) => (a.tag === 'sep' ? (k === 1 ? [] : ['|']) : a.words.split(' ')))
  for (const cue of cues)
    if (cue.every((w, k) => words[k] === w)) {
      let took = 0
      for (let left = cue.length; left > 0; took++)
        if (atoms[at + took]!.tag !== 'sep') left -= atoms[at + took]!.words.split(' ').length
      return { took, words: cue.join(' ') }
    }
  return null
}

/** What two atoms must share for the one to be said in the place of the other. */
function sort(a: Atom): string | null {
  if (a.n !== undefined && is(a, 'num', 'count', 'times')) return 'figure'
  if (is(a, 'size', 'quality') && a.sets?.drive !== undefined) return 'drive'
  if (is(a, 'mm', 'inch')) return 'width'
  if (is(a, 'pos')) return 'pos'
  if (is(a, 'pass')) return 'pass'
  if (is(a, 'cell')) return 'cell'
  if (is(a, 'litres')) return 'litres'
  if (is(a, 'ways')) return 'ways'
  if (is(a, 'colour')) return 'colour'
  if (is(a, 'thread')) return 'thread'
  if (is(a, 'posture')) return 'posture'
  if (isNoun(a, 'clamp')) return 'clamp'
  if (is(a, 'verb') && a.verb!.kinds.some(k => k !== 'remark')) return 'verb'
  if (is(a, 'part')) return 'part'
  if (is(a, 'thing')) return `thing:${a.noun}`
  return null
}
const isSign = (a: Atom | undefined): boolean => a === undefined || is(a, 'sep')
/** A figure can stand for what has a unit: `19, er, 17 mm`. */
const canStandFor = (now: string, was: string, old: Atom): boolean =>
  now === was ||
  (now === 'figure' && was === 'thread') ||
  (now === 'width' && was === 'figure') ||
  (now === 'figure' && ((was === 'width' && !is(old, 'inch')) || was === 'litres' || was === 'ways')) ||
  (now === 'litres' && was === 'figure')

/** `not over, behind it`: what is denied right before it is said anew. */
function denied(atoms: readonly Atom[], at: number): { from: number; to: number } | null {
  if (atoms[at]!.words !== 'not') return null
  const next = at + (is(atoms[at + 1], 'det') ? 2 : 1)
  const [x, after] = [atoms[next], atoms[next + 1]]
  const kind = x && sort(x)
  if (!kind || !isSign(after)) return null
  return { from: at, to: next }
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
    if (not) {
      const kind = sort(out[not.to]!)!
      const same = findBack(out, i, kind, 6)
      if (same >= 0 && out[same]!.words === out[not.to]!.words) {
        const anew = out.findIndex((a, k) => k > not.to && k < not.to + 4 && sort(a) === kind)
        if (anew > 0) strike(out, same, same)
      }
      strike(out, not.from, not.to)
      continue
    }
    if (i === 0) continue
    const cue = cueAt(out, i)
    if (
      !cue ||
      (cue.words === 'no' &&
        /^(need|idea|one|reason|clamp|clip|clips|washer|time|spark|belt|touch|tools?|fight|fold|room|problem)$/.test(
          out[i + 1]?.words ?? '',
        ))
    )
      continue
    let from = i + cue.took
    while (
      from < out.length &&
      (isSign(out[from]) || is(out[from], 'filler', 'det', 'pron', 'aux', 'conj', 'neg') || cueAt(out, from))
    )
      from += 1
    const first = out[from]
    if (!first) continue
    // A whole clause that says something else is no correction.
    const end = stopAfter(out, from)
    const said = out.slice(from, end)
    let replaced = false
    const used: number[] = []
    for (const [k, a] of said.entries()) {
      const kind = sort(a)
      if (!kind || (weak.has(cue.words) && k > 0 && !replaced)) continue
      const was = findBack(out, i, kind, 14, used)
      if (was < 0) continue
      used.push(was)
      replaced = true
      const [nounWas, nounNow] = [
        out.slice(was + 1, was + 3).find(x => is(x, 'thing')),
        out.slice(from + k + 1, from + k + 3).find(x => is(x, 'thing')),
      ]
      if (kind === 'figure' && nounWas && nounNow && !nounWas.struck && nounWas.noun === nounNow.noun) {
        // `seven tabs on the ring, recount, eight tabs`: only the figure is new.
        out[was] = { ...out[was]!, n: a.n! }
        strike(out, from + k, out.indexOf(nounNow))
        continue
      }
      if (kind === 'figure' && out[was]!.tag === 'thread') {
        out[was] = {
          ...out[was]!,
          sets: { ...out[was]!.sets, ...(out[was]!.sets?.length !== undefined && { length: a.n! }) },
        }
        strike(out, from + k, from + k)
        continue
      }
      // What was said anew stands where the old stood where that matters: a figure before its thing.
      if (
        kind === 'figure' &&
        out[was]!.n !== undefined &&
        !(
          from + k + 1 < out.length &&
          sort(out[from + k + 1]!) !== null &&
          is(out[from + k + 1], 'thing', 'size', 'mm', 'litres')
        )
      ) {
        out[was] = { ...out[was]!, n: a.n! }
        strike(out, from + k, from + k)
        continue
      }
      strike(out, was, was)
      if (kind === 'part' && !is(out[from + k + 1], 'part'))
        // The words before the old name go with it.
        for (let b = was - 1; b >= 0 && is(out[b], 'part', 'pos') && !out[b]!.struck; b--)
          if (said.some(s => sort(s) === sort(out[b]!))) strike(out, b, b)
    }
    if (replaced) {
      strike(out, i, from - 1)
      i = from - 1
    } else if (!weak.has(cue.words)) strike(out, i, i + cue.took - 1)
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
    const was = a.struck || used.includes(i) ? null : sort(a)
    if (was && canStandFor(kind, was, a)) return i
  }
  return -1
}
const stopAfter = (atoms: readonly Atom[], from: number): number => {
  for (let i = from; i < atoms.length; i++) if (isSign(atoms[i]) && i > from) return i
  return atoms.length
}
