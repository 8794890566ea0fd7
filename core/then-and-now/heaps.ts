import type { Evidence } from './evidence.ts'

/** Windows that belong together, by their places in the evidence, and the columns and rows that they span. */
export interface Heap {
  cells: readonly number[]
  left: number
  top: number
  right: number
  bottom: number
}

/** What some windows span. */
export function heapOf(cells: readonly number[], columns: number): Heap {
  const heap = { cells, left: columns, top: Infinity, right: 0, bottom: 0 }
  for (const i of cells) {
    const [c, r] = [i % columns, Math.floor(i / columns)]
    heap.left = Math.min(heap.left, c)
    heap.right = Math.max(heap.right, c)
    heap.top = Math.min(heap.top, r)
    heap.bottom = Math.max(heap.bottom, r)
  }
  return heap
}

/** The heaps of windows that touch and are each over a bound. */
export function heapsOf({ columns, rows, at }: Evidence, over: number): Heap[] {
  const seen = new Uint8Array(at.length)
  const heaps: Heap[] = []
  for (let start = 0; start < at.length; start++) {
    if (seen[start] || at[start]! < over) continue
    seen[start] = 1
    const stack = [start]
    const cells: number[] = []
    for (let i = stack.pop(); i !== undefined; i = stack.pop()) {
      cells.push(i)
      const [c, r] = [i % columns, Math.floor(i / columns)]
      for (let v = Math.max(0, r - 1); v <= Math.min(rows - 1, r + 1); v++)
        for (let u = Math.max(0, c - 1); u <= Math.min(columns - 1, c + 1); u++) {
          const j = v * columns + u
          if (seen[j] || at[j]! < over) continue
          seen[j] = 1
          stack.push(j)
        }
    }
    heaps.push(heapOf(cells, columns))
  }
  return heaps
}
