import type { ReadRecord } from '@dialytica/core/record'

/** What a command answers: the same as JSON and as text, and whether the record says yes (0) or no (1). */
export interface Answer {
  json: unknown
  text: string
  exit: 0 | 1
}
/** Something is wrong with what was asked or with the file: one line each, exit status 2. */
export class Unfit extends Error {}

export interface Options {
  left?: string | undefined
  short?: string | undefined
  pieces?: string | undefined
  step?: string | undefined
  missed?: string[] | undefined
}
/** One command: what it says of itself, and what it answers from a record. */
export interface Command {
  says: string
  /** What exit status 1 means. */
  no: string
  options?: string[]
  run(record: ReadRecord, options: Options): Answer
}

/** Columns of text, each as wide as its widest cell. */
export function columns(rows: readonly (readonly string[])[]): string {
  const widths = (rows[0] ?? []).map((_, i) => Math.max(...rows.map(r => r[i]!.length)))
  return rows
    .map(r =>
      r
        .map((cell, i) => cell.padEnd(widths[i]!))
        .join('  ')
        .trimEnd(),
    )
    .join('\n')
}
