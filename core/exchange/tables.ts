import Papa from 'papaparse'
import type { Fastener } from '../items/fastener.ts'
import type { JobState, StepState } from '../log/state.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import { describe } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'

/** A move of a descent with its step and the number of that, from 1. */
interface Row {
  number: number
  step: StepState
  zone: string
  move: Move
}
const rows = (state: JobState, family: Family): Row[] =>
  state.order.toArray().flatMap((id, i) => {
    const step = state.steps.get(id)!
    const zone = step.zone ? zoneTitle(family, step.zone) : ''
    return step.moves.map(move => ({ number: i + 1, step, zone, move }))
  })

/** Comma-separated values with a head (RFC 4180). What a table program would take for a formula is quoted, so that it computes nothing. */
const csv = (fields: readonly string[], data: readonly (readonly unknown[])[]): string =>
  Papa.unparse(
    { fields: [...fields], data: data.map(row => [...row]) },
    { escapeFormulae: true, newline: '\r\n', quotes: false },
  )

/** The steps of a job as a table, a line a move: number, time, zone, what was done, kind, count, place, cell, condition, note, photos by their hashes. */
export const stepsCsv = (state: JobState, family: Family): string =>
  csv(
    ['step', 'recorded', 'zone', 'act', 'kind', 'count', 'place', 'cell', 'condition', 'note', 'photos'],
    rows(state, family).map(({ number, step, zone, move }) => [
      number,
      step.recordedAt,
      zone,
      describe(move),
      move.kind,
      'count' in move ? move.count : '',
      move.place,
      move.cell,
      move.condition,
      move.note,
      step.photos.map(p => p.hash).join(' '),
    ]),
  )

const ofFastener = [
  'drive',
  'size',
  'thread',
  'pitch',
  'length',
  'head',
  'hand',
  'look',
  'washers',
  'torque',
  'feel',
  'into',
] as const satisfies readonly (keyof Fastener)[]

/** The fasteners of a job as a table, a line a group: lengths in mm, torque in N·m; what is not recorded is empty. */
export const fastenersCsv = (state: JobState, family: Family): string =>
  csv(
    ['step', 'zone', 'place', 'count', ...ofFastener, 'cell', 'condition'],
    rows(state, family).flatMap(({ number, zone, move }) =>
      'fastener' in move
        ? [
            [
              number,
              zone,
              move.place,
              'count' in move ? move.count : '',
              ...ofFastener.map(f => move.fastener[f]),
              move.cell,
              move.condition,
            ],
          ]
        : [],
    ),
  )
