import { qrcode, drawingSVG } from 'bwip-js/node'
import { drawSheets, type Label, type Sheet } from '@dialytica/core/labels'
import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js'
import { createRequire } from 'node:module'

const require = createRequire(import.meta.url)
const face = (family: string, weight: number) =>
  require.resolve(`@fontsource/${family}/files/${family}-latin-${weight}-normal.woff`)

pdfmake.setFonts({
  Archivo: { normal: face('archivo', 500), bold: face('archivo', 700) },
  'Martian Mono': { normal: face('martian-mono', 500), bold: face('martian-mono', 700) },
})
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy(path => path.includes('@fontsource'))

/** A document as the bytes of its PDF, in the faces of the product. */
export const pdfOf = (document: TDocumentDefinitions): Promise<Buffer> => pdfmake.createPdf(document).getBuffer()

/** Points in a millimetre. */
const points = 72 / 25.4

/** The square code (QR, level M) of a text as an SVG document. */
const squareCode = (text: string): string =>
  qrcode({ bcid: 'qrcode', text, eclevel: 'M', scale: 4, padding: 0 } as never, drawingSVG())

/** Labels on their sheets as one PDF, a page a sheet, in the size of the paper. `skip` places of the first sheet are used. */
export async function labelsPdf(sheet: Sheet, labels: readonly Label[], skip = 0): Promise<Buffer> {
  const [width, height] = sheet.page.map(n => n * points) as [number, number]
  const pages = drawSheets(sheet, labels, squareCode, skip)
  return pdfOf({
    info: { title: 'Labels', producer: 'Dialytica' },
    pageSize: { width, height },
    pageMargins: 0,
    defaultStyle: { font: 'Archivo' },
    content: pages.map((svg, i) => ({
      svg: svg.replace(/width="[\d.]+mm" height="[\d.]+mm"/, `width="${width}" height="${height}"`),
      width,
      absolutePosition: { x: 0, y: 0 },
      ...(i > 0 && { pageBreak: 'before' as const }),
    })),
  })
}
