import { inverse, through, type Homography, type Picture } from '@dialytica/core/then-and-now'
import { dice, type Dice } from '@dialytica/core/test/dice.ts'
import sharp from 'sharp'
import { frame } from '../camera/light.ts'
import type { Place } from '../camera/lines.ts'
import { defs } from '../camera/metal.ts'
import { planeAt, type Stand } from './stand.ts'

/** Things of a place that lie as high above its ground. */
export interface Layer {
  height: number
  svg: string
}

/** The light of a shot: which way shadows fall, where the lamp is, how bright and how warm it is, and what the sensor adds. */
export interface Light {
  turn: number
  lamp: { x: number; y: number; strength: number; width: number }
  exposure: number
  gamma: number
  warmth: number
  dusk: number
  noise: number
  glare: { x: number; y: number; r: number } | undefined
}

export const lightOf = (d: Dice): Light => ({
  turn: d() * 120 - 60,
  lamp: { x: d(), y: d() * 0.8, strength: 0.2 + d() * 0.7, width: 0.3 + d() * 0.5 },
  exposure: 0.65 + d() * 0.6,
  gamma: 0.85 + d() * 0.35,
  warmth: d() * 2 - 1,
  dusk: d() * 0.5,
  noise: 1.5 + d() * 4,
  glare: d.hit(0.4) ? { x: d(), y: d(), r: 0.02 + d() * 0.05 } : undefined,
})

/** Room about the frame that is drawn too, so that a camera that leans still sees the place. */
const rim = 260
const [wide, high] = [frame.width + 2 * rim, frame.height + 2 * rim]

