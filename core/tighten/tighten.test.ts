import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { patternOf, standWords } from './pattern.ts'
import { standOf, tightening } from './tighten.ts'

const circle = (n: number, r = 1, turn = 0) =>
  Array.from({ length: n }, (_, i) => ({
    x: 3 + r * Math.cos(turn + (2 * Math.PI * i) / n),
    y: 2 + r * Math.sin(turn + (2 * Math.PI * i) / n),
  }))
const row = (n: number) => Array.from({ length: n }, (_, i) => ({ x: i, y: 0.02 * (i % 2) }))
const rectangle = [
  { x: 0, y: 0 },
  { x: 3, y: 0 },
  { x: 3, y: 1 },
  { x: 0, y: 1 },
]
const far = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y)
const steps = (spots: { x: number; y: number }[], order: number[]) =>
  order.slice(1).map((i, k) => far(spots[order[k]!]!, spots[i]!))
function* permutations(left: number[], order: number[] = []): Generator<number[]> {
  if (!left.length) yield order
  for (const i of left)
    yield* permutations(
      left.filter(j => j !== i),
      [...order, i],
    )
}

describe('how a group stands', () => {
  it.each([
    ['two', circle(2), 'few'],
    ['a row', row(5), 'row'],
    ['three round a shaft', circle(3), 'circle'],
    ['eight round a drum', circle(8, 4, 0.3), 'circle'],
    ['a rectangle of four', rectangle, 'circle'],
    ['an L', [...row(4), { x: 0, y: 1 }, { x: 0, y: 2 }, { x: 0, y: 3 }], 'free'],
    ['half a circle', circle(12).slice(0, 6), 'free'],
  ])('%s', (_, spots, stand) => expect(standOf(spots)).toBe(stand))
})

describe('the order', () => {
  it('of a row goes from the middle outwards, side by side', () => {
    expect(tightening(row(5), {}).order).toEqual([2, 1, 3, 0, 4])
    expect(tightening(row(6), {}).order).toEqual([2, 3, 1, 4, 0, 5])
  })
  it('of four goes over the diagonals', () => {
    expect(tightening(rectangle, {}).order).toEqual([0, 2, 3, 1])
  })
  it('of an even circle never goes to a neighbour', () => {
    for (const n of [6, 8, 10, 16, 24]) {
      const spots = circle(n, 1, 0.1)
      const near = far(spots[0]!, spots[1]!)
      for (const step of steps(spots, tightening(spots, {}).order)) expect(step).toBeGreaterThan(near * 1.3)
    }
  })
  it('has the largest smallest step that any order from its first has', () => {
    const spot = fc.record({ x: fc.integer({ min: 0, max: 40 }), y: fc.integer({ min: 0, max: 40 }) })
    fc.assert(
      fc.property(fc.uniqueArray(spot, { minLength: 3, maxLength: 6, selector: p => `${p.x} ${p.y}` }), spots => {
        const { order, stand } = tightening(spots, { pattern: 'circle' })
        expect(stand).toBe('circle')
        const rest = spots.map((_, i) => i).filter(i => i !== order[0])
        const best = Math.max(...[...permutations(rest)].map(p => Math.min(...steps(spots, [order[0]!, ...p]))))
        expect(Math.min(...steps(spots, order))).toBeCloseTo(best, 6)
      }),
      { numRuns: 60 },
    )
  })
  it('visits each once, wherever they are, and does not turn when the photo is shifted or enlarged', () => {
    const spot = fc.record({
      x: fc.double({ min: 0, max: 1, noNaN: true }),
      y: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(spot, { minLength: 1, maxLength: 20 }), spots => {
        expect(tightening(spots, {}).order.toSorted((a, b) => a - b)).toEqual(spots.map((_, i) => i))
      }),
      { numRuns: 60 },
    )
    const spots = circle(7, 1, 0.2)
    const other = spots.map(p => ({ x: 40 + 9 * p.x, y: 7 + 9 * p.y }))
    expect(tightening(other, {}).order).toEqual(tightening(spots, {}).order)
  })
  it('follows what was recorded of the pattern', () => {
    expect(tightening(rectangle, { pattern: 'row' }).stand).toBe('row')
  })
})

describe('the pattern of a step', () => {
  const hash = 'a'.repeat(64)
  const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
  const at = (n: number, x: number, y: number) => ({
    id: uuid(n),
    photo: hash,
    move: uuid(1),
    glyph: 'fastener' as const,
    path: [{ x, y }],
  })
  const step = (count: number, marks: ReturnType<typeof at>[]) => {
    const move = { id: uuid(1), kind: 'remove-fasteners' as const, way: 'down' as const, fastener: {}, count }
    const photos = [{ hash, width: 1600, height: 1000, takenAt: '2026-01-05T08:00:00.000Z' }]
    return { step: { id: uuid(9), photos, marks, moves: [move] }, move }
  }
  it('is taken from the marks on the photo, its width and height counted alike', () => {
    const { step: s, move } = step(4, [at(2, 0.1, 0.1), at(3, 0.9, 0.1), at(4, 0.9, 0.9), at(5, 0.1, 0.9)])
    const pattern = patternOf(s, move)!
    expect([pattern.stand, pattern.marks.map(m => Number(m.slice(-1)))]).toEqual(['circle', [2, 4, 5, 3]])
    expect(standWords[pattern.stand]).toBe('crosswise')
  })
  it('is none where not every piece was marked, nor of one piece, nor of what is no fastener', () => {
    const { step: s, move } = step(4, [at(2, 0.1, 0.1), at(3, 0.9, 0.1)])
    expect(patternOf(s, move)).toBeNull()
    expect(patternOf(s, { ...move, count: 1 })).toBeNull()
    expect(patternOf(s, { id: uuid(1), kind: 'unplug', way: 'down', connector: {} })).toBeNull()
  })
})

describe('the rounds', () => {
  it.each([
    [1, {}, ['by hand', 'tight']],
    [1, { into: 'plastic' }, ['by hand', 'until it seats']],
    [2, { torque: 4 }, ['all by hand', 'to 4 N·m']],
    [4, {}, ['all by hand', 'snug, in this order', 'tight, in this order']],
    [4, { torque: 60 }, ['all by hand', 'snug, in this order', 'to 60 N·m, in this order']],
    [4, { into: 'plastic' }, ['all by hand', 'until each seats']],
  ] as const)('of %i, %j', (n, f, rounds) => expect(tightening(circle(n), f).rounds).toEqual(rounds))
})
