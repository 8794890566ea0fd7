import type { Homography } from './homography.ts'
import type { Picture } from './picture.ts'

/** A picture as the logarithm of its light, row by row; where nothing was seen it is not a number. */
export interface Grey {
  width: number
  height: number
  data: Float32Array
}

/** Added to the light of a pixel (0 to 255) before the logarithm: below it there is only noise. */
const dark = 20

/**
 * A picture as light, made so many pixels wide by the mean of what falls together. In the logarithm a lamp that doubles its light adds the
 * same everywhere, which the comparing of windows leaves out. Half of it is lightness, by the weights of Rec. 601, and half the least of
 * the three colours: a yellow wire is as light as the sheet behind it, and has no blue.
 */
export function greyOf({ width, height, data }: Picture, wide: number): Grey {
  const scale = width / wide
  const high = Math.round(height / scale)
  const out = new Float32Array(wide * high)
  for (let y = 0; y < high; y++) {
    const y0 = Math.floor(y * scale)
    const y1 = Math.max(y0 + 1, Math.min(height, Math.floor((y + 1) * scale)))
    for (let x = 0; x < wide; x++) {
      const x0 = Math.floor(x * scale)
      const x1 = Math.max(x0 + 1, Math.min(width, Math.floor((x + 1) * scale)))
      let sum = 0
      let least = 0
      for (let v = y0; v < y1; v++)
        for (let i = (v * width + x0) * 4, end = (v * width + x1) * 4; i < end; i += 4) {
          const red = data[i]!
          const green = data[i + 1]!
          const blue = data[i + 2]!
          sum += 0.299 * red + 0.587 * green + 0.114 * blue
          least += red < green ? (red < blue ? red : blue) : green < blue ? green : blue
        }
      const n = (y1 - y0) * (x1 - x0)
      out[y * wide + x] = Math.log((dark + sum / n) * (dark + least / n)) / 2
    }
  }
  return { width: wide, height: high, data: out }
}

/** Half as wide and half as high. */
export function halved({ width, height, data }: Grey): Grey {
  const [w, h] = [width >> 1, height >> 1]
  const out = new Float32Array(w * h)
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const i = 2 * y * width + 2 * x
      out[y * w + x] = (data[i]! + data[i + 1]! + data[i + width]! + data[i + width + 1]!) / 4
    }
  return { width: w, height: h, data: out }
}

/** A grey picture as it lies over another of a size, by a map from pixels of the other to its own; bilinear. */
export function laidOver(now: Grey, map: Homography, width: number, height: number): Grey {
  const out = new Float32Array(width * height).fill(NaN)
  const { data, width: w, height: h } = now
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const z = map[6] * x + map[7] * y + map[8]
      const u = (map[0] * x + map[1] * y + map[2]) / z
      const v = (map[3] * x + map[4] * y + map[5]) / z
      if (!(z > 0 && u >= 0 && v >= 0 && u < w - 1 && v < h - 1)) continue
      const iu = u | 0
      const iv = v | 0
      const fu = u - iu
      const fv = v - iv
      const i = iv * w + iu
      out[y * width + x] =
        (data[i]! * (1 - fu) + data[i + 1]! * fu) * (1 - fv) + (data[i + w]! * (1 - fu) + data[i + w + 1]! * fu) * fv
    }
  return { width, height, data: out }
}

/** Light from which a pixel is burnt out, as the logarithm above. */
export const burnt = Math.log(dark + 246)
