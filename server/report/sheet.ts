import sharp from 'sharp'
import type { Content } from 'pdfmake/interfaces.js'

/** What the sheet names besides the job: the shop, the machine, the people by their ids, and how it reads a photo. */
export interface Around {
  shop: string
  timeZone: string
  machine: { maker: string; code: string; serial: string }
  /** What the shop set for its pages. */
  lines: { address?: string | undefined; phone?: string | undefined; terms?: string | undefined }
  people: ReadonlyMap<string, string>
  /** The bytes of a photo, or null where it has not come in yet. */
  photo(hash: string): Promise<Buffer | null>
}

/** The width of a sheet within its margins, in points. */
export const width = 523

/** A rule across the sheet: a new one each time, since the maker of the PDF writes into what it is given. */
export const rule = (): Content => ({
  canvas: [{ type: 'line', x1: 0, y1: 0, x2: width, y2: 0, lineWidth: 1 }],
  margin: [0, 4, 0, 6],
})
/** Who signs, and when, over the lines to sign on: under all of it, at the foot of the last page; on the others its place stays empty. */
export function signature(page: number, pages: number, by: string, when: string): Content {
  const isLast = page === pages
  const over = (text: string, under: string): Content => ({
    stack: [
      { text: isLast ? text : ' ', fontSize: 12 },
      { canvas: isLast ? [{ type: 'line', x1: 0, y1: 0, x2: 220, y2: 0 }] : [] },
      { text: isLast ? under : ' ', fontSize: 8 },
    ],
  })
  return { columns: [over(by, 'signed off'), over(when, 'date')] }
}
export const heading = (text: string): Content => ({ text, style: 'heading' })
/** Signs that the face of the sheet does not have, in letters. */
export const printable = (text: string) => text.replaceAll('Ω', 'ohm').replaceAll('→', '>').replaceAll('≥', '>=')
export const list = (lines: readonly string[], none: string): Content =>
  lines.length
    ? { ul: lines.map(printable), margin: [0, 0, 0, 4] }
    : { text: none, color: '#555', margin: [0, 0, 0, 4] }

/** A photo for a black-and-white printer: grey, its range stretched, 600 pixels wide. */
export const grey = async (bytes: Buffer): Promise<string> =>
  `data:image/jpeg;base64,${(await sharp(bytes).greyscale().normalise().resize(600).jpeg({ quality: 80 }).toBuffer()).toString('base64')}`
