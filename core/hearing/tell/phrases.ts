import type { Atom } from '../atom.ts'
import { free, is, isNoun, type Telling } from './telling.ts'

/** A noun phrase of the stretch: its atoms, and the little word that leads it. */
export interface NounPhrase {
  from: number
  to: number
  /** `in`, `behind`, `of` …; nothing where it stands alone. */
  prep?: string
  /** It follows a colon, or opens the stretch before one. */
  heading?: true
}

const body = (a: Atom): boolean =>
  is(a, 'part', 'pos', 'thing', 'word', 'quoted', 'label') && !isNoun(a, 'tool', 'person')
const inner = (a: Atom): boolean => body(a) || is(a, 'look', 'colour') || /^(hot|cold)$/.test(a.words)

/** What is left of a stretch as noun phrases, each with the little word that leads it. */
export function nounPhrases(t: Telling): NounPhrase[] {
  const found: NounPhrase[] = []
  const { atoms } = t
  let prep: string | undefined
  for (let i = 0; i < atoms.length; i++) {
    const a = atoms[i]!
    if (a.struck) continue
    if (is(a, 'prep', 'pass') && t.roles[i] !== 'waypoints') {
      prep = a.words
      continue
    }
    if (is(a, 'away') && (a.words === 'off' || a.words === 'inside' || a.words === 'outside') && next(t, i)) {
      prep = a.words
      continue
    }
    if (is(a, 'det', 'filler', 'count', 'num') || (is(a, 'conj') && prep === undefined)) continue
    if (!free(t, i) || !inner(a)) {
      if (!is(a, 'old', 'new')) prep = undefined
      continue
    }
    let to = i
    while (to + 1 < atoms.length) {
      const [n, after] = [atoms[to + 1]!, atoms[to + 2]]
      if (free(t, to + 1) && inner(n)) to += 1
      else if (n.words === 'of' && after && free(t, to + 2) && inner(after)) to += 2
      else if (n.words === 'of' && is(after, 'det') && free(t, to + 3) && atoms[to + 3] && inner(atoms[to + 3]!))
        to += 3
      else break
    }
    const through = atoms.slice(i, to + 1)
    if (through.some(body)) {
      found.push({
        from: i,
        to,
        ...(prep !== undefined && { prep }),
        ...(heads(atoms, to + 1) && { heading: true as const }),
      })
    }
    i = to
    prep = undefined
  }
  return found
}
/** A colon makes what stands before it a heading; so does a bar or a dash near the start. */
const heads = (atoms: readonly Atom[], at: number): boolean => {
  const sign = atoms[at]?.sign
  return sign === ':' || (at < 4 && (sign === '|' || sign === '-' || sign === '/'))
}
const next = (t: Telling, i: number): boolean => {
  const after = t.atoms[i + 1]
  return after !== undefined && (is(after, 'det') || (free(t, i + 1) && body(after)))
}

/** The words of a phrase as they stand in the line, without what only joins. */
export const wordsOf = (t: Telling, text: string, { from, to }: { from: number; to: number }): string =>
  from === to && is(t.atoms[from], 'quoted')
    ? String(t.atoms[from]!.sets!.text)
    : text.slice(t.atoms[from]!.start, t.atoms[to]!.end).replace(/['’]s?$/, '')
