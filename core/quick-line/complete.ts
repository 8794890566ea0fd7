import type { Move } from '../moves/registry.ts'
import { fieldsOf, read } from '../moves/fields-of.ts'

/** A word or phrase of the shop and how often it was recorded. */
export interface ShopPhrase {
  text: string
  times: number
}

const spoken = new Set(['place', 'name', 'hose', 'look', 'why', 'lies', 'thing', 'mark', 'orientation', 'notch'])

/** The phrases that moves were told with, most frequent first. */
export function phrasesOf(moves: Iterable<Move>): ShopPhrase[] {
  const times = new Map<string, number>()
  const count = (text: unknown) => {
    if (typeof text === 'string' && text.length > 2 && text.length < 60) times.set(text, (times.get(text) ?? 0) + 1)
  }
  for (const move of moves)
    for (const leaf of fieldsOf[move.kind]) {
      const value = read(move, leaf)
      if (leaf.type === 'waypoints') for (const { of } of value as { of?: string }[]) count(of)
      else if (leaf.type === 'strings' && leaf.name !== 'opens' && leaf.name !== 'wires')
        for (const v of (value as string[] | undefined) ?? []) count(v)
      else if (spoken.has(leaf.name)) count(value)
    }
  return [...times]
    .map(([text, n]) => ({ text, times: n }))
    .sort((a, b) => b.times - a.times || (a.text < b.text ? -1 : 1))
}

/** Phrases that go on from what stands before the cursor; `from` is where the phrase begins in the line. */
export interface Completion {
  text: string
  from: number
}

/**
 * At most `most` completions of the last words before the cursor (`caret`, a character of the line), out of the shop's phrases:
 * the longest stretch of words that begins a phrase counts first, then how often the phrase was used.
 */
export function completions(line: string, caret: number, phrases: readonly ShopPhrase[], most = 4): Completion[] {
  const before = line.slice(0, caret)
  const starts = [...before.matchAll(/(?<=^|[\s;,:>])\S/gu)].map(m => m.index).slice(-4)
  const found: Completion[] = []
  for (const from of starts) {
    const typed = before.slice(from).toLowerCase()
    if (typed.trim().length < 2 || /[;,:>]/.test(typed)) continue
    for (const { text } of phrases)
      if (text.toLowerCase().startsWith(typed) && text.length > typed.length && !found.some(f => f.text === text))
        found.push({ text, from })
  }
  return found.slice(0, most)
}
