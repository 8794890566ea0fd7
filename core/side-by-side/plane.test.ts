import { describe, expect, it } from 'vitest'
import { inverse, through, type Homography, type Spot } from '../then-and-now/homography.ts'
import { inOrder } from './corners.ts'
import { ellipseOf, rim } from './ellipse.ts'
import { laidAt, lengthBetween, longerBy } from './measure.ts'
import { apart, planesOf } from './plane.ts'

const [width, height] = [1600, 1000]
/** A camera of a lens that leans by some degrees towards the right over a bench 250 mm below: from mm to pixels. */
function camera(lens: number, degrees: number): Homography {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  const f = lens * width
  const [cx, cy] = [width / 2, height / 2]
  // A place (x, y, 0) of the bench is at (c·x, y, 250 − s·x) before the camera.
  return [f * c - cx * s, 0, 250 * cx, -cy * s, f, 250 * cy, -s, 0, 250]
}
const circle = (map: Homography, x: number, y: number, r: number): Spot[] =>
  Array.from({ length: 40 }, (_, i) =>
    through(map, { x: x + r * Math.cos((i * Math.PI) / 20), y: y + r * Math.sin((i * Math.PI) / 20) }),
  )
const inside = (planes: readonly Homography[], p: Spot, q: Spot, mm: number) => {
  const all = planes.map(h => apart(h, p, q))
  return Math.min(...all) <= mm + 1e-6 && Math.max(...all) >= mm - 1e-6
}

describe('what can be so on a photo', () => {
  it('an ellipse is drawn through its own places', () => {
    const e = { x: 310, y: 205, a: 80, b: 71, turn: 0.4 }
    const found = ellipseOf(Array.from({ length: 24 }, (_, i) => rim(e, (i / 24) * 2 * Math.PI)))!
    for (const key of ['x', 'y', 'a', 'b'] as const) expect(found[key]).toBeCloseTo(e[key], 6)
    expect(Math.abs(Math.sin(found.turn - e.turn))).toBeLessThan(1e-6)
    expect(ellipseOf([{ x: 0, y: 0 }])).toBeNull()
  })
  it.each([0, 4, 10])('a coin: the true length is among them, %i degrees off, whatever the lens', degrees => {
    for (const lens of [0.7, 1, 1.4]) {
      const map = camera(lens, degrees)
      const e = ellipseOf(circle(map, -40, 10, 11.75))!
      const [p, q] = [through(map, { x: 20, y: -15 }), through(map, { x: 48, y: 30 })]
      const mm = Math.hypot(28, 45)
      expect(inside(planesOf({ is: 'round', mm: 23.5, rim: e }, width, height), p, q, mm)).toBe(true)
      expect(inside(planesOf({ is: 'round', mm: 23.5, rim: e }, width, height, lens), p, q, mm)).toBe(true)
    }
  })
  it('a coin under a camera that leans by thirty degrees says nothing', () => {
    const map = camera(1, 30)
    const e = ellipseOf(circle(map, 0, 0, 11.75))!
    expect(planesOf({ is: 'round', mm: 23.5, rim: e }, width, height)).toEqual([])
  })
  it('a card says how the camera stood: the length is told', () => {
    const map = camera(1, 10)
    const corners = [
      [-70, -20],
      [-16, -20],
      [-16, 65.6],
      [-70, 65.6],
    ].map(([x, y]) => through(map, { x: x!, y: y! }))
    const planes = planesOf({ is: 'card', mm: [85.6, 54], corners: inOrder(corners) }, width, height)
    const told = lengthBetween(planes, 85.6, through(map, { x: 10, y: 0 }), through(map, { x: 62, y: 0 }), 0.7)
    expect(told.told).toBe(true)
    expect(Math.abs(told.mm - 52)).toBeLessThan(0.3)
  })
  it('a length says it of a place beside it only where the photo is seen from straight above, as far as anybody knows', () => {
    const map = camera(1, 0)
    const at = (x: number, y: number) => through(map, { x, y })
    const planes = planesOf({ is: 'length', mm: 50, from: at(-25, 0), to: at(25, 0) }, width, height)
    expect(lengthBetween(planes, 50, at(-20, 2), at(20, 2), 0.7).told).toBe(true)
    expect(lengthBetween(planes, 50, at(60, -40), at(60, 40), 0.7).told).toBe(false)
  })
})

it('two lengths differ only by more than both may be off', () => {
  const is = (mm: number, off: number, told = true) => ({ mm, off, told }) as ReturnType<typeof lengthBetween>
  expect(longerBy(is(52, 0.3), is(52.4, 0.3)).says).toBe('same')
  expect(longerBy(is(52, 0.3), is(58, 0.3))).toMatchObject({ says: 'differs', mm: 6 })
  expect(longerBy(is(52, 0.3), is(58, 3, false)).says).toBe('cannot tell')
})

it('one photo is laid under the other at one scale: the first places meet, the second lie on one line', () => {
  const [old, fresh] = [inverse(camera(1, 3)), inverse(camera(0.8, -4))]
  const on = (map: Homography, x: number, y: number) => through(inverse(map), { x, y })
  const map = laidAt([old, fresh], [on(old, 0, 0), on(old, 40, 0)], [on(fresh, 10, 5), on(fresh, 10, 45)])
  const met = through(map, on(old, 0, 0))
  expect(met.x).toBeCloseTo(on(fresh, 10, 5).x, 6)
  const beyond = through(map, on(old, 20, 10))
  const there = on(fresh, 0, 25)
  expect([beyond.x, beyond.y].map(Math.round)).toEqual([there.x, there.y].map(Math.round))
})
