import { burnt, type Grey } from './grey.ts'
import type { Spot } from './homography.ts'
import { fineOf, likeness, noise, spiral, windowsOf, type Windows } from './likeness.ts'
import { fieldStride, movedOf, type Moved } from './moved.ts'

/** Windows that are compared, in pixels of a picture 800 wide: from the middle to the side, and from one to the next. */
export const grid = { reach: 5, stride: 4 } as const
/** From the middle to the side of the window whose mean is taken away first. */
const fine = 14
/** Likeness from which the search for a better place ends. */
const enough = 0.85
/** Standard deviation of the log of light from which a window counts in full. */
const clear = 0.4
/** A window is looked for so many pixels about where its place has moved to. */
const plays = spiral(2)
/** The own place of the grid first, then those about it. */
const about = spiral(1)

/** How sure it is, window by window, that two pictures which lie over each other differ: 0 to 1, and 0 where one of them shows nothing. */
export interface Evidence {
  columns: number
  rows: number
  at: Float32Array
}

/** The middle of a window by its place in the evidence, in pixels. */
export const middleOf = (i: number, columns: number): Spot => ({
  x: grid.reach + (i % columns) * grid.stride,
  y: grid.reach + Math.floor(i / columns) * grid.stride,
})

/** For each window of `a` how sure it is that `b` has nothing like it where it has moved to. */
function missing(a: Windows, b: Windows, moved: Moved, way: 1 | -1, columns: number, rows: number): Float32Array {
  const { reach, stride } = grid
  const out = new Float32Array(columns * rows)
  const { width, height } = a.grey
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const x = reach + c * stride
      const y = reach + r * stride
      const varies = a.variance[y * width + x]!
      if (!(varies >= 2.5 * noise)) continue
      const mc = Math.round(x / fieldStride)
      const mr = Math.round(y / fieldStride)
      let best = NaN
      let bx = x
      let by = y
      let lastX = NaN
      let lastY = NaN
      look: for (let n = 0; n < about.length; n += 2) {
        const cc = mc + about[n]!
        const rr = mr + about[n + 1]!
        const m = rr * moved.columns + cc
        // At the rim, and beside what one of them does not show, nothing is said.
        if (cc < 0 || rr < 0 || cc >= moved.columns || rr >= moved.rows || !moved.known[m]) {
          best = NaN
          break
        }
        const sx = x + way * moved.dx[m]!
        const sy = y + way * moved.dy[m]!
        if (sx === lastX && sy === lastY) continue
        lastX = sx
        lastY = sy
        for (let i = 0; i < plays.length; i += 2) {
          const tx = sx + plays[i]!
          const ty = sy + plays[i + 1]!
          if (tx < 0 || ty < 0 || tx >= width || ty >= height) continue
          const like = likeness(a, x, y, b, tx, ty, 2)
          if (like <= best) continue
          best = like
          bx = tx
          by = ty
          if (best > enough) break look
        }
      }
      if (!(best <= enough)) continue
      const rich = Math.sqrt(Math.max(varies, b.variance[by * width + bx]!))
      out[r * columns + c] = (1 - Math.max(0, best)) * Math.min(1, rich / clear)
    }
  return out
}

/** Which share of the window about a pixel, and of a little more, is burnt out. */
function burntAt({ width, height, data }: Grey, x: number, y: number): number {
  const r = grid.reach + 2
  let count = 0
  for (let v = Math.max(0, y - r); v <= Math.min(height - 1, y + r); v++)
    for (let u = Math.max(0, x - r); u <= Math.min(width - 1, x + r); u++) if (data[v * width + u]! > burnt) count += 1
  return count / (2 * r + 1) ** 2
}

/** Compares two pictures 800 wide of which `now` lies over `then`; each is looked for in the other, so that what is gone and what has come both count. */
export function evidenceOf(then: Grey, now: Grey): Evidence {
  const { reach, stride } = grid
  const { width, height } = then
  const columns = Math.floor((width - 2 * reach - 1) / stride) + 1
  const rows = Math.floor((height - 2 * reach - 1) / stride) + 1
  const [fineThen, fineNow] = [fineOf(then, fine), fineOf(now, fine)]
  const moved = movedOf(fineThen, fineNow)
  const [a, b] = [windowsOf(fineThen, reach), windowsOf(fineNow, reach)]
  const gone = missing(a, b, moved, 1, columns, rows)
  const come = missing(b, a, moved, -1, columns, rows)
  const at = gone.map((e, i) => {
    const c = come[i]!
    if (e === 0 && c === 0) return 0
    const { x, y } = middleOf(i, columns)
    // What light has eaten on one picture is not missing there.
    return Math.max(e && e * (1 - burntAt(now, x, y)), c && c * (1 - burntAt(then, x, y)))
  })
  return { columns, rows, at }
}
