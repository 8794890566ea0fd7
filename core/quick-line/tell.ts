import type { Passing, Waypoint } from '../items/route.ts'
import type { MoveKindName } from '../moves/registry.ts'
import type { Fact, Said } from './fact.ts'
import { leafOf } from './fields.ts'
import type { Certainty, Clause, Token } from './token.ts'
import { lying, thingWords } from './vocabulary.ts'

/** The field that the name of the thing goes into, where a kind has one. */
const nameField: Partial<Record<MoveKindName, string>> = {
  'remove-part': 'name',
  'park-part': 'name',
  'pull-off': 'name',
  'replace-part': 'name',
  attend: 'thing',
  'draw-mark': 'mark',
}
const isSign = (fact: Fact) => fact.as === 'comma' || fact.as === 'colon' || fact.as === 'and' || fact.as === 'next'
const isLoose = (fact: Fact) => isSign(fact) || fact.as === 'filler' || fact.as === 'end'

/** A stretch of the line as it is being told: which of its facts are taken, and as what. */
export interface Telling {
  text: string
  said: readonly Said[]
  kind: MoveKindName
  roles: (Token | null)[]
  values: Record<string, unknown>
}

const source = ({ text, said }: Telling, from: number, to: number) => text.slice(said[from]!.start, said[to]!.end)

/** Takes facts `from` to `to` as one token that tells a field; false when the kind has no such field or it is told already. */
export function take(t: Telling, from: number, to: number, field: string, value: unknown, sure: Certainty): boolean {
  const leaf = leafOf(t.kind, field)
  if (!leaf) return false
  if (leaf.type === 'strings') t.values[field] = [...((t.values[field] as unknown[] | undefined) ?? []), value]
  else if (field in t.values && field !== 'look') return false
  else if (field === 'look' && field in t.values) t.values.look = `${String(t.values.look)} ${String(value)}`
  else t.values[field] = value
  cover(t, from, to, field, sure)
  return true
}
/** Marks facts as one token without telling anything. */
export function cover(t: Telling, from: number, to: number, role: string, certainty: Certainty): void {
  const token: Token = { start: t.said[from]!.start, end: t.said[to]!.end, text: source(t, from, to), role, certainty }
  for (let i = from; i <= to; i++) t.roles[i] = token
}
const free = (t: Telling, i: number) => t.roles[i] === null

/** Words that end what a lead such as `clear of` or `slack` takes in. */
const ends = (fact: Fact) =>
  fact.as === 'end' ||
  fact.as === 'lead' ||
  fact.as === 'exact' ||
  fact.as === 'next' ||
  (fact.as === 'set' && ('cell' in fact.sets || 'condition' in fact.sets))

/** What follows `note`, `clear of`, `carry over` … tells that field, as it is written. */
export function tellLeads(t: Telling): void {
  t.said.forEach(({ fact }, i) => {
    if (fact.as !== 'lead' || !free(t, i)) return
    const leaf = leafOf(t.kind, fact.field)
    if (!leaf) return
    const last = t.said.length - 1
    if (fact.field === 'note') {
      if (i < last && take(t, i + 1, last, 'note', source(t, i + 1, last), 'likely')) cover(t, i, i, 'lead', 'sure')
      return
    }
    let from = i + 1
    let any = false
    for (let j = i + 1; j <= last + 1; j++) {
      const next = t.said[j]?.fact
      const separates = next && (next.as === 'comma' || next.as === 'and')
      if (next && !separates && free(t, j) && !(j > i + 1 && ends(next))) continue
      const keepsSmallWords = leaf.type !== 'strings'
      while (from < j && isLoose(t.said[from]!.fact) && !(keepsSmallWords && t.said[from]!.fact.as === 'filler'))
        from += 1
      if (from < j) any = take(t, from, j - 1, fact.field, worth(t, from, j - 1), 'likely') || any
      from = j + 1
      if (!separates || leaf.type !== 'strings') break
    }
    if (any) cover(t, i, i, 'lead', 'sure')
  })
}
const worth = (t: Telling, from: number, to: number): string => {
  const only = from === to ? t.said[from]!.fact : null
  return only?.as === 'quoted' ? only.value : source(t, from, to)
}

const named = new Set<Fact['as']>(['word', 'quoted', 'noun', 'label', 'colour', 'look', 'number'])

