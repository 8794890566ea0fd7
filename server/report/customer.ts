import type { JobState } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { customerReport, type CustomerReport } from '@dialytica/core/report'
import type { Content } from 'pdfmake/interfaces.js'
import { pdfOf } from '../labels/pdf.ts'
import { grey, list, printable, rule, signature, width, type Around } from './sheet.ts'

const heading = (text: string): Content => ({ text, fontSize: 13, bold: true, margin: [0, 12, 0, 3] })
const said = (text: string): Content => ({ text: printable(text) })
/** A part of the page, where there is something to say. */
const part = (title: string, content: Content | null): Content[] => (content ? [heading(title), content] : [])
const lines = (all: readonly string[]): Content | null => (all.length ? list(all, '') : null)
/** So many lines stand beside each other in two columns, so that all is on one page. */
const many = 8
const inTwo = (all: readonly string[]): Content | null => {
  if (all.length < many) return lines(all)
  const half = Math.ceil(all.length / 2)
  return { columns: [list(all.slice(0, half), ''), list(all.slice(half), '')], columnGap: 18 }
}

const ends: Record<CustomerReport['end'], string> = {
  open: 'The repair is not finished.',
  clean: 'Everything that was taken off is back in its place, and it was tried before it was handed over.',
  'not proved': 'Everything that was taken off is back in its place. Not all of it was tried: see below.',
  debts: 'The machine was closed with something still off it: see below, and ask us before you use it.',
  'given up': 'The repair was given up. Do not use the machine: what is named below is off it.',
}

/** The page for a customer of a job as PDF: one A4 page in plain words, made for a black-and-white printer. */
export async function customerPage(state: JobState, family: Family, around: Around): Promise<Buffer> {
  const r = customerReport(state, family)
  const when = (at: string) =>
    at ? new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: around.timeZone }).format(new Date(at)) : ''
  const { maker, code, serial } = around.machine
  const photos = (
    await Promise.all(
      r.photos.map(async ({ photo, words }) => {
        const bytes = await around.photo(photo.hash)
        return bytes
          ? [
              {
                stack: [
                  { image: await grey(bytes), width: 250 },
                  { text: words, fontSize: 9 },
                ],
              },
            ]
          : []
      }),
    )
  ).flat()
  const fresh = r.fresh.map(f => `new ${f.part}${f.number ? `, number ${f.number}` : ''}`)
  return pdfOf({
    info: { title: `Repair of ${code} ${serial}`, producer: 'Dialytica' },
    pageSize: 'A4',
    pageMargins: [36, 40, 36, 104],
    defaultStyle: { font: 'Archivo', fontSize: 11.5, lineHeight: 1.2 },
    footer: (page, pages) => ({
      stack: [
        signature(page, pages, r.signedBy || ' ', when(r.at) || ' '),
        {
          text: printable([around.shop, around.lines.terms].filter(Boolean).join('. ')),
          fontSize: 9,
          margin: [0, 10, 0, 0],
        },
      ],
      margin: [36, 16, 36, 0],
    }),
    content: [
      {
        columns: [
          { stack: [{ text: 'Your washer', fontSize: 24, bold: true }, `${maker} ${code}, ${serial}`] },
          {
            stack: [
              { text: around.shop, bold: true },
              ...[around.lines.address, around.lines.phone, when(r.at)].flatMap(line => (line ? [line] : [])),
            ],
            alignment: 'right',
          },
        ],
      },
      rule(),
      ...part('What you told us', r.complaint ? said(r.complaint) : null),
      ...part('What was wrong', r.cause ? said(r.cause) : null),
      ...part('What was done', lines([...fresh, ...r.done])),
      { text: ends[r.end], margin: [0, 4, 0, 0] },
      ...part('Still off the machine', lines(r.remains)),
      ...part('What was measured', lines(r.readings)),
      ...part('How it was tried', inTwo([...r.tried, ...r.untried])),
      ...part('So that it does not come back', r.advice.length ? said(r.advice.join(' ')) : null),
      ...part('From the workshop', r.note ? said(r.note) : null),
      ...(photos.length
        ? [{ columns: photos, columnGap: width - 500, margin: [0, 16, 0, 0], unbreakable: true } as Content]
        : []),
    ],
  })
}