/** Shadows that fall another way. */
const shadowsTurned = (svg: string, degrees: number): string => {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  const moved = (x: string, y: string) =>
    `translate(${(Number(x) * c - Number(y) * s).toFixed(1)} ${(Number(x) * s + Number(y) * c).toFixed(1)})`
  return svg
    .replace(
      /translate\(([\d.-]+) ([\d.-]+)\)" fill="#000" fill-opacity="\.17"/g,
      (_, x: string, y: string) => `${moved(x, y)}" fill="#000" fill-opacity=".17"`,
    )
    .replace(
      /(stroke-opacity="\.(?:16|22)" transform=")translate\(([\d.-]+) ([\d.-]+)\)/g,
      (_, own: string, x: string, y: string) => own + moved(x, y),
    )
}

interface Drawn {
  left: number
  top: number
  width: number
  height: number
  data: Buffer
}

/** A drawing as an SVG document of a size in pixels that shows a box of the place. */
const svgOf = (width: number, height: number, box: string, inner: string): Buffer =>
  Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="${box}"><defs>${defs}</defs>${inner}</svg>`,
  )

/** A layer as pixels with their opacity, cut to what is drawn on it. */
async function draw(svg: string): Promise<Drawn | null> {
  const data = await sharp(svgOf(wide, high, `${-rim} ${-rim} ${wide} ${high}`, svg))
    .ensureAlpha()
    .raw()
    .toBuffer()
  const dots = new Uint32Array(data.buffer, data.byteOffset, wide * high)
  let [l, t, r, b] = [wide, high, -1, -1]
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++)
      if (dots[y * wide + x]! > 0xffffff) {
        if (x < l) l = x
        if (x > r) r = x
        if (y < t) t = y
        b = y
      }
  if (r < 0) return null
  const cut = { left: l, top: t, width: r - l + 1, height: b - t + 1 }
  const own = Buffer.alloc(cut.width * cut.height * 4)
  for (let y = 0; y < cut.height; y++)
    for (let x = 0; x < cut.width; x++) {
      const from = ((y + t) * wide + x + l) * 4
      const to = (y * cut.width + x) * 4
      const a = data[from + 3]!
      for (let k = 0; k < 3; k++) own[to + k] = (data[from + k]! * a) / 255
      own[to + 3] = a
    }
  return { ...cut, data: own }
}

/** Places of the frame at which two drawings differ, some 40 of them; the one nearest to their middle first. */
export async function changed(one: string, other: string): Promise<Place[]> {
  const ground = `<rect width="${frame.width}" height="${frame.height}" fill="#888"/>`
  const small = (svg: string) =>
    sharp(svgOf(400, 250, `0 0 ${frame.width} ${frame.height}`, ground + svg))
      .greyscale()
      .raw()
      .toBuffer()
  const [a, b] = [await small(one), await small(other)]
  const places = [...a].flatMap((v, i): Place[] =>
    Math.abs(v - b[i]!) > 40 ? [[(i % 400) * 4 + 2, Math.floor(i / 400) * 4 + 2]] : [],
  )
  const middle = (k: 0 | 1) => places.reduce((sum, p) => sum + p[k], 0) / places.length
  const [mx, my] = [middle(0), middle(1)]
  return places
    .toSorted((p, q) => Math.hypot(p[0] - mx, p[1] - my) - Math.hypot(q[0] - mx, q[1] - my))
    .filter((_, i) => i % Math.max(1, Math.floor(places.length / 40)) === 0)
}

/** Lays a drawn plane over the photo as the camera sees it. */
function lay(onto: Float32Array, { left, top, width, height, data }: Drawn, plane: Homography): void {
  const back = inverse(plane)
  const corners = [0, width].flatMap(x => [0, height].map(y => through(plane, { x: x + left - rim, y: y + top - rim })))
  const edge = (n: number, most: number) => Math.max(0, Math.min(most, Math.round(n)))
  const [x0, x1] = [Math.min(...corners.map(c => c.x)), Math.max(...corners.map(c => c.x))].map(n =>
    edge(n, frame.width),
  )
  const [y0, y1] = [Math.min(...corners.map(c => c.y)), Math.max(...corners.map(c => c.y))].map(n =>
    edge(n, frame.height),
  )
  for (let y = y0!; y < y1!; y++)
    for (let x = x0!; x < x1!; x++) {
      const w = back[6] * x + back[7] * y + back[8]
      const u = (back[0] * x + back[1] * y + back[2]) / w + rim - left
      const v = (back[3] * x + back[4] * y + back[5]) / w + rim - top
      if (!(u >= 0 && v >= 0 && u < width - 1 && v < height - 1)) continue
      const [iu, iv] = [u | 0, v | 0]
      const [fu, fv] = [u - iu, v - iv]
      const at = (iv * width + iu) * 4
      const below = at + width * 4
      const [a0, a1, a2, a3] = [(1 - fu) * (1 - fv), fu * (1 - fv), (1 - fu) * fv, fu * fv]
      const opaque = data[at + 3]! * a0 + data[at + 7]! * a1 + data[below + 3]! * a2 + data[below + 7]! * a3
      if (opaque === 0) continue
      const to = (y * frame.width + x) * 3
      for (let k = 0; k < 3; k++)
        onto[to + k] =
          onto[to + k]! * (1 - opaque / 255) +
          data[at + k]! * a0 +
          data[at + 4 + k]! * a1 +
          data[below + k]! * a2 +
          data[below + 4 + k]! * a3
    }
}

/** Lights what the camera sees, as bytes. */
function light(seen: Float32Array, { lamp, exposure, gamma, warmth, dusk, noise, glare }: Light, d: Dice): Buffer {
  const out = Buffer.alloc(seen.length)
  const curve = Array.from({ length: 512 }, (_, i) => 255 * (Math.min(255, i / 2) / 255) ** gamma)
  const specks = Array.from({ length: 4096 }, () => noise * (d() + d() + d() - 1.5))
  const bell = (x: number, y: number, at: { x: number; y: number }, r: number) =>
    Math.exp(-((x - at.x) ** 2 + (y - at.y * 0.625) ** 2) / (2 * r ** 2))
  let n = d.int(0, 4095)
  for (let y = 0; y < frame.height; y++)
    for (let x = 0; x < frame.width; x++) {
      const [sx, sy] = [x / frame.width, y / frame.width]
      const edge = (sx - 0.5) ** 2 + (sy - 0.3125) ** 2
      const lit = 1 - lamp.strength / 2 + lamp.strength * bell(sx, sy, lamp, lamp.width)
      const gain = exposure * lit * (1 - dusk * edge * 2)
      const shine = glare ? 120 * bell(sx, sy, glare, glare.r) : 0
      n = (n * 5 + 1 + (x & 1)) & 4095
      const i = (y * frame.width + x) * 3
      for (let k = 0; k < 3; k++) {
        const tint = 1 + warmth * (1 - k) * 0.09
        const v = curve[Math.max(0, Math.min(511, (seen[i + k]! * gain * tint * 2) | 0))]! + shine + specks[n]!
        out[i + k] = v < 0 ? 0 : v > 255 ? 255 : v
      }
    }
  return out
}

/** A photo of a place, as its camera and its light have it, as JPEG. */
export async function photograph(layers: readonly Layer[], stand: Stand, lit: Light, seed: number): Promise<Buffer> {
  const seen = new Float32Array(frame.width * frame.height * 3).fill(24)
  const drawn = await Promise.all(layers.map(async l => ({ ...l, drawn: await draw(shadowsTurned(l.svg, lit.turn)) })))
  for (const { height, drawn: it } of drawn) if (it) lay(seen, it, planeAt(stand, height))
  return await sharp(light(seen, lit, dice(seed)), {
    raw: { width: frame.width, height: frame.height, channels: 3 },
  })
    .jpeg({ quality: 82 })
    .toBuffer()
}

/** The pixels of a photo, as a canvas would give them. */
export async function developed(jpeg: Buffer): Promise<Picture> {
  const { data, info } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true })
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data) }
}
