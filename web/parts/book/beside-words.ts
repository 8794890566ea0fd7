import type { Beside } from '@dialytica/core/book'

/** What two books that lie side by side have of each other: one row of these is shown at once, rows that are the same in both are folded. */
export type BesidePart = { row: Beside } | { same: readonly Beside[] }

/** True where both do the same at the same place of the order. */
const isSame = (row: Beside) => row.here !== null && row.there !== null && !row.differs.length && !row.moved

/** Rows in their order, with each run of rows that are the same in both as one. */
export function foldedSame(rows: readonly Beside[]): BesidePart[] {
  const parts: BesidePart[] = []
  for (const row of rows) {
    const last = parts.at(-1)
    if (!isSame(row)) parts.push({ row })
    else if (last && 'same' in last) parts[parts.length - 1] = { same: [...last.same, row] }
    else parts.push({ same: [row] })
  }
  return parts
}

/** How much two books have in common, in a sentence. */
export function besideSays(rows: readonly Beside[], here: string, there: string): string {
  const count = (is: (row: Beside) => boolean) => rows.filter(is).length
  const said = [
    [count(isSame), 'the same in both'],
    [count(r => r.differs.length > 0), 'otherwise'],
    [count(r => r.moved && !r.differs.length), 'in another order'],
    [count(r => !r.there), `only on ${here}`],
    [count(r => !r.here), `only on ${there}`],
  ] as const
  return said
    .filter(([n]) => n)
    .map(([n, what]) => `${n} ${what}`)
    .join(', ')
}

/** What a row says between its two sides: a sign, and the same in a word. */
export function betweenSays({ here, there, differs, moved }: Beside): { sign: string; word: string } {
  if (!there) return { sign: '◂', word: 'only here' }
  if (!here) return { sign: '▸', word: 'only there' }
  if (differs.length) return { sign: '≠', word: moved ? 'otherwise, in another order' : 'otherwise' }
  return moved ? { sign: '⇅', word: 'in another order' } : { sign: '=', word: 'the same' }
}
