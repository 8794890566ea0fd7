import letters from './letters.json' with { type: 'json' }

type Face = Record<string, [advance: number, outline: string]>
const faces = letters as unknown as Record<'regular' | 'bold', Face>

/**
 * Words as outlines, so that they look the same wherever they are drawn: `x`, `y` the start of the base line, `size` the height of
 * the em, all in pixels. A sign that the face does not have is left out.
 */
export function lettering(
  x: number,
  y: number,
  size: number,
  words: string,
  weight: 'regular' | 'bold' = 'regular',
): string {
  let at = 0
  const glyphs = [...words].map(sign => {
    const [advance, outline] = faces[weight][sign] ?? [250, '']
    const drawn = outline && `<path transform="translate(${at})" d="${outline}"/>`
    at += advance
    return drawn
  })
  const scale = (size / 1000).toFixed(4)
  return `<g fill="#24292b" transform="translate(${x} ${y}) scale(${scale} -${scale})">${glyphs.join('')}</g>`
}
