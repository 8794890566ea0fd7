import type { Evidence } from './evidence.ts'

/** Windows that touch and are each over a bound, and the columns and rows that they span. */
export interface Heap {
  cells: number[]
  left: number
  top: number
  right: number
  bottom: number
}

/** The heaps of evidence over a bound. */
export function heapsOf({ columns, rows, at }: Evidence, over: number): Heap[] {
  const seen = new Uint8Array(at.length)
  const heaps: Heap[] = []
  for (let start = 0; start < at.length; start++) {
    if (seen[start] || at[start]! < over) continue
    seen[start] = 1
    const stack = [start]
    const heap: Heap = { cells: [], left: columns, top: rows, right: 0, bottom: 0 }
    for (let i = stack.pop(); i !== undefined; i = stack.pop()) {
      const [c, r] = [i % columns, Math.floor(i / columns)]
      heap.cells.push(i)
      heap.left = Math.min(heap.left, c)
      heap.right = Math.max(heap.right, c)
      heap.top = Math.min(heap.top, r)
      heap.bottom = Math.max(heap.bottom, r)
      for (let v = Math.max(0, r - 1); v <= Math.min(rows - 1, r + 1); v++)
        for (let u = Math.max(0, c - 1); u <= Math.min(columns - 1, c + 1); u++) {
          const j = v * columns + u
          if (seen[j] || at[j]! < over) continue
          seen[j] = 1
          stack.push(j)
        }
    }
    heaps.push(heap)
  }
  return heaps
}
