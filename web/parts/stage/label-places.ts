/** A mark on the stage, in pixels, with its label's width. */
export interface Labelled {
  x: number
  y: number
  label: string
}
export interface PlacedLabel {
  x: number
  y: number
  width: number
}

const height = 24
const reach = 26
const widthOf = (label: string) => label.length * 11 + 12

const overlaps = (
  a: { x: number; y: number; w: number; h: number },
  b: { x: number; y: number; w: number; h: number },
) => a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h

/**
 * Puts each label beside its mark at the first of eight places at which it covers neither a mark nor another label nor
 * leaves the picture; where all are taken, the first. Upper left corners are returned, in the order of the marks.
 */
export function placeLabels(marks: readonly Labelled[], width: number, bottom: number): PlacedLabel[] {
  const taken = marks.map(m => ({ x: m.x - 18, y: m.y - 18, w: 36, h: 36 }))
  return marks.map(({ x, y, label }) => {
    const w = widthOf(label)
    const spots = [
      [x + reach - 8, y - reach - height + 8],
      [x + reach - 8, y + reach - 8],
      [x - reach + 8 - w, y - reach - height + 8],
      [x - reach + 8 - w, y + reach - 8],
      [x + reach, y - height / 2],
      [x - reach - w, y - height / 2],
      [x - w / 2, y - reach - height],
      [x - w / 2, y + reach],
    ] as const
    const free = spots.find(([sx, sy]) => {
      const spot = { x: sx, y: sy, w, h: height }
      return sx >= 0 && sy >= 0 && sx + w <= width && sy + height <= bottom && !taken.some(t => overlaps(spot, t))
    })
    const [px, py] = free ?? spots[0]
    taken.push({ x: px, y: py, w, h: height })
    return { x: px, y: py, width: w }
  })
}
