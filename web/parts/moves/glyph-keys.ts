import type { Glyph } from '@dialytica/core/items'

/** Keys of the kinds of mark. */
export const glyphKeys: readonly (readonly [string, Glyph])[] = [
  ['1', 'fastener'],
  ['2', 'clip'],
  ['3', 'connector'],
  ['4', 'line'],
  ['5', 'joint'],
  ['6', 'part'],
  ['7', 'consumable'],
  ['8', 'temporary'],
  ['9', 'isolation'],
  ['0', 'posture'],
  ['m', 'mark'],
]
