import Papa from 'papaparse'
import type { Step } from '../log/step.ts'
import { anatomy, families, type Family } from '../machine/families.ts'
import type { Move } from '../moves/registry.ts'
import { parseLine } from '../quick-line/parse.ts'
import { limits } from '../schema/limits.ts'

/** What a column of a table can be. */
export const columnRoles = [
  'step',
  'zone',
  'says',
  'place',
  'count',
  'size',
  'length',
  'cell',
  'condition',
  'note',
] as const
/** What a column of a table is; a column that is none of these is left out. */
export type ColumnRole = (typeof columnRoles)[number]
/** Which column, by its number from 0, is what. */
export type Mapping = Partial<Record<ColumnRole, number>>

/** A table as it was written: its head and its rows, all as text. */
export interface Table {
  head: string[]
  rows: string[][]
}

/** Reads comma-, semicolon- or tab-separated values. What cannot be read is said with what to do. */
export function readTable(text: string): { ok: true; table: Table } | { ok: false; problem: string } {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const broken = errors.find(e => e.type === 'Quotes')
  if (broken)
    return {
      ok: false,
      problem: `Row ${(broken.row ?? 0) + 1}: a quote is not closed. Correct it and choose the file again.`,
    }
  const [head, ...rows] = data
  if (!head || !rows.length)
    return { ok: false, problem: 'There is no row under a head in it: the first row names the columns.' }
  if (rows.length > limits.log / 4)
    return { ok: false, problem: `It has ${rows.length} rows: ${limits.log / 4} at most can be one machine.` }
  return { ok: true, table: { head: head.map(h => h.trim()), rows } }
}

/** What columns are usually called. */
const usual: Record<ColumnRole, RegExp> = {
  step: /^(step|no|nr|number|#|pos)/i,
  zone: /^(zone|area|section|side)/i,
  says: /^(act|action|what|does|do|description|task|says|line|text|instruction|work|job|procedure)/i,
  place: /^(place|part|location|where|component|item)/i,
  count: /^(count|qty|quantity|pieces|pcs|how many|number of|x)$/i,
  size: /^(size|drive|tool|screw|bolt|fastener|bit|key)/i,
  length: /^(length|len|mm)/i,
  cell: /^(cell|tray|bin|cup)/i,
  condition: /^(condition|state|found)/i,
  note: /^(note|remark|comment|hint)/i,
}
/** What the values of a column look like, where that says more than its name. */
const zoneNames = new Set(
  families.flatMap(f => anatomy[f].zones.flatMap(z => [z.id.toLowerCase(), z.name.toLowerCase()])),
)
const looksLike: Partial<Record<ColumnRole, (value: string) => boolean>> = {
  zone: value => zoneNames.has(value.toLowerCase()),
  size: value => /^(T[X]?\s?\d{1,2}|PH?\s?\d|PZ\s?\d|M\d{1,2}|\d{1,2}(\.\d)?\s*mm)$/i.test(value),
  cell: value => /^[A-Z]\d{1,2}$/.test(value) && !/^[TM]\d/.test(value),
}
/** Most of the values must look so. */
const most = 0.7

/** What the columns of a table are, as far as their values and their names say it: each column once, each role once. Where nothing says what is done, the wordiest column does. */
export function guessed({ head, rows }: Table): Mapping {
  const mapping: Mapping = {}
  const used = new Set<number>()
  const give = (role: ColumnRole, at: number) => {
    if (at < 0 || mapping[role] !== undefined) return
    mapping[role] = at
    used.add(at)
  }
  const columns = head.map((_, i) => rows.map(r => (r[i] ?? '').trim()).filter(Boolean))
  const free = (is: (i: number) => boolean) => head.findIndex((_, i) => !used.has(i) && is(i))
  for (const [role, like] of Object.entries(looksLike) as [ColumnRole, (value: string) => boolean][])
    give(
      role,
      free(i => columns[i]!.length > 0 && columns[i]!.filter(like).length >= most * columns[i]!.length),
    )
  for (const role of columnRoles)
    give(
      role,
      free(i => usual[role].test(head[i]!)),
    )
  const words = (i: number) => columns[i]!.reduce((n, value) => n + value.split(/\s+/).length, 0) / rows.length
  const [wordiest] = head
    .flatMap((_, i) => (used.has(i) || words(i) < 1.5 ? [] : [i]))
    .sort((a, b) => words(b) - words(a))
  give('says', wordiest ?? -1)
  return mapping
}

/** How a row was read: its moves, or what is not understood of it. */
export interface RowRead {
  /** The row in the file, from 1 for the one under the head. */
  row: number
  /** The line that was made of it. */
  line: string
  step: string
  zone: string | undefined
  moves: Move[]
  problem?: string
}

/** A cell as text in which nothing is a formula any more. */
const plain = (text: string | undefined) => (text ?? '').trim().replace(/^'(?=[=+\-@])/, '')

/** The line of a row: what is done in words, or what the other columns say of fasteners at a place. */
function lineOf(get: (role: ColumnRole) => string): string {
  const says = get('says')
  const count = /^\d+$/.test(get('count')) ? `${get('count')}x ` : ''
  const size = [get('size'), get('length') && `x${get('length').replace(/\s*mm$/, '')}`].filter(Boolean).join(' ')
  const tail = [get('place') || says, get('condition'), get('cell') && `@${get('cell')}`].filter(Boolean).join(' ')
  if (says && !size) return says
  return `${count}${[size, tail].filter(Boolean).join(' ')}`.trim() || says
}

/** Reads the rows of a table as moves, line by line as if they had been typed; a zone counts until another is named. */
export function readRows({ rows }: Table, mapping: Mapping, family: Family, id: () => string): RowRead[] {
  const zones = anatomy[family].zones
  let zone: string | undefined
  let step = ''
  return rows.map((cells, i): RowRead => {
    const get = (role: ColumnRole) => (mapping[role] === undefined ? '' : plain(cells[mapping[role]]))
    const named = get('zone').toLowerCase()
    zone = zones.find(z => z.id === named || z.name.toLowerCase() === named)?.id ?? (named ? undefined : zone)
    step = get('step') || (mapping.step === undefined ? String(i + 1) : step)
    const line = lineOf(get)
    const read = parseLine(line, { family, around: { posture: 'upright', isolated: [] }, id })
    const note = get('note').slice(0, limits.line)
    const moves = read.moves.map(move => (note && !move.note ? { ...move, note } : move))
    zone = read.zone ?? zone
    return {
      ...{ row: i + 1, line, step: step || String(i + 1), zone, moves },
      ...(!moves.length && { problem: line ? `not understood: ${line}` : 'nothing is said in it' }),
    }
  })
}

/** The steps of rows that were read: rows of one step number that follow each other are one step. Rows that were not understood keep their words as a step's title. */
export function stepsOfRows(rows: readonly RowRead[], id: () => string): Step[] {
  const steps: (Step & { number: string })[] = []
  for (const { step: number, zone, moves, line } of rows) {
    const last = steps.at(-1)
    if (last && last.number === number && last.zone === zone && last.moves.length + moves.length <= limits.moves) {
      last.moves.push(...moves)
      if (!moves.length && line) last.title = [last.title, line].filter(Boolean).join('; ').slice(0, limits.line)
    } else if (moves.length || line)
      steps.push({
        ...{ number, id: id(), photos: [], marks: [], moves: [...moves] },
        ...(zone && { zone }),
        ...(!moves.length && { title: line.slice(0, limits.line) }),
      })
  }
  return steps.map(({ number: _, ...step }) => step)
}
