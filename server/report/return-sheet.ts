import { returnInWords } from '@dialytica/core/exchange'
import type { JobState } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { bestOrder, planReturn } from '@dialytica/core/plan'
import type { Column, Content } from 'pdfmake/interfaces.js'
import { pdfOf } from '../labels/pdf.ts'
import { grey, printable, rule, type Around } from './sheet.ts'

/** So many photos stand on a sheet at most. */
const mostPhotos = 150
const photoWidth = 150

/** A box to tick, ticked where it is done already. */
const box = (done: boolean): Column => ({
  canvas: [
    { type: 'rect', x: 0, y: 1, w: 13, h: 13, lineWidth: 1 },
    ...(done
      ? ([
          { type: 'line', x1: 3, y1: 8, x2: 6, y2: 11, lineWidth: 1.5 },
          { type: 'line', x1: 6, y1: 11, x2: 11, y2: 4, lineWidth: 1.5 },
        ] as const)
      : []),
  ],
  width: 18,
})

/** The way back of a job as PDF, A4, for a place without a screen: every step in the order of the plan, with its photo as it was and a box to tick. */
export async function returnSheet(state: JobState, family: Family, around: Around): Promise<Buffer> {
  const steps = returnInWords(state, family, planReturn(state, family, on => bestOrder(on)).steps)
  const { maker, code, serial } = around.machine
  const content: Content[] = []
  const pictured = new Set<string>()
  for (const { number, says, under, minds, photo, done } of steps) {
    // A photo that shows several steps stands at the first.
    const fresh = photo !== undefined && !pictured.has(photo) && pictured.size < mostPhotos
    if (fresh) pictured.add(photo)
    const bytes = fresh ? await around.photo(photo) : null
    const words: Column = {
      stack: [
        { text: [{ text: `${number}  `, bold: true, fontSize: 12 }, says.map(printable).join(' ')] },
        ...(under ? [{ text: printable(under), color: '#555', fontSize: 8.5 }] : []),
        ...minds.map((m): Content => ({ text: printable(`! ${m}`), fontSize: 9, margin: [10, 1, 0, 0] })),
      ],
      width: '*',
    }
    content.push({
      columns: [box(done), words, ...(bytes ? [{ image: await grey(bytes), width: photoWidth }] : [])],
      columnGap: 8,
      margin: [0, 4, 0, 6],
      unbreakable: true,
    })
  }
  return pdfOf({
    info: { title: `${code} ${serial}, the way back`, producer: 'Dialytica' },
    pageSize: 'A4',
    pageMargins: [36, 36, 36, 54],
    defaultStyle: { font: 'Archivo', fontSize: 10.5, lineHeight: 1.15 },
    footer: (page, pages) => ({
      columns: [
        {
          text: `${around.shop}. Water, a leak check, then power, then proof. Electrical tests after a repair, and who may do them, are for local codes and licensed practice.`,
          fontSize: 7.5,
        },
        { text: `${page} / ${pages}`, alignment: 'right', width: 40, fontSize: 8 },
      ],
      margin: [36, 8, 36, 0],
    }),
    content: [
      { text: `${maker} ${code}`, fontSize: 22, bold: true },
      { text: printable(`${serial}: the way back, ${steps.length} steps.`), margin: [0, 2, 0, 4] },
      rule(),
      ...content,
    ],
  })
}
