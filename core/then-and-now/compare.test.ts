import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { compare } from './compare.ts'
import { same, through } from './homography.ts'
import type { Picture } from './picture.ts'

const [width, height] = [800, 500]
interface Patch {
  x: number
  y: number
  w: number
  h: number
  light: number
}
/** Blocks of different light on a ground that gets darker to one side. */
function drawn(patches: readonly Patch[], lamp = 1, tilt = 0): Picture {
  const data = new Uint8ClampedArray(width * height * 4).fill(255)
  const noise = dice(Math.round(lamp * 100))
  const light = new Float32Array(width * height).fill(110)
  for (const { x, y, w, h, light: of } of patches)
    for (let v = y; v < y + h; v++) light.fill(of, v * width + x, v * width + x + w)
  light.forEach((v, i) => {
    const lit = v * lamp * (1 + (tilt * (i % width)) / width) + 2 * noise() - 1
    data.fill(lit, i * 4, i * 4 + 3)
  })
  return { width, height, data }
}
const d = dice(5)
const ground: Patch[] = Array.from({ length: 60 }, (_, i) => ({
  x: 20 + (i % 10) * 76 + d.int(0, 20),
  y: 20 + Math.floor(i / 10) * 78 + d.int(0, 20),
  w: d.int(10, 30),
  h: d.int(10, 30),
  light: d.pick([30, 60, 180, 230]),
}))

describe('then and now', () => {
  it('finds nothing where only the light is another', () => {
    const found = compare(drawn(ground), drawn(ground, 0.6, 0.5), same)!
    expect(found.differences).toEqual([])
    expect(found.share).toBeGreaterThan(0.9)
  })
  it('finds what is gone and what has come, at its place', () => {
    const [gone, ...rest] = ground
    const come = { x: 402, y: 296, w: 28, h: 26, light: 245 }
    const found = compare(drawn(ground), drawn([...rest, come], 0.8), same)!.differences
    const holds = (p: Patch) =>
      found.some(
        f =>
          f.x * width <= p.x + p.w / 2 &&
          (f.x + f.width) * width >= p.x + p.w / 2 &&
          f.y * height <= p.y + p.h / 2 &&
          (f.y + f.height) * height >= p.y + p.h / 2,
      )
    expect([found.length, holds(gone!), holds(come)]).toEqual([2, true, true])
  })
  it('lays them over each other from a first map that is some pixels off', () => {
    const now = drawn(ground.map(p => ({ ...p, x: p.x + 9, y: p.y + 6 })))
    const found = compare(drawn(ground), now, same)!
    const at = through(found.map, { x: 0.5, y: 0.5 })
    expect(Math.hypot(at.x * width - 409, at.y * height - 256)).toBeLessThan(0.7)
    expect(found.differences).toEqual([])
  })
  it('says nothing where they do not show the same', () => {
    const other = dice(77)
    const now = drawn(ground.map(p => ({ ...p, x: other.int(0, 760), y: other.int(0, 460) })))
    const found = compare(drawn(ground), now, same)
    expect(found === null || found.share < 0.4).toBe(true)
    expect(compare(drawn([]), drawn([]), same)).toBeNull()
  })
})
