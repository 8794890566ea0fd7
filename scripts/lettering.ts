import { openSync } from 'fontkit'
import { writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

/**
 * Writes the letters of the drawn photos as outlines, from the face that ships with the product: a picture then needs no font
 * of the machine that draws it.
 */
const require = createRequire(import.meta.url)
const signs = [...Array.from({ length: 95 }, (_, i) => String.fromCodePoint(32 + i)), '°', 'µ', '×', '–', '↑', '↓', 'Ω']

function outlines(weight: number) {
  const font = openSync(
    require.resolve(`@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  ) as unknown as {
    unitsPerEm: number
    hasGlyphForCodePoint(code: number): boolean
    glyphForCodePoint(code: number): { advanceWidth: number; path: { toSVG(): string } }
  }
  const scale = 1000 / font.unitsPerEm
  const glyphs = signs.flatMap(sign => {
    const code = sign.codePointAt(0)!
    if (!font.hasGlyphForCodePoint(code)) return []
    const { advanceWidth, path } = font.glyphForCodePoint(code)
    const drawn = path.toSVG().replace(/-?\d+(\.\d+)?/g, n => String(Math.round(Number(n) * scale)))
    return [[sign, [Math.round(advanceWidth * scale), drawn]]]
  })
  return Object.fromEntries(glyphs) as Record<string, [number, string]>
}

const to = new URL('../demo/camera/letters.json', import.meta.url)
writeFileSync(to, `${JSON.stringify({ regular: outlines(400), bold: outlines(700) })}\n`)
