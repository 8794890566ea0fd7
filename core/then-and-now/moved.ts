import { halved, type Grey } from './grey.ts'
import { likeness, noise, spiral, windowsOf } from './likeness.ts'

/** Pixels of a picture 800 wide from one place that is looked for to the next. */
export const fieldStride = 10
/** What lies so far off is still the same thing: cables lie a little otherwise, and what stands nearer moves against its ground. */
const slack = 12
/** From the middle to the side of the windows by which a place is found. */
const reach = 12
/** A place may have moved by so many pixels otherwise than those about it. */
const apart = 4

/** How far each place of a grid has moved from one picture to another, and 1 where both show it. */
export interface Moved {
  columns: number
  rows: number
  dx: Int8Array
  dy: Int8Array
  known: Uint8Array
}

/** Each value, where it is not far from the middle one of those about it; else that one: what is gone was found at a wrong place. */
function calmed(values: Int8Array, columns: number, rows: number): Int8Array {
  const out = values.slice()
  const about = new Int8Array(25)
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      let n = 0
      for (let v = Math.max(0, r - 2); v <= Math.min(rows - 1, r + 2); v++)
        for (let u = Math.max(0, c - 2); u <= Math.min(columns - 1, c + 2); u++) about[n++] = values[v * columns + u]!
      const middle = about.subarray(0, n).sort()[n >> 1]!
      if (Math.abs(values[r * columns + c]! - middle) > apart) out[r * columns + c] = middle
    }
  return out
}

/**
 * How far places have moved, to two pixels, by the likeness of wide windows at half size; where there is nothing to see, like what is
 * beside it. What lies farther must be clearly better.
 */
export function movedOf(then: Grey, now: Grey): Moved {
  const columns = Math.ceil(then.width / fieldStride)
  const rows = Math.ceil(then.height / fieldStride)
  const [dx, dy] = [new Int8Array(columns * rows), new Int8Array(columns * rows)]
  const known = new Uint8Array(columns * rows)
  const [a, b] = [windowsOf(halved(then), reach / 2), windowsOf(halved(now), reach / 2)]
  const { width, height } = a.grey
  const shifts = spiral(slack / 2)
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const x = (c * fieldStride) / 2
      const y = (r * fieldStride) / 2
      const i = r * columns + c
      const beside = c > 0 ? i - 1 : Math.max(0, i - columns)
      dx[i] = dx[beside]!
      dy[i] = dy[beside]!
      const varies = a.variance[y * width + x]!
      if (varies >= 0 && b.variance[y * width + x]! >= 0) known[i] = 1
      if (!(varies > 2.5 * noise) || likeness(a, x, y, b, x + dx[i] / 2, y + dy[i] / 2, 1) > 0.95) continue
      let best = -1
      for (let k = 0; k < shifts.length; k += 2) {
        const u = shifts[k]!
        const v = shifts[k + 1]!
        if (y + v < 0 || y + v >= height || x + u < 0 || x + u >= width) continue
        const like = likeness(a, x, y, b, x + u, y + v, 2) - 0.008 * Math.hypot(u, v)
        if (like <= best) continue
        best = like
        dx[i] = 2 * u
        dy[i] = 2 * v
      }
    }
  return { columns, rows, dx: calmed(dx, columns, rows), dy: calmed(dy, columns, rows), known }
}
