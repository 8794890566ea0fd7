import type { Glyph } from './kinds.ts'

const line = (d: string, width = 2.2, extra = '') =>
  `<path d="${d}" fill="none" stroke="currentColor" stroke-width="${width}" ${extra}/>`
const ring = (r: number) => `<circle cx="12" cy="12" r="${r}" fill="none" stroke="currentColor" stroke-width="2.2"/>`

/** The one glyph set, in a box of 24 × 24: photos, lists, Valley, labels, print. Shape tells the kind, never colour alone. */
export const glyphShapes: Record<Glyph, string> = {
  fastener: line('M12 2 20.7 7v10L12 22 3.3 17V7z') + line('M12 8v8M8 12h8'),
  clip: line('M16 3H8v7l-4 2 4 2v7h8', 2.4),
  connector: line('M3 6h6v3h6V6h6v13H3z') + line('M8 13v3M12 13v3M16 13v3', 2),
  line:
    line('M2 17c5 0 4-10 9-10s4 10 11 8', 2.4) +
    '<circle cx="6.3" cy="13" r="2.4" fill="currentColor"/><circle cx="15" cy="10.5" r="2.4" fill="currentColor"/>',
  joint: ring(9) + ring(4.6),
  part: '<rect x="3" y="4" width="18" height="16" rx="4" fill="none" stroke="currentColor" stroke-width="2.4"/>',
  consumable: line('M18.5 6.2A8.5 8.5 0 1 0 20 9.4', 2.4) + line('M15 9l6-6', 2.4),
  temporary: line('M12 3 22 20H2z', 2.2, 'stroke-dasharray="4 2.6"'),
  posture: line('M3 21h18') + line('M8 18 4.5 8.5 14 5l3.5 9.5z'),
  isolation: '<path d="M13 2 5 13h5l-1 9 9-12h-6z" fill="currentColor"/>',
  mark: ring(6) + line('M12 1v8M12 15v8M1 12h8M15 12h8', 2),
}

/** Words for each glyph, for those who hear the screen. */
export const glyphNames: Record<Glyph, string> = {
  fastener: 'fastener',
  clip: 'clip',
  connector: 'connector',
  line: 'line',
  joint: 'hose joint',
  part: 'part',
  consumable: 'consumable',
  temporary: 'temporary',
  posture: 'posture',
  isolation: 'isolation',
  mark: 'mark',
}
