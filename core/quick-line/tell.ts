import type { Said } from '../grammar/fact.ts'
import { cover, ends, free, isLoose, source, take, worth, type Telling } from '../grammar/telling.ts'
import type { Certainty, Token } from '../grammar/token.ts'
import { lying, thingWords } from './vocabulary.ts'

/** What follows `note`, `clear of`, `carry over` … tells that field, as it is written. */
export function tellLeads(t: Telling): void {
  t.said.forEach(({ fact }, i) => {
    if (fact.as !== 'lead' || !free(t, i)) return
    const leaf = t.leaf(fact.field)
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

/**
 * What is left over is the name of the thing, where it lies, the place, or, at last, a note: in the words as written. `name` is the
 * field that the name goes into, where the kind has one.
 */
export function tellTheRest(t: Telling, name: string | undefined): void {
  const all = [...runs(t)].map(([from, to]) => ({ from, to, sure: certain(t, from, to) }))
  if (name && !(name in t.values) && all.length) all.splice(0, 1, ...tellName(t, all[0]!, name))
  const bySense = [...all].sort((a, b) => Number(b.sure === 'likely') - Number(a.sure === 'likely'))
  for (const { from, to, sure } of bySense) {
    let start = from
    while (t.said[start - 1]?.fact.as === 'filler' && free(t, start - 1)) start -= 1
    if (!lying.has(wordOf(t, t.said[start]!))) start = from
    if (lying.has(wordOf(t, t.said[start]!)) && take(t, start, to, 'lies', source(t, start, to), 'likely')) continue
    if (t.said[from]!.fact.as !== 'count' && take(t, from, to, 'place', worth(t, from, to), sure)) continue
    t.values.note =
      t.values.note === undefined ? worth(t, from, to) : `${t.values.note as string} ${worth(t, from, to)}`
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
  const isPart = t.leaf('lies') !== undefined
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

/** The tokens as they were told; signs and small words that nobody took are signs. */
export function tokensOf(t: Telling): Token[] {
  const tokens: Token[] = []
  t.roles.forEach((role, i) => {
    if (!role) cover(t, i, i, 'sign', 'sure')
    const token = t.roles[i]!
    if (tokens.at(-1) !== token) tokens.push(token)
  })
  return tokens
}
