import { glyphShapes } from '../items/glyph-shapes.ts'
import { itemKinds } from '../items/kinds.ts'
import type { Profile, Tile } from '../plan/profile.ts'

const ink = '#111'
const sumOf = (tide: Tile['tide']) => itemKinds.reduce((n, k) => n + tide[k], 0)

/**
 * The Valley of a whole job for paper, as an SVG document in black and white: steps down and back at their depth, joined to their
 * counterparts, gates as bars, the tide along the foot. `width` and `height` in the unit of the page. Steps are drawn as dots where there
 * is no room for their glyphs.
 */
export function drawValley(
  { down, back, deepest }: Profile,
  gates: readonly string[],
  width: number,
  height: number,
): string {
  const foot = height * 0.2
  const n = down.length + back.length + 1
  const pitch = width / Math.max(1, n)
  const size = Math.min(14, pitch * 0.86)
  const x = (i: number) => pitch * (i + 0.5)
  const y = (depth: number) => size + (depth / Math.max(1, deepest)) * (height - foot - 2.4 * size)
  const placed = [
    ...down.map((t, i) => ({ t, x: x(i), y: y(t.depth) })),
    ...back.map((t, i) => ({ t, x: x(down.length + 1 + i), y: y(t.depth) })),
  ]
  const at = new Map(placed.slice(0, down.length).map(p => [p.t.step, p]))
  const threads = placed.slice(down.length).map(p => {
    const far = at.get(p.t.step)!
    return `<path d="M${far.x + size / 2} ${far.y}H${p.x - size / 2}" stroke="#bbb" stroke-width="0.5"/>`
  })
  const bars = placed
    .slice(down.length)
    .filter(p => gates.includes(p.t.step))
    .map(p => `<path d="M${p.x - pitch / 2} 0V${height - foot}" stroke="${ink}" stroke-width="2"/>`)
  const tiles = placed.map(({ t, x: left, y: top }) => {
    const done = t.state === 'done'
    if (size < 6)
      return `<circle cx="${left}" cy="${top}" r="${size / 2}" fill="${done ? ink : '#fff'}" stroke="${ink}" stroke-width="0.6"/>`
    const glyph = glyphShapes[t.glyphs[0] ?? 'mark'].replaceAll('currentColor', done ? '#fff' : ink)
    return `<rect x="${left - size / 2}" y="${top - size / 2}" width="${size}" height="${size}" rx="1.5" fill="${done ? ink : '#fff'}" stroke="${ink}" stroke-width="0.8"/><svg x="${left - size * 0.36}" y="${top - size * 0.36}" width="${size * 0.72}" height="${size * 0.72}" viewBox="0 0 24 24">${glyph}</svg>`
  })
  const highest = Math.max(1, ...placed.map(p => sumOf(p.t.tide)))
  const level = (t: Tile) => height - (sumOf(t.tide) / highest) * (foot - 3)
  const tide = placed.map(p => `H${p.x - pitch / 2}V${level(p.t)}`).join('')
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><path d="M0 ${height}${tide}H${width}V${height}Z" fill="#999"/>${[...threads, ...bars, ...tiles].join('')}</svg>`
}
