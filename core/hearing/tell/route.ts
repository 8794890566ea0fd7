import type { Passing } from '../../items/route.ts'
import type { Atom } from '../atom.ts'
import { take } from './names.ts'
import { nounPhrases, wordsOf } from './phrases.ts'
import { free, is, isNoun, mark, where, type Telling } from './telling.ts'

interface Point {
  by: Passing
  of?: string
  count?: number
}

const holder = (a: Atom): Passing | undefined =>
  isNoun(a, 'retainer', 'clip')
    ? 'retainer'
    : isNoun(a, 'groove')
      ? 'groove'
      : isNoun(a, 'grommet')
        ? 'grommet'
        : isNoun(a, 'tie')
          ? 'tie'
          : a.tag === 'pass'
            ? a.by
            : undefined

/** A line with its type, and the points that it passes in the order said. */
export function tellRoute(t: Telling, text: string): void {
  const { atoms } = t
  const lines = where(t, a => isNoun(a, 'line', 'hose', 'tube'))
  const line = lines.find(i => !is(atoms[is(atoms[i - 1], 'det') ? i - 2 : i - 1], 'pass'))
  if (line !== undefined) {
    const a = atoms[line]!
    t.values.type = a.noun === 'hose' ? 'hose' : a.noun === 'tube' ? 'pressure tube' : (a.sets?.type ?? 'harness')
    // The wires of a part are its loom.
    if (t.values.type === 'single wire' && a.plural) t.values.type = 'harness'
    mark(t, line, 'type')
  } else t.values.type = 'harness'
  keepClear(t, text)
  const points: Point[] = []
  for (let i = 0; i < atoms.length; i++) {
    const a = atoms[i]!
    if (a.struck || !free(t, i)) continue
    const by = holder(a)
    if (!by) continue
    // A noun right behind `through` or `under` is what is passed, unless it is the hole itself.
    let lead = i - 1
    while (
      lead >= 0 &&
      i - lead < 5 &&
      is(atoms[lead], 'det', 'num', 'count', 'look', 'inch', 'mm', 'part', 'colour', 'word')
    )
      lead -= 1
    const through = is(atoms[lead], 'pass')
    if (a.tag === 'thing' && through && points.length) {
      const last = points.at(-1)!
      if (
        last.by === 'through' &&
        (by === 'grommet' || by === 'groove' || by === 'retainer') &&
        last.of === undefined
      ) {
        if (by !== 'groove') last.by = by
        else if (!/slot|channel/.test(a.words)) last.by = 'groove'
        else last.of = a.words
        mark(t, i, 'waypoints')
        const rest = ofPoint(t, text, i)
        if (rest) last.of = last.of ? `${last.of} ${rest}` : rest
        continue
      }
      if (last.of === undefined) {
        last.of = text.slice(a.start, a.end)
        mark(t, i, 'waypoints')
        continue
      }
    }
    // `over`, said of how the machine or a panel lies, passes nothing.
    const point: Point = { by }
    if (a.tag === 'thing') {
      const n = [atoms[i - 1], atoms[i - 2], atoms[i + 1]].find(
        (x, k) =>
          x && (is(x, 'num', 'count') || x.tag === 'times') && x.n !== undefined && free(t, [i - 1, i - 2, i + 1][k]!),
      )
      const nearComma = atoms[i + 1]?.sign === ',' && is(atoms[i + 2], 'num', 'count') ? atoms[i + 2] : undefined
      const many = n ?? nearComma
      if (many) {
        point.count = many.n!
        mark(t, atoms.indexOf(many), 'waypoints')
      } else if (!a.plural) point.count = 1
    }
    t.roles[i] = 'waypoints'
    const ahead = by === 'through' ? holderAhead(t, i) : undefined
    if (ahead !== undefined) {
      // Through a grommet is the grommet; a hole or a slot stays what it is.
      point.by = holder(atoms[ahead]!)!
      const before = atoms.slice(i + 1, ahead).filter(a => is(a, 'part', 'pos'))
      t.roles[ahead] = 'waypoints'
      const of =
        ofPoint(t, text, ahead) ?? (before.length ? text.slice(before[0]!.start, before.at(-1)!.end) : undefined)
      if (of) point.of = of
      const many = where(t, x => is(x, 'num', 'count')).find(k => k > i && k < ahead)
      if (many !== undefined && point.by === 'retainer') {
        point.count = atoms[many]!.n!
        mark(t, many, 'waypoints')
      }
      points.push(point)
      i = ahead
      continue
    }
    const of = ofPoint(t, text, i)
    if (of) point.of = of
    points.push(point)
  }
  // A figure that stands alone counts the holders before it.
  for (const i of where(t, a => is(a, 'num', 'count'))) {
    const last = points.find(p => p.count === undefined && (p.by === 'retainer' || p.by === 'groove' || p.by === 'tie'))
    if (free(t, i) && last) {
      last.count = atoms[i]!.n!
      mark(t, i, 'waypoints')
    }
  }
  if (points.length) t.values.points = points
}

