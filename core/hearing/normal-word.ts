import { spokenNumber } from './figures.ts'
import { lexicon } from './lexicon.ts'
import { meantBy } from './spelling.ts'
import type { Taught } from './taught.ts'

/** A word as the trade writes it: in full, without apostrophe, spelt right; `off` is how many letters it is away from what was typed. */
export function normalWord(typed: string, taught: Taught | null): { norm: string; off: number } {
  if (taught?.words.has(typed)) return { norm: typed, off: 0 }
  const { entries, shortened, misheard, words } = lexicon()
  const known = (word: string) => entries.has(word) || words.has(word)
  const full = shortened.get(typed) ?? misheard.get(typed)
  if (full) return { norm: full, off: 0 }
  const owner = typed.replace(/'s?$/, '')
  const owns = owner !== typed && known(owner)
  if (owns && !/^(it|that|there|he|she|what|who|let)$/.test(owner)) return { norm: owner, off: 0 }
  const bare = typed.replace(/'/g, '')
  if (spokenNumber([bare], 0)) return { norm: bare, off: 0 }
  if (known(bare)) return { norm: bare, off: 0 }
  if (owns) return { norm: owner, off: 0 }
  if (/s$/.test(bare) && known(bare.slice(0, -1))) return { norm: bare.slice(0, -1), off: 0 }
  const meant = meantBy(bare)
  if (!meant || meant.off > 1) {
    // Two words written as one: `beltpulley`, `doorlock`.
    const two = compound(bare)
    if (two) return { norm: two, off: 0 }
  }
  return meant ? { norm: meant.word, off: meant.off } : { norm: bare, off: 0 }
}

/** A word that is two words of the trade, as the two; nothing where it is not. */
function compound(word: string): string | null {
  const { words } = lexicon()
  if (word.length < 7) return null
  for (let at = word.length - 3; at >= 3; at--) {
    const [a, b] = [word.slice(0, at), word.slice(at)]
    const second = words.has(b) ? b : b.endsWith('s') && words.has(b.slice(0, -1)) ? b : null
    if (second && b.length >= 3 && words.has(a)) return `${a} ${second}`
  }
  return null
}
