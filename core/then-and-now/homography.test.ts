import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { after, homographyOf, inverse, isUpright, through, type Homography, type Spot } from './homography.ts'
import { byStands, byTaps, fourOf } from './start.ts'

const about = (spread: number) => fc.double({ min: -spread, max: spread, noNaN: true })
/** A camera that leans a little: what hands do between two photos. */
const leaning = fc
  .tuple(about(0.3), about(0.3), about(0.2), about(0.2), about(0.2), about(0.15), about(0.15))
  .map(([a, b, c, d, f, g, h]): Homography => [1 + a, b, c, -b + d / 4, 1 - a / 2, f, g, h, 1])
const corners: Spot[] = [
  { x: 0.1, y: 0.1 },
  { x: 0.9, y: 0.15 },
  { x: 0.85, y: 0.9 },
  { x: 0.12, y: 0.8 },
]
const far = (p: Spot, q: Spot) => Math.hypot(p.x - q.x, p.y - q.y)

describe('the map between two photos', () => {
  it('is found again from four places, whatever the camera did, and from more', () => {
    fc.assert(
      fc.property(leaning, fc.array(fc.record({ x: about(1), y: about(1) }), { maxLength: 8 }), (h, more) => {
        const found = homographyOf([...corners, ...more].map(from => ({ from, to: through(h, from) })))!
        const at = { x: 0.4, y: 0.6 }
        expect(far(through(found, at), through(h, at))).toBeLessThan(1e-6)
      }),
    )
  })
  it('leads back, and two of them follow each other', () => {
    fc.assert(
      fc.property(leaning, leaning, (one, other) => {
        const at = { x: 0.3, y: 0.7 }
        expect(far(through(inverse(one), through(one, at)), at)).toBeLessThan(1e-9)
        expect(far(through(after(other, one), at), through(other, through(one, at)))).toBeLessThan(1e-9)
      }),
    )
  })
  it('is not guessed from three places, nor from four of which three are on a line', () => {
    const to = (p: Spot) => p
    const line = [corners[0]!, { x: 0.5, y: 0.5 }, { x: 0.9, y: 0.9 }, { x: 0.7, y: 0.7 }]
    expect(homographyOf(corners.slice(0, 3).map(from => ({ from, to: to(from) })))).toBeNull()
    expect(homographyOf(line.map(from => ({ from, to: to(from) })))).toBeNull()
  })
  it('is upright where the picture neither folds nor is mirrored', () => {
    expect(isUpright([1, 0, 0, 0, 1, 0, 0, 0, 1], 1, 1)).toBe(true)
    expect(isUpright([-1, 0, 1, 0, 1, 0, 0, 0, 1], 1, 1)).toBe(false)
    expect(isUpright([1, 0, 0, 0, 1, 0, -2, 0, 1], 1, 1)).toBe(false)
  })
})

describe('four taps', () => {
  const tapped = (nows: Spot[]) => byTaps(corners.map((then, i) => ({ then, now: nows[i]! })))
  it('lay one photo over the other', () => {
    const laid = tapped(corners.map(p => ({ x: p.x * 0.8 + 0.1, y: p.y * 0.8 + 0.05 })))
    expect('map' in laid && far(through(laid.map, { x: 0.5, y: 0.5 }), { x: 0.5, y: 0.45 })).toBeLessThan(1e-9)
  })
  it('are asked for again, with what is wrong, when two were exchanged or three are on a line', () => {
    const [a, b, c, d] = corners as [Spot, Spot, Spot, Spot]
    expect(tapped([b, a, c, d])).toEqual({ problem: expect.stringContaining('exchanged') })
    const square = [0, 1, 2, 3].map(i => ({ x: i === 1 || i === 2 ? 0.9 : 0.1, y: i > 1 ? 0.9 : 0.1 }))
    const crossed = square.map((then, i) => ({ then, now: square[[1, 0, 2, 3][i]!]! }))
    expect(byTaps(crossed)).toEqual({ problem: expect.stringContaining('exchanged') })
    const line = [a, { x: 0.5, y: 0.5 }, { x: 0.9, y: 0.9 }, d].map(then => ({ then, now: then }))
    expect(byTaps(line)).toEqual({ problem: expect.stringContaining('on one line') })
  })
  it('are asked of the four marks that stand farthest apart, the way a clock goes', () => {
    const middle = { x: 0.5, y: 0.5 }
    expect(fourOf([middle, corners[2]!, corners[0]!, { x: 0.52, y: 0.4 }, corners[3]!, corners[1]!])).toEqual(corners)
    expect(fourOf(corners.slice(1))).toBeNull()
    expect(fourOf([0.1, 0.2, 0.3, 0.4].map(x => ({ x, y: x })))).toBeNull()
  })
})

it('where both cameras knew how they stood before the same place, nobody taps', () => {
  const photo = (map: number[], place = 'rear') => ({
    hash: 'a'.repeat(64),
    width: 1600,
    height: 1000,
    takenAt: '2026-01-31T08:00:00.000Z',
    stand: { place, map },
  })
  const [straight, aside] = [photo([1, 0, 0, 0, 1, 0, 0, 0, 1]), photo([1, 0, 0.1, 0, 1, 0, 0, 0, 1])]
  expect(through(byStands(straight, aside)!, { x: 0.2, y: 0.3 })).toEqual({ x: expect.closeTo(0.3, 9), y: 0.3 })
  expect(byStands(straight, photo([1, 0, 0, 0, 1, 0, 0, 0, 1], 'base'))).toBeNull()
  expect(byStands({ ...straight, stand: undefined }, aside)).toBeNull()
})