/** Where the thing that holds the line stands in what is passed next; nothing where it is a hole, a slot or a part. */
function holderAhead(t: Telling, i: number): number | undefined {
  for (let k = i + 1; k < Math.min(t.atoms.length, i + 6); k++) {
    const a = t.atoms[k]!
    if (isNoun(a, 'grommet', 'retainer', 'clip') || (isNoun(a, 'groove') && !/slot/.test(a.words))) return k
    if (!is(a, 'det', 'look', 'mm', 'inch', 'num', 'count', 'part', 'pos', 'colour', 'word')) return undefined
  }
  return undefined
}

/** What is passed: the next phrase, up to the next point or sign; for what holds the line also what stands before it. */
function ofPoint(t: Telling, text: string, i: number): string | undefined {
  const { atoms } = t
  const isHolder = atoms[i]!.tag === 'thing'
  const phrases = nounPhrases(t)
  if (is(atoms[i + 1], 'pron')) {
    // `behind it`: what was named last.
    const named = phrases.findLast(p => p.to < i)
    if (named) {
      take(t, named, 'waypoints')
      return wordsOf(t, text, named)
    }
  }
  for (const p of phrases) {
    if (p.from < i) continue
    const between = atoms.slice(i + 1, p.from)
    if (between.some(a => is(a, 'sep', 'pass', 'verb') || (is(a, 'conj') && a.words !== 'of') || holder(a))) break
    if (isHolder && p.prep === undefined && p.from !== i + 1) break
    take(t, p, 'waypoints')
    // `hole in the base` is one place.
    const next = phrases.find(q => q.from > p.to)
    const joins =
      next &&
      atoms.slice(p.to + 1, next.from).every(a => is(a, 'prep', 'det')) &&
      next.prep !== undefined &&
      /^(in|of|on|by|at)$/.test(next.prep)
    if (joins) {
      take(t, next, 'waypoints')
      return text.slice(atoms[p.from]!.start, atoms[next.to]!.end)
    }
    return wordsOf(t, text, p)
  }
  if (isHolder) {
    const before = phrases.findLast(p => p.to === i - 1 || (p.to === i - 2 && is(atoms[i - 1], 'num', 'count')))
    if (before && free(t, before.from)) {
      take(t, before, 'waypoints')
      return wordsOf(t, text, before)
    }
  }
  return undefined
}

/** `must stay clear of the belt`: what it may not touch. */
function keepClear(t: Telling, text: string): void {
  const { atoms } = t
  const touch = atoms.findIndex(
    (a, i) => /^(touch|rub|near)$/.test(a.words) && atoms.slice(Math.max(0, i - 2), i).some(x => x.tag === 'neg'),
  )
  const said =
    touch >= 0
      ? touch
      : atoms.findIndex(
          (a, i) => /^(clear|away)$/.test(a.words) && (atoms[i + 1]?.words === 'of' || atoms[i + 1]?.words === 'from'),
        )
  if (said < 0) return
  const phrase = nounPhrases(t).find(p => p.from > said)
  if (!phrase) return
  t.values.keepClear = [wordsOf(t, text, phrase)]
  take(t, { from: said, to: phrase.to }, 'keepClear')
}
