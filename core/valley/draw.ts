import { glyphShapes } from '../items/glyph-shapes.ts'
import { layOut, paper, type Placed } from './layout.ts'
import type { Profile } from './profile.ts'

const ink = '#111'

/** A tile in black and white: full where it is done, with the glyph of what is done first. */
function tile({ x, y, size, state, glyphs }: Placed): string {
  const done = state === 'done'
  const inner = size * 0.72
  const shape = glyphShapes[glyphs[0] ?? 'mark'].replaceAll('currentColor', done ? '#fff' : ink)
  return (
    `<rect x="${x - size / 2}" y="${y - size / 2}" width="${size}" height="${size}" rx="1.5" fill="${done ? ink : '#fff'}" stroke="${ink}" stroke-width="0.8"/>` +
    `<svg x="${x - inner / 2}" y="${y - inner / 2}" width="${inner}" height="${inner}" viewBox="0 0 24 24">${shape}</svg>`
  )
}

/**
 * The Valley of a whole job for paper, as an SVG document in black and white: the layout of the screen on the ground of a page. `gates` are
 * the steps that close a zone; `width` and `height` in the unit of the page.
 */
export function drawValley(profile: Profile, gates: readonly string[], width: number, height: number): string {
  const closing = gates.map(step => ({ step, does: '', behind: 0, held: false }))
  const { placed, threads, bars, tide, foot } = layOut(profile, closing, width, height, paper)
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">`,
    ...tide.map(({ d }) => `<path d="${d}" fill="#999"/>`),
    ...threads.map(t => `<path d="M${t.x1} ${t.y}H${t.x2}" stroke="${t.moved ? ink : '#bbb'}" stroke-width="0.5"/>`),
    ...bars.map(b => `<path d="M${b.x} 0V${height - foot}" stroke="${ink}" stroke-width="2"/>`),
    ...placed.map(tile),
    '</svg>',
  ].join('')
}
