import type { Picture } from '../then-and-now/picture.ts'

/** A picture as its light, 0 to 255, row by row. */
export interface Light {
  width: number
  height: number
  data: Float32Array
}

/** The light of a picture by the weights of Rec. 601. */
export function lightOf({ width, height, data }: Picture): Light {
  const out = new Float32Array(width * height)
  for (let i = 0; i < out.length; i++)
    out[i] = 0.299 * data[i * 4]! + 0.587 * data[i * 4 + 1]! + 0.114 * data[i * 4 + 2]!
  return { width, height, data: out }
}

/** The light at a place, where the first pixel goes from 0 to 1; bilinear between the middles of pixels, that of the rim beyond it. */
export function lightAt({ width, height, data }: Light, x: number, y: number): number {
  const [u, v] = [Math.max(0, Math.min(width - 1.001, x - 0.5)), Math.max(0, Math.min(height - 1.001, y - 0.5))]
  const [i, j] = [u | 0, v | 0]
  const [a, b, k] = [u - i, v - j, j * width + i]
  return (data[k]! * (1 - a) + data[k + 1]! * a) * (1 - b) + (data[k + width]! * (1 - a) + data[k + width + 1]! * a) * b
}

/** How much lighter it gets across a place in a direction, over so many pixels: the mean of what lies beyond less that of what lies before. */
export function step(light: Light, x: number, y: number, dx: number, dy: number, over: number): number {
  let sum = 0
  for (let s = 0.5; s < over; s++)
    sum += lightAt(light, x + dx * s, y + dy * s) - lightAt(light, x - dx * s, y - dy * s)
  return sum / over
}

/** Half a pixel: an edge is looked for in such steps, and found between them. */
const half = 0.5
/**
 * Where an edge is sharpest, from so many pixels before a place to so many beyond, by a parabola over three steps; null where its strength nowhere exceeds
 * `least`.
 */
export function sharpest(strength: (t: number) => number, reach: number, least: number): number | null {
  let [best, at] = [least, NaN]
  for (let t = -reach; t <= reach; t += half) {
    const s = strength(t)
    if (s > best) [best, at] = [s, t]
  }
  if (Number.isNaN(at)) return null
  const [before, after] = [strength(at - half), strength(at + half)]
  const bend = before - 2 * best + after
  return bend < 0 ? at + ((half / 2) * (before - after)) / bend : at
}
