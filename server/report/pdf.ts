import { itemNouns } from '@dialytica/core/items'
import type { JobState } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { gates, planReturn } from '@dialytica/core/plan'
import { drawPicture, pictureTold } from '@dialytica/core/readings'
import { renewedWords } from '@dialytica/core/fit'
import { endWords, readingWords, report, type Report } from '@dialytica/core/report'
import { drawValley, profile } from '@dialytica/core/valley'
import type { Content, TableCell } from 'pdfmake/interfaces.js'
import { pdfOf } from '../labels/pdf.ts'
import { grey, heading, list, printable, rule, signature, width, type Around } from './sheet.ts'

/** So many photos stand on the sheet. */
const mostPhotos = 6
function table(r: Report): Content {
  const head = ['kind', 'off', 'back', 'new', 'scrapped', 'missing', 'owed']
  const right = (n: number): TableCell => ({ text: n ? String(n) : '·', alignment: 'right' })
  return {
    table: {
      headerRows: 1,
      widths: ['*', 40, 40, 40, 50, 50, 40],
      body: [
        head.map((text, i) => ({ text, bold: true, alignment: i ? 'right' : 'left' })),
        ...r.balance.map(row => [
          itemNouns[row.item][1],
          right(row.taken),
          right(row.refitted),
          right(row.replaced),
          right(row.scrapped),
          right(row.missing),
          { ...(right(row.owed) as object), bold: row.owed > 0 } as TableCell,
        ]),
      ],
    },
    layout: 'lightHorizontalLines',
    margin: [0, 0, 0, 6],
  }
}

/** What was measured, before the way back and since. */
function readingsOf({ readings }: Report): Content[] {
  if (readings.length === 0) return []
  const head: TableCell[] = ['of', 'before', 'after'].map(text => ({ text, bold: true }))
  const body = readings.map(p => [p.of, readingWords(p.before), readingWords(p.after)].map(printable))
  const pictures = readings.flatMap(({ of, before, after }) => {
    const picture = pictureTold([...before, ...after])
    return picture ? [{ of, picture }] : []
  })
  return [
    heading('Readings'),
    { table: { headerRows: 1, widths: ['*', '*', '*'], body: [head, ...body] }, layout: 'lightHorizontalLines' },
    ...pictures.map(({ of, picture }): Content => ({
      stack: [
        { text: printable(`${of}. ${picture.words}`), fontSize: 8 },
        { svg: drawPicture(picture), width: 260 },
      ],
      margin: [0, 6, 0, 0],
      unbreakable: true,
    })),
  ]
}

async function photosOf(r: Report, around: Around): Promise<Content[]> {
  const shown = await Promise.all(
    r.photos.slice(-mostPhotos).map(async p => {
      const bytes = await around.photo(p.photo.hash)
      return bytes
        ? [
            {
              stack: [
                { image: await grey(bytes), width: 168 },
                { text: `Step ${p.step}. ${p.words}`, fontSize: 8 },
              ],
            },
          ]
        : []
    }),
  )
  const cells = shown.flat()
  if (cells.length === 0) return []
  const rows = Array.from({ length: Math.ceil(cells.length / 3) }, (_, i) => cells.slice(i * 3, i * 3 + 3))
  return [
    heading('As it was left'),
    ...rows.map((columns): Content => ({ columns, columnGap: 9, margin: [0, 0, 0, 6], unbreakable: true })),
  ]
}

/** The proof in few lines: all that passed in one, what failed or was not done each with its words, all that was never told in one. */
function proofLines({ proof, unproved }: Report): string[] {
  const passed = proof.filter(p => p.result === 'passed').map(p => p.name)
  return [
    ...(passed.length ? [`Passed: ${passed.join(', ')}`] : []),
    ...proof.filter(p => p.result !== 'passed').map(p => `${p.name}, ${p.result}: ${p.seen}`),
    ...(unproved.length ? [`Not told: ${unproved.map(u => u.name).join(', ')}`] : []),
  ]
}

/** The checks by hand that were ticked off; where none was, that is what is known. */
const checksWords = ({ checks: { done, of } }: Report): string =>
  of === 0
    ? ''
    : done === 0
      ? `None of ${of} checks by hand was ticked off.`
      : `${done} of ${of} checks by hand were ticked off.`