/** The points that a line passes, one for each stretch between `>`, commas and passing words. */
export function tellWaypoints(t: Telling): void {
  const colon = t.said.findIndex((s, i) => s.fact.as === 'colon' && free(t, i))
  const first = t.said.findIndex(
    ({ fact }, i) =>
      free(t, i) && (fact.as === 'passing' || fact.as === 'next' || (fact.as === 'noun' && fact.passing)),
  )
  const line = t.said.findIndex(s => s.fact.as === 'noun' && s.fact.noun === 'line')
  const arrow = t.said[first]?.fact.as === 'next'
  const begin = colon >= 0 && (first < 0 || colon < first) ? colon + 1 : arrow && line >= 0 ? line + 1 : first
  if (begin < 0) return
  const points: Waypoint[] = []
  let parts: number[] = []
  let point: Waypoint | null = null as Waypoint | null
  const close = () => {
    const words = parts.filter(i => !isLoose(t.said[i]!.fact))
    if (words.length && (point || words.length)) {
      const of = worth(t, words[0]!, words.at(-1)!)
      point = { by: point?.by ?? 'retainer', of }
      cover(t, words[0]!, words.at(-1)!, 'waypoints', 'likely')
    }
    if (point) points.push(point)
    point = null
    parts = []
  }
  for (let i = begin; i < t.said.length; i++) {
    const { fact } = t.said[i]!
    if (!free(t, i) || isSign(fact) || ends(fact)) {
      close()
      if (!free(t, i) || (isSign(fact) && fact.as !== 'next')) continue
      if (fact.as !== 'next') break
      cover(t, i, i, 'sign', 'sure')
      continue
    }
    const by: Passing | undefined =
      fact.as === 'passing' ? fact.by : fact.as === 'noun' && !point && !parts.length ? fact.passing : undefined
    const many = t.said[i - 1]?.fact
    if (by) {
      close()
      point = { by }
      cover(t, i, i, 'waypoints', 'sure')
      for (const [at, times] of [
        [i - 1, many],
        [i + 1, t.said[i + 1]?.fact],
      ] as const)
        if (times && free(t, at) && (times.as === 'count' || times.as === 'number' || times.as === 'times')) {
          for (let n = 1; n < Math.min(times.n, 20); n++) points.push({ by })
          cover(t, at, at, 'waypoints', 'sure')
        }
    } else if (named.has(fact.as) || fact.as === 'filler') parts.push(i)
    else if (fact.as !== 'count') {
      close()
      parts = []
    }
  }
  close()
  if (points.length) t.values.waypoints = points
}

/** What is left over is the name of the thing, where it lies, the place, or, at last, a note: in the words as written. */
export function tellTheRest(t: Telling): void {
  const all = [...runs(t)].map(([from, to]) => ({ from, to, sure: certain(t, from, to) }))
  const name = nameField[t.kind]
  if (name && !(name in t.values) && all.length) all.splice(0, 1, ...tellName(t, all[0]!, name))
  const bySense = [...all].sort((a, b) => Number(b.sure === 'likely') - Number(a.sure === 'likely'))
  for (const { from, to, sure } of bySense) {
    let start = from
    while (t.said[start - 1]?.fact.as === 'filler' && free(t, start - 1)) start -= 1
    if (!lying.has(wordOf(t, t.said[start]!))) start = from
    if (lying.has(wordOf(t, t.said[start]!)) && take(t, start, to, 'lies', source(t, start, to), 'likely')) continue
    if (t.said[from]!.fact.as !== 'count' && take(t, from, to, 'place', worth(t, from, to), sure)) continue
    t.values.note = t.values.note === undefined ? worth(t, from, to) : `${String(t.values.note)} ${worth(t, from, to)}`
    cover(t, from, to, 'note', 'text')
  }
}

interface Run {
  from: number
  to: number
  sure: Certainty
}
/** Takes the name of the thing from the start of a run; what follows a comma or tells where it lies is left as further runs. */
function tellName(t: Telling, { from, to }: Run, field: string): Run[] {
  const comma = t.said.findIndex((s, i) => i > from && i <= to && s.fact.as === 'comma')
  const isPart = leafOf(t.kind, 'lies') !== undefined
  const lies = isPart ? t.said.findIndex((s, i) => i > from && i <= to && lying.has(wordOf(t, s))) : -1
  const cuts = [comma, lies].filter(i => i > 0)
  const cut = cuts.length ? Math.min(...cuts) : to + 1
  let last = cut - 1
  while (last > from && isLoose(t.said[last]!.fact)) last -= 1
  take(t, from, last, field, worth(t, from, last), certain(t, from, last))
  let next = cut === comma ? cut + 1 : cut
  while (next <= to && isLoose(t.said[next]!.fact) && !lying.has(wordOf(t, t.said[next]!))) next += 1
  return next <= to ? [{ from: next, to, sure: certain(t, next, to) }] : []
}
const wordOf = (t: Telling, s: Said) => t.text.slice(s.start, s.end).toLowerCase()
const certain = (t: Telling, from: number, to: number): Certainty =>
  source(t, from, to)
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .some(w => thingWords.has(w))
    ? 'likely'
    : 'guess'

/** Stretches of facts that nobody took, first and last; signs and small words within them belong to them. */
function* runs(t: Telling): Generator<[number, number]> {
  let first = -1
  let last = -1
  for (let i = 0; i <= t.said.length; i++) {
    const fact = t.said[i]?.fact
    if (fact && free(t, i) && isLoose(fact) && !(fact.as === 'colon')) continue
    if (fact && free(t, i) && !isLoose(fact)) {
      const aside = fact.as === 'count' && t.said[i - 1]?.fact.as === 'comma'
      if (first >= 0 && aside) yield [first, last]
      if (first < 0 || aside) first = i
      last = i
      continue
    }
    if (first >= 0) yield [first, last]
    first = -1
  }
}

/** The clause as it was told; signs and small words that nobody took are signs. */
export const clauseOf = (t: Telling): Clause => {
  const tokens: Token[] = []
  t.roles.forEach((role, i) => {
    if (!role) cover(t, i, i, 'sign', 'sure')
    const token = t.roles[i]!
    if (tokens.at(-1) !== token) tokens.push(token)
  })
  return { kind: t.kind, tokens, said: t.values }
}
