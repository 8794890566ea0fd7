import { cellsOf, distance, type TraySize } from './cells.ts'

/**
 * The cell to put the next group into: the first free one in the order of the tray that touches none of the cells in `apart`,
 * where its look-alikes lie; where there is none, the free one farthest from them. `undefined` when the tray is full.
 */
export function proposeCell(
  size: TraySize,
  used: ReadonlySet<string>,
  apart: readonly string[] = [],
): string | undefined {
  const free = cellsOf(size).filter(cell => !used.has(cell))
  const nearest = (cell: string) => Math.min(Infinity, ...apart.map(other => distance(cell, other)))
  return free.find(cell => nearest(cell) > 1) ?? free.sort((a, b) => nearest(b) - nearest(a))[0]
}