/** The record sheet of a job as PDF, A4, made for a black-and-white printer. */
export async function recordSheet(state: JobState, family: Family, around: Around): Promise<Buffer> {
  const r = report(state, family)
  const { steps } = planReturn(state, family)
  const when = (at: string) =>
    at
      ? new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone: around.timeZone }).format(
          new Date(at),
        )
      : ''
  const who = (id: string) => around.people.get(id) ?? 'somebody'
  const bars = gates(family, steps).flatMap(g => (g.turn ? [] : [g.step]))
  const total = r.minutes.reduce((n, m) => n + m.minutes, 0)
  const end = r.closed ? `${endWords[r.end]}, ${when(r.closed.at)}, ${who(r.closed.by)}` : `Not closed yet: ${r.phase}`
  const { maker, code, serial } = around.machine
  return pdfOf({
    info: { title: `Record sheet ${code} ${serial}`, producer: 'Dialytica' },
    pageSize: 'A4',
    pageMargins: [36, 36, 36, 92],
    defaultStyle: { font: 'Archivo', fontSize: 10, lineHeight: 1.15 },
    styles: { heading: { fontSize: 12, bold: true, margin: [0, 8, 0, 3] } },
    footer: (page, of) => ({
      stack: [
        signature(page, of, r.closed?.signedBy ?? ' ', r.closed ? when(r.closed.at) : ' '),
        {
          columns: [
            {
              text: `${around.shop}. Electrical tests after a repair, and who may do them, are for local codes and licensed practice.`,
              fontSize: 7.5,
            },
            { text: `${page} / ${of}`, alignment: 'right', width: 40, fontSize: 8 },
          ],
          margin: [0, 8, 0, 0],
        },
      ],
      margin: [36, 8, 36, 0],
    }),
    content: [
      {
        columns: [
          {
            stack: [
              { text: `${maker} ${code}`, fontSize: 22, bold: true },
              { text: serial, font: 'Martian Mono', fontSize: 11 },
            ],
          },
          { stack: [{ text: around.shop, bold: true }, `in ${when(r.opened.at)}`, end], alignment: 'right' },
        ],
      },
      rule(),
      { text: r.complaint || 'No complaint noted', fontSize: 14, bold: true },
      { text: r.seen.map(s => `${s.what}: ${s.value}`).join(' · '), margin: [0, 2, 0, 4] },
      ...(r.closed?.cause
        ? [{ text: `What was wrong: ${r.closed.cause}`, margin: [0, 0, 0, 4] } satisfies Content]
        : []),
      ...(r.closed?.note ? [{ text: r.closed.note, margin: [0, 0, 0, 4] } satisfies Content] : []),
      { svg: drawValley(profile(state, steps), bars, width, 132), width, margin: [0, 4, 0, 6] },
      {
        text: `${r.steps} steps. ${total} min of work: ${r.minutes.map(m => `${m.phase} ${m.minutes}`).join(', ')}. ${checksWords(r)}`,
      },
      heading('Balance'),
      table(r),
      ...(r.owed.length
        ? [
            heading('Still owed'),
            list(
              r.owed.map(o =>
                [o.label, o.zone, o.cell && `cell ${o.cell}`, `step ${o.step}`].filter(Boolean).join(', '),
              ),
              '',
            ),
          ]
        : []),
      heading('Proof'),
      list(proofLines(r), 'Nothing was opened.'),
      ...readingsOf(r),
      {
        columnGap: 18,
        columns: [
          {
            stack: [
              heading('New on the machine'),
              list([...r.renewed.map(renewedWords), ...r.fitted], 'Nothing.'),
              heading('Gates'),
              list(
                r.gates.map(
                  g =>
                    `${g.zones || 'a zone'}, ${when(g.at)}: ${g.owed.length ? `passed over ${g.owed.join(', ')}. Why: ${g.reason}` : 'clean'}${g.counted.length ? `; counted out: ${g.counted.join(', ')}` : ''}${g.uncounted.length ? `; not counted: ${g.uncounted.join(', ')}` : ''}`,
                ),
                'None was passed.',
              ),
            ],
          },
          {
            stack: [
              heading('Found'),
              list(
                [
                  ...r.found,
                  ...r.before.map(b => `Already so before we came: ${b.what}, ${b.how}${b.zone ? `, ${b.zone}` : ''}`),
                  ...r.spoilt.map(s => `Step ${s.step}: ${s.what}, ${s.condition}`),
                  ...(r.live.length ? [`Done before power was isolated: steps ${r.live.join(', ')}`] : []),
                  ...r.leftovers.map(l => `Left over: ${l.what}; ${l.by ?? 'not explained'}`),
                ],
                'Nothing was noted.',
              ),
              heading('Checked and noted'),
              list(
                r.notes.map(n => n.text),
                'Nothing.',
              ),
            ],
          },
        ],
      },
      ...(await photosOf(r, around)),
    ],
  })
}
