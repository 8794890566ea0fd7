import { glyphShapes } from '../items/glyph-shapes.ts'
import { inMarkup } from '../words/markup.ts'
import type { Label } from './labels.ts'
import { codeSquare, places, type Sheet } from './sheets.ts'

/** Draws the square code of a text as an SVG document without a quiet zone. */
export type DrawCode = (text: string) => string

const ink = '#1d2628'
const mm = (n: number) => String(Number(n.toFixed(3)))

/** The mean width of a letter, in its height: measured on the text face, with room to spare. */
const letter = 0.56
const fitted = (text: string, size: number, room: number): string => {
  const most = Math.floor(room / (size * letter))
  return text.length <= most ? text : `${text.slice(0, Math.max(1, most - 1)).trimEnd()}…`
}
const words = (text: string, x: number, y: number, size: number, face: string, bold: boolean) =>
  `<text x="${mm(x)}" y="${mm(y)}" font-family="${face}" font-size="${mm(size)}" font-weight="${bold ? 700 : 400}" fill="${ink}">${inMarkup(text)}</text>`

/** One label as an SVG fragment with its upper left corner at 0, 0; millimetres. */
function drawLabel(label: Label, sheet: Sheet, drawCode: DrawCode): string {
  const [, height] = sheet.label
  const square = codeSquare(sheet)
  const pad = Math.min(3, height * 0.12)
  const tall = Math.min(height * 0.34, 9)
  const room = square.x - 2 * pad - tall - pad / 2
  const small = Math.min(height * 0.16, 3.6)
  const lines = label.lines.slice(0, Math.max(0, Math.floor((height - pad * 1.5 - tall) / (small * 1.2))))
  const headSize = Math.min(tall * 0.92, room / (letter * Math.max(2, label.head.length) * 1.02))
  const size = Math.max(headSize, small * 0.9)
  const top = Math.max(pad, (height - tall - lines.length * small * 1.2) / 2)
  return [
    `<svg x="${mm(pad)}" y="${mm(top)}" width="${mm(tall)}" height="${mm(tall)}" viewBox="0 0 24 24">${glyphShapes[label.glyph].replaceAll('currentColor', ink)}</svg>`,
    words(
      fitted(label.head, size, room),
      pad * 1.5 + tall,
      top + tall * 0.8,
      size,
      label.kind === 'cells' ? 'Martian Mono' : 'Archivo',
      true,
    ),
    ...lines.map((line, i) =>
      words(
        fitted(line, small, square.x - 2 * pad),
        pad,
        top + tall + small * (1.15 + i * 1.2),
        small,
        'Archivo',
        false,
      ),
    ),
    drawCode(label.code).replace(
      /<svg /,
      `<svg x="${mm(square.x)}" y="${mm(square.y)}" width="${mm(square.side)}" height="${mm(square.side)}" `,
    ),
  ].join('')
}

/** The labels on their sheets: one SVG document a page, in the size of the paper. Labels are framed by a hair line where sheets are uncut. */
export function drawSheets(sheet: Sheet, labels: readonly Label[], drawCode: DrawCode, skip = 0): string[] {
  const at = places(sheet, labels.length, skip)
  const pages: string[][] = []
  for (const [i, label] of labels.entries()) {
    const { page, x, y } = at[i]!
    pages[page] = [
      ...(pages[page] ?? []),
      `<g transform="translate(${mm(x)} ${mm(y)})">${drawLabel(label, sheet, drawCode)}</g>`,
    ]
  }
  const [width, height] = sheet.page.map(mm) as [string, string]
  return Array.from(
    pages,
    drawn =>
      `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#ffffff"/>${(drawn ?? []).join('')}</svg>`,
  )
}
