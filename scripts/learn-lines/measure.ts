import { readOne } from '../../core/hearing/read-one.ts'
import type { SpokenLine } from './lines.ts'
import { scoreLine, type ReadLine, type Scored } from './score.ts'

/** Sums over lines: what was owed, what was read right, and what went wrong. */
export interface Sums {
  lines: number
  items: number
  kindRight: number
  allRight: number
  invented: number
  silent: number
  wrongCounts: number
  missed: number
  unsure: number
}
const none = (): Sums => ({
  lines: 0,
  items: 0,
  kindRight: 0,
  allRight: 0,
  invented: 0,
  silent: 0,
  wrongCounts: 0,
  missed: 0,
  unsure: 0,
})

function add(to: Sums, s: Scored, unsure: boolean): void {
  to.lines += 1
  to.items += s.items
  to.kindRight += s.kindRight
  to.allRight += s.allRight
  to.invented += s.invented.length
  to.silent += s.silent
  to.wrongCounts += s.wrongCounts
  to.missed += s.missed.length
  to.unsure += unsure ? 1 : 0
}

/** How lines are read, in all, by voice and by kind of act. */
export interface Measured {
  all: Sums
  voices: Map<string, Sums>
  kinds: Map<string, Pick<Sums, 'items' | 'kindRight' | 'allRight'>>
}

/** Reads every line and scores it against what it must be understood as. */
export function measure(
  lines: readonly SpokenLine[],
  read: (line: SpokenLine) => ReadLine = l => readOne(l.text),
): Measured {
  const all = none()
  const voices = new Map<string, Sums>()
  const kinds: Measured['kinds'] = new Map()
  for (const line of lines) {
    const got = read(line)
    const scored = scoreLine(line, got)
    add(all, scored, got.unsure)
    add(voices.get(line.voice) ?? voices.set(line.voice, none()).get(line.voice)!, scored, got.unsure)
    const of = (kind: string) => kinds.get(kind) ?? kinds.set(kind, { items: 0, kindRight: 0, allRight: 0 }).get(kind)!
    for (const p of scored.pairs) {
      const k = of(p.truth.kind)
      k.items += 1
      k.kindRight += p.kind ? 1 : 0
      k.allRight += p.wrong.length ? 0 : 1
    }
    for (const m of scored.missed) of(m.kind).items += 1
  }
  return { all, voices, kinds }
}

const percent = (n: number, of: number) => (of ? `${((100 * n) / of).toFixed(1)}` : '–')
/** The sums of one row in words: shares of the items in percent. */
export const row = (name: string, s: Sums): string[] => [
  name,
  String(s.lines),
  String(s.items),
  percent(s.kindRight, s.items),
  percent(s.allRight, s.items),
  percent(s.invented, s.items),
  percent(s.wrongCounts, s.items),
  percent(s.silent, s.items),
  percent(s.unsure, s.lines),
]
export const rowHeads = [
  'lines',
  'n',
  'items',
  'kind right',
  'all right',
  'invented',
  'wrong counts',
  'silently wrong',
  'lines unsure',
]
