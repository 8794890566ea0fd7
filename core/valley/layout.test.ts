import { describe, expect, it } from 'vitest'
import { itemKinds } from '../items/kinds.ts'
import { drawValley } from './draw.ts'
import { layOut, paper } from './layout.ts'
import type { Profile, Tide, Tile } from './profile.ts'

const tide = (fastener: number): Tide => ({ ...(Object.fromEntries(itemKinds.map(k => [k, 0])) as Tide), fastener })
const tile = (n: number, state: Tile['state'], open: number): Tile => ({
  step: `s${n}`,
  number: n,
  depth: n - 1,
  glyphs: ['fastener'],
  state,
  tide: tide(open),
})
/** A job of n steps of one screw each, so many of them back. */
function job(n: number, back = 0): Profile {
  const down = Array.from({ length: n }, (_, i) => tile(i + 1, 'done', i + 1))
  const up = Array.from({ length: n }, (_, i) => tile(n - i, i < back ? 'done' : 'ahead', n - Math.min(i + 1, back)))
  return { down, back: up, deepest: n }
}
const gate = (step: string) => ({ step, does: 'closes rear', behind: 0, held: false })

describe('the Valley', () => {
  it.each([1, 12, 40])('of %i steps: every step has its two tiles, side by side, at one depth', n => {
    const { placed } = layOut(job(n), [], 1280, 300)
    expect(placed).toHaveLength(2 * n)
    const xs = placed.map(p => p.x)
    expect(xs).toEqual(xs.toSorted((a, b) => a - b))
    for (let i = 1; i < xs.length; i++) expect(xs[i]! - xs[i - 1]!).toBeGreaterThanOrEqual(placed[0]!.size)
    for (const p of placed)
      expect(placed.filter(q => q.tiles[0]!.step === p.tiles[0]!.step).map(q => q.y)).toEqual([p.y, p.y])
  })

  it.each([
    [300, 1280],
    [40, 390],
  ])('of %i steps in %i pixels groups neighbours, and loses none', (n, width) => {
    const { placed } = layOut(job(n), [], width, 200)
    const down = placed.filter(p => p.way === 'down')
    expect(down.length).toBeLessThan(n)
    expect(down.flatMap(p => p.tiles.map(t => t.number))).toEqual(Array.from({ length: n }, (_, i) => i + 1))
    for (const p of placed) expect(p.x >= 0 && p.x <= width && p.y >= 0 && p.y <= 200).toBe(true)
  })

  it('goes down and comes back up', () => {
    const { placed } = layOut(job(10), [], 1280, 300)
    const ys = placed.map(p => p.y)
    expect(ys.slice(0, 10)).toEqual(ys.slice(0, 10).toSorted((a, b) => a - b))
    expect(ys.slice(10)).toEqual(ys.slice(10).toSorted((a, b) => b - a))
  })

  it('joins each tile to its counterpart, and marks the one that moved', () => {
    expect(layOut(job(6), [], 1280, 300).threads.map(t => t.moved)).toEqual(Array(6).fill(false))
    const swapped = job(6)
    const back = [...swapped.back]
    ;[back[2], back[3]] = [back[3]!, back[2]!]
    expect(layOut({ ...swapped, back }, [], 1280, 300).threads.filter(t => t.moved)).toHaveLength(1)
  })

  it('puts a gate just before the tile that closes', () => {
    const { bars, placed } = layOut(job(6), [gate('s2'), gate('unknown')], 1280, 300)
    const closing = placed.find(p => p.way === 'back' && p.tiles[0]!.step === 's2')!
    const before = placed[placed.indexOf(closing) - 1]!
    expect(bars).toHaveLength(1)
    expect(bars[0]!.x > before.x && bars[0]!.x < closing.x).toBe(true)
  })

  it('draws the tide as far as things have happened', () => {
    const end = (d: string) => Math.max(...[...d.matchAll(/(-?[\d.]+),-?[\d.]+/g)].map(m => Number(m[1])))
    const half = layOut(job(10, 4), [], 1280, 300)
    const whole = layOut(job(10, 10), [], 1280, 300)
    expect(half.tide.map(t => t.kind)).toEqual(['fastener'])
    expect(end(half.tide[0]!.d)).toBeLessThan(end(whole.tide[0]!.d))
    expect(layOut(job(0), [], 1280, 300).tide).toEqual([])
  })
})

describe('on paper', () => {
  it.each([1, 12, 40, 300])(
    'a Valley of %i steps is that of the screen on the ground of a page, and stays on it',
    n => {
      const { placed } = layOut(job(n), [], 520, 132, paper)
      expect(placed.flatMap(p => p.tiles)).toHaveLength(2 * n)
      for (const p of placed) {
        expect(p.x - p.size / 2).toBeGreaterThanOrEqual(0)
        expect(p.x + p.size / 2).toBeLessThanOrEqual(520)
      }
    },
  )
  it('is drawn with every tile, thread and gate of its layout', () => {
    const { placed, threads } = layOut(job(6, 2), [], 520, 132, paper)
    const svg = drawValley(job(6, 2), ['s2'], 520, 132)
    expect(svg.match(/<rect /g)).toHaveLength(placed.length)
    expect(svg.match(/stroke="#bbb"/g)).toHaveLength(threads.length)
    expect(svg.match(/stroke-width="2"/g)!.length).toBeGreaterThanOrEqual(1)
    expect(svg).not.toContain('NaN')
    expect(svg).not.toContain('currentColor')
  })
})
