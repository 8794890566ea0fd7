import { fieldsOf, read } from '../quick-line/fields.ts'
import type { Waypoint } from '../items/route.ts'
import type { Move } from '../moves/registry.ts'
import { quickLineCorpus } from './quick-line-corpus.ts'

/** One line of the corpus and the moves that it must be read as, each as its kind and fields in words. */
export interface CorpusLine {
  line: string
  moves: string[]
}

const pairs = /([\w]+):("[^"]*"|\S+)/g
const inWords = (kind: string, fields: [string, string][]) =>
  [kind, ...fields.map(([name, value]) => `${name}:${value}`).sort()].join(' | ')

/** The lines of the corpus of the quick line, in its order. */
export function corpus(): CorpusLine[] {
  const lines: CorpusLine[] = []
  for (const row of quickLineCorpus.split('\n')) {
    if (row === '' || row.startsWith('#')) continue
    if (!row.startsWith('= ')) lines.push({ line: row, moves: [] })
    else {
      const [kind, ...rest] = row.slice(2).split(' ')
      const fields = [...rest.join(' ').matchAll(pairs)].map(
        m => [m[1]!, m[2]!.replaceAll('"', '')] as [string, string],
      )
      lines.at(-1)!.moves.push(inWords(kind!, fields))
    }
  }
  return lines
}

const point = (w: Waypoint) => (w.of === undefined ? w.by : `${w.by} ${w.of}`)
const value = (name: string, v: unknown): string =>
  name === 'waypoints'
    ? (v as Waypoint[]).map(point).join(',')
    : Array.isArray(v)
      ? v.join(',')
      : typeof v === 'boolean'
        ? v
          ? 'yes'
          : 'no'
        : String(v)

/** A move in the words of the corpus: its kind and every field that is known. */
export const told = (move: Move): string =>
  inWords(
    move.kind,
    fieldsOf[move.kind].flatMap(leaf => {
      const v = read(move, leaf)
      return v === undefined || (Array.isArray(v) && v.length === 0)
        ? []
        : [[leaf.name, value(leaf.name, v)] as [string, string]]
    }),
  )
