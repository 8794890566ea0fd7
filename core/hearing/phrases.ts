import type { Atom } from './atom.ts'
import { spokenNumber } from './figures.ts'
import { lexicon, type Entry } from './lexicon.ts'
import type { Taught } from './taught.ts'

/** A word of the line: characters `start` to `end`. */
export interface Word {
  start: number
  end: number
  /** As it stands, plain; then as the trade spells it. */
  typed: string
  norm: string
  /** How many letters the two are apart. */
  off: number
}

/** An atom before it is known what its words mean here: its candidates in `can`. */
export interface Raw extends Atom {
  can: readonly Entry[]
}

const entryOf = (phrase: string): readonly Entry[] | undefined => lexicon().entries.get(phrase)

/** The candidates of the words from one on: the longest phrase that is known, and how many words it took. */
function phraseFrom(
  words: readonly Word[],
  at: number,
  taught: Taught | null,
): { took: number; key: string; entries: readonly Entry[] } | null {
  const { longer } = lexicon()
  const first = words[at]!.norm
  const most = Math.min(Math.max(longer.get(first.split(' ')[0]!) ?? 1, taught?.longest ?? 0), words.length - at)
  for (let took = most; took >= 1; took--) {
    const key = words
      .slice(at, at + took)
      .map(w => w.norm)
      .join(' ')
    const own = taught?.entries.get(key)
    if (own) return { took, key, entries: own }
    const entries = entryOf(key)
    // `on the back cover` is a cover, not how the machine lies.
    const next = words[at + took]?.norm
    const goesOn =
      entries?.[0]?.tag === 'posture' &&
      next !== undefined &&
      (next === 'of' ||
        ['part', 'thing', 'pos'].includes(entryOf(next)?.[0]?.tag ?? '') ||
        (!/\b(?:its|her|his|it's)\b/.test(key) &&
          (/^(?:is|are|there|i|we|you)$/.test(next) || spokenNumber([next], 0) !== null)))
    if (goesOn) continue
    if (entries) return { took, key, entries }
  }
  return null
}

/** What dictation heard as two words is put right: `bell owes` is `bellows`. */
function asMeant(heard: readonly Word[]): readonly Word[] {
  const { misheard } = lexicon()
  let words = heard
  for (let i = 0; i + 1 < words.length; i++) {
    const [a, b] = [words[i]!, words[i + 1]!]
    const meant = misheard.get(`${a.typed} ${b.typed}`)
    if (!meant) continue
    const parts = meant.split(' ')
    const put = parts.map((norm, k): Word =>
      k === 0 ? { ...a, norm, off: 1, ...(parts.length === 1 && { end: b.end }) } : { ...b, norm, off: 1 },
    )
    words = [...words.slice(0, i), ...put, ...words.slice(i + 2)]
  }
  return words
}

/** The words of a stretch as atoms: spoken numbers, known phrases, and what nobody knows. */
export function wordsToAtoms(heard: readonly Word[], taught: Taught | null): Raw[] {
  const words = asMeant(heard)
  const atoms: Raw[] = []
  for (let i = 0; i < words.length;) {
    const { start, norm } = words[i]!
    const phrase = phraseFrom(words, i, taught)
    const spoken = spokenNumber(
      words.slice(i, i + 6).map(w => w.norm),
      0,
    )
    if (spoken && (!phrase || phrase.took <= spoken.took)) {
      const end = words[i + spoken.took - 1]!.end
      atoms.push({
        start,
        end,
        words: words
          .slice(i, i + spoken.took)
          .map(w => w.norm)
          .join(' '),
        tag: spoken.fraction ? 'inch' : 'num',
        n: spoken.n,
        ...(spoken.plural && { plural: true }),
        ...(spoken.fraction && { sets: { size: `${spoken.fraction} in` } }),
        can: [],
      })
      i += spoken.took
      continue
    }
    const took = phrase?.took ?? 1
    const first = phrase?.entries[0]
    atoms.push({
      start,
      end: words[i + took - 1]!.end,
      words: phrase?.key ?? norm,
      ...(first ?? { tag: 'word' }),
      off: words.slice(i, i + took).reduce((sum, w) => sum + w.off, 0),
      can: phrase?.entries ?? [],
    })
    i += took
  }
  return atoms
}
