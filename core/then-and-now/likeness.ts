import type { Grey } from './grey.ts'

/** Mean and variance of the square window about every pixel; not a number where the window leaves the picture or what was seen. */
export interface Windows {
  grey: Grey
  /** Pixels from the middle of a window to its side. */
  reach: number
  mean: Float32Array
  variance: Float32Array
}

/** By sums that move along: of columns down the picture, of windows along the row; in double precision, so that nothing adds up to an error. */
export function windowsOf(grey: Grey, reach: number): Windows {
  const { width, height, data } = grey
  const side = 2 * reach + 1
  const n = side * side
  const mean = new Float32Array(width * height).fill(NaN)
  const variance = new Float32Array(width * height).fill(NaN)
  const sums = new Float64Array(width)
  const squares = new Float64Array(width)
  const blind = new Int32Array(width)
  /** Takes a row into the sums of its columns, or out of them. */
  const take = (row: number, sign: 1 | -1) => {
    for (let x = 0, i = row * width; x < width; x++, i++) {
      const v = data[i]!
      if (v === v) {
        sums[x]! += sign * v
        squares[x]! += sign * v * v
      } else blind[x]! += sign
    }
  }
  for (let bottom = 0; bottom < height; bottom++) {
    take(bottom, 1)
    if (bottom >= side) take(bottom - side, -1)
    if (bottom < side - 1) continue
    const row = (bottom - reach) * width
    let [sum, square, hidden] = [0, 0, 0]
    for (let right = 0; right < side - 1; right++) {
      sum += sums[right]!
      square += squares[right]!
      hidden += blind[right]!
    }
    for (let right = side - 1, left = 0; right < width; right++, left++) {
      sum += sums[right]!
      square += squares[right]!
      hidden += blind[right]!
      if (hidden === 0) {
        const m = sum / n
        const spread = square / n - m * m
        mean[row + left + reach] = m
        variance[row + left + reach] = spread > 0 ? spread : 0
      }
      sum -= sums[left]!
      square -= squares[left]!
      hidden -= blind[left]!
    }
  }
  return { grey, reach, mean, variance }
}

/** What is finer than the square window about each pixel: soft shadows, shine and the fall of light over a wide part are left out. */
export function fineOf(grey: Grey, reach: number): Grey {
  const { mean } = windowsOf(grey, reach)
  const data = grey.data.slice()
  for (let i = 0; i < data.length; i++) data[i]! -= mean[i]!
  return { ...grey, data }
}

/** Variance of the log of light that noise alone makes in a window; below it nothing is told apart. */
export const noise = 0.0012

/** Two windows may be so many times as rich in contrast as each other and still show the same. */
const freeGain = 1.6

/**
 * How alike two windows are, -1 to 1, whatever the light: their correlation, with the variance of noise added to each side so that two
 * empty windows are alike and an empty one is unlike a full one; less where one has much more contrast than the other. `step` leaves
 * out pixels between. Not a number where one is not seen.
 */
export function likeness(a: Windows, ax: number, ay: number, b: Windows, bx: number, by: number, step: number): number {
  const va = a.variance[ay * a.grey.width + ax]! + noise
  const vb = b.variance[by * b.grey.width + bx]! + noise
  const like = (covariance(a, ax, ay, b, bx, by, step) + noise) / Math.sqrt(va * vb)
  const over = Math.sqrt(va > vb ? va / vb : vb / va) / freeGain
  return over > 1 && like > 0 ? like / over : like
}

/** The covariance of two windows, from every `step`-th pixel of every `step`-th row. */
function covariance(a: Windows, ax: number, ay: number, b: Windows, bx: number, by: number, step: number): number {
  const [wa, wb] = [a.grey.width, b.grey.width]
  const ia = ay * wa + ax
  const ib = by * wb + bx
  const [ma, mb] = [a.mean[ia]!, b.mean[ib]!]
  const { data: da } = a.grey
  const { data: db } = b.grey
  const r = a.reach
  let sum = 0
  let n = 0
  for (let v = -r; v <= r; v += step) {
    let i = ia + v * wa - r
    let j = ib + v * wb - r
    for (let u = -r; u <= r; u += step) {
      sum += (da[i]! - ma) * (db[j]! - mb)
      n += 1
      i += step
      j += step
    }
  }
  return sum / n
}

/** Shifts within a radius as pairs of x and y, the nearest first. */
export function spiral(radius: number): Int8Array {
  const all: [number, number][] = []
  for (let y = -radius; y <= radius; y++)
    for (let x = -radius; x <= radius; x++) if (Math.hypot(x, y) <= radius) all.push([x, y])
  return Int8Array.from(all.sort((p, q) => Math.hypot(...p) - Math.hypot(...q)).flat())
}
