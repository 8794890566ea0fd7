import type { InferType } from 'yup'
import * as yup from 'yup'
import { shape } from '../schema/atoms.ts'

/** A tray as it stands on the bench: rows are letters, columns numbers. */
export const traySize = shape({
  rows: yup.number().integer().min(1, '${path} must be at least 1').max(26, '${path} can be 26 at most').required(),
  columns: yup.number().integer().min(1, '${path} must be at least 1').max(24, '${path} can be 24 at most').required(),
})
/** How many rows and columns a tray has. */
export type TraySize = InferType<typeof traySize>

/** The tray of a job until another is chosen. */
export const usualTray: TraySize = { rows: 5, columns: 4 }

const rowOf = (cell: string) => cell.charCodeAt(0) - 65
const columnOf = (cell: string) => Number(cell.slice(1)) - 1
/** Cells in the order in which they stand, row by row. */
export const byCell = (a: string, b: string): number => rowOf(a) - rowOf(b) || columnOf(a) - columnOf(b)

/** The code of a cell by row and column, both from 0. */
const cellAt = (row: number, column: number): string => String.fromCharCode(65 + row) + (column + 1)
/** All cells of a tray, row by row. */
export const cellsOf = ({ rows, columns }: TraySize): string[] =>
  Array.from({ length: rows * columns }, (_, i) => cellAt(Math.floor(i / columns), i % columns))

/** Steps of a king from one cell to another: 0 is the same, 1 touches it by a side or a corner. */
export const distance = (a: string, b: string): number =>
  Math.max(Math.abs(rowOf(a) - rowOf(b)), Math.abs(columnOf(a) - columnOf(b)))
