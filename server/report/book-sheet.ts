import { kitOf, minutesSay, proseOf, type Book, type ProseStep } from '@dialytica/core/book'
import type { Family } from '@dialytica/core/machine'
import type { Column, Content, ContentStack } from 'pdfmake/interfaces.js'
import { pdfOf } from '../labels/pdf.ts'
import { grey, heading, printable, rule, width } from './sheet.ts'

/** What the sheet of a book names besides it. */
interface OfModel {
  shop: string
  maker: string
  code: string
  family: Family
  /** The bytes of a photo, or null where it has not come in. */
  photo(hash: string): Promise<Buffer | null>
}

/** So many photos stand on a sheet at most; each is drawn once, at its step down. */
const mostPhotos = 150
const photoWidth = 150

function stepWords({ number, zone, says, minds, tools }: ProseStep): ContentStack {
  const under = [zone, tools.join(', ')].filter(Boolean).join(' · ')
  return {
    stack: [
      { text: [{ text: `${number}  `, bold: true, fontSize: 12 }, says.map(printable).join(' ')] },
      ...(under ? [{ text: printable(under), color: '#555', fontSize: 8.5 }] : []),
      ...minds.map((m): Content => ({ text: printable(`! ${m}`), fontSize: 9, margin: [10, 1, 0, 0] })),
    ],
  }
}

async function stepDown(step: ProseStep, photo: OfModel['photo'], withPhoto: boolean): Promise<Content> {
  const bytes = withPhoto && step.photo ? await photo(step.photo.hash) : null
  const words: Column = { ...stepWords(step), width: '*' }
  return {
    columns: bytes ? [words, { image: await grey(bytes), width: photoWidth }] : [words],
    columnGap: 12,
    margin: [0, 4, 0, 6],
    unbreakable: true,
  }
}

/** What the model asks for before the first screw. */
function kitLines(book: Book, family: Family): Content[] {
  const { tools, consumables, twoPeople } = kitOf(book, family)
  const line = (title: string, all: readonly string[]): Content[] =>
    all.length ? [{ text: printable(`${title}: ${all.join(', ')}`) }] : []
  return [
    ...line(
      'In hand',
      tools.map(t => t.what),
    ),
    ...line(
      'Have ready',
      consumables.map(c => c.what),
    ),
    ...line('Two people', twoPeople),
  ]
}

/** The book of a model as PDF, A4, for a place without a screen: the whole way down with its photos, and the way back. */
export async function bookSheet(book: Book, of: OfModel): Promise<Buffer> {
  const { down, back } = proseOf(book, of.family)
  const jobs = book.recordings.length
  const from = jobs === 1 ? 'one closed job' : `${jobs} closed jobs`
  const time = book.minutes ? `, down in ${minutesSay(book.minutes.median)} min` : ''
  const pictured = new Set(
    down
      .filter(s => s.photo)
      .slice(0, mostPhotos)
      .map(s => s.number),
  )
  const steps: Content[] = []
  for (const step of down) steps.push(await stepDown(step, of.photo, pictured.has(step.number)))
  return pdfOf({
    info: { title: `${of.maker} ${of.code}, down and back`, producer: 'Dialytica' },
    pageSize: 'A4',
    pageMargins: [36, 36, 36, 54],
    defaultStyle: { font: 'Archivo', fontSize: 10.5, lineHeight: 1.15 },
    styles: { heading: { fontSize: 15, bold: true, margin: [0, 10, 0, 3] } },
    footer: (page, pages) => ({
      columns: [
        {
          text: `${of.shop}. Mains and water off before the first cover. Electrical tests after a repair, and who may do them, are for local codes and licensed practice.`,
          fontSize: 7.5,
        },
        { text: `${page} / ${pages}`, alignment: 'right', width: 40, fontSize: 8 },
      ],
      margin: [36, 8, 36, 0],
    }),
    content: [
      { text: `${of.maker} ${of.code}`, fontSize: 22, bold: true },
      { text: jobs ? `From ${from}${time}.` : 'No job of this model is closed yet.', margin: [0, 2, 0, 4] },
      ...book.ways.map((w): Content => ({
        text: `In by ${w.covers.join(', then ') || 'no cover'}: ${w.jobs.length} of ${jobs}`,
      })),
      ...kitLines(book, of.family),
      rule(),
      heading('Down'),
      ...steps,
      { text: '', pageBreak: 'after' },
      heading('Back'),
      { canvas: [{ type: 'line', x1: 0, y1: 0, x2: width, y2: 0, lineWidth: 0.5 }], margin: [0, 0, 0, 4] },
      ...back.map((s): Content => ({ ...stepWords(s), margin: [0, 3, 0, 4], unbreakable: true })),
    ],
  })
}
