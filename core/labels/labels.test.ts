import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { cellCode, labelAtEnd, moveCode, readLabel } from './code.ts'
import { drawSheets } from './draw.ts'
import { labelsOf, type Label } from './labels.ts'
import { places, sheets } from './sheets.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'

const job = opening().job
const move = (n: number, body: object) => ({
  id: `a${n}aaaaaa-0000-4000-8000-${String(n).padStart(12, '0')}`,
  way: 'down',
  ...body,
})
const { state } = foldAll([
  opening(),
  event('tray-chosen', { rows: 2, columns: 3 }, 1),
  event(
    'step-recorded',
    {
      step: {
        id: id(1, 's'),
        zone: 'top',
        photos: [],
        marks: [],
        moves: [
          move(1, {
            kind: 'remove-fasteners',
            count: 4,
            fastener: { size: 'T20', length: 18 },
            cell: 'B2',
            place: 'pump',
          }),
          move(2, { kind: 'unplug', connector: { label: 'P1', housing: 'white', ways: 3 }, place: 'drawer flap' }),
          move(3, { kind: 'remove-part', part: { name: 'pump & <bracket>' } }),
        ],
      },
    },
    2,
  ),
])
const all = labelsOf(state, 'front-loader', job, ['cells', 'connectors', 'parts'])
const code = () => '<svg viewBox="0 0 21 21"><path d="M0 0h1v1z"/></svg>'

describe('labels of a job', () => {
  it('are for every cell, plug and part, with what stands on them', () => {
    expect(all.map(l => l.head)).toEqual(['A1', 'A2', 'A3', 'B1', 'B2', 'B3', 'P1', 'pump & <bracket>'])
    expect(all[4]).toMatchObject({ glyph: 'fastener', lines: ['four T20 × 18', 'step 1'] })
    expect(all[6]).toMatchObject({ glyph: 'connector', lines: ['white plug, 3 ways', 'drawer flap', 'top, step 1'] })
  })
  it('have a code that fits the smallest square code and reads back to the item', () => {
    for (const { code, kind, id: item } of all) {
      expect(code).toMatch(/^[0-9A-Z$%*+\-./: ]{1,20}$/)
      const read = readLabel(code.toLowerCase(), state, job)
      expect(read).toMatchObject(
        kind === 'cells' ? { of: 'cell', cell: item } : { of: 'move', move: item, step: id(1, 's') },
      )
    }
  })
  it('of another job, of a move that is not there, and what is no label, are told apart', () => {
    const other = 'bbbbbbbb-0000-4000-8000-000000000000'
    expect(readLabel(cellCode(other, 'A1'), state, job)).toEqual({ of: 'another job', job: 'bbbbbbbb' })
    expect(readLabel(moveCode(job, other), state, job)).toBeNull()
    expect([readLabel('FL-84 2231', state, job), readLabel('%12345678.B', state, job)]).toEqual([null, null])
  })
  it('are found at the end of what a scanner typed after other words', () => {
    expect(labelAtEnd('4x T20 %0000000A.B3')).toEqual({ label: '%0000000A.B3', before: '4x T20' })
    expect([labelAtEnd('4x T20 50% wet'), labelAtEnd('')]).toEqual([null, null])
  })
})

describe.each(sheets.map(s => [s.name, s] as const))('%s', (_, sheet) => {
  const onPage = sheet.columns * sheet.rows
  it('holds its labels within the paper, none over another', () => {
    const at = places(sheet, onPage)
    for (const { x, y, page } of at) {
      expect(page).toBe(0)
      expect(x).toBeGreaterThanOrEqual(0)
      expect(x + sheet.label[0]).toBeLessThanOrEqual(sheet.page[0] + 0.01)
      expect(y + sheet.label[1]).toBeLessThanOrEqual(sheet.page[1] + 0.01)
    }
    for (const [i, a] of at.entries())
      for (const b of at.slice(i + 1))
        expect(
          a.x + sheet.label[0] <= b.x + 0.001 ||
            b.x + sheet.label[0] <= a.x + 0.001 ||
            a.y + sheet.label[1] <= b.y + 0.001,
        ).toBe(true)
  })
  it('goes on after places that are used, page after page', () => {
    const skip = onPage - 1
    expect(places(sheet, onPage + 1, skip).map(p => p.page)).toEqual([0, ...Array(onPage).fill(1)])
    const many = Array.from({ length: onPage + 1 }, () => all[4] as Label)
    expect(drawSheets(sheet, many, code, skip)).toHaveLength(2)
  })
  it('draws each label with its words made safe', () => {
    const [page] = drawSheets(sheet, [all[7] as Label], code)
    expect(page).toContain(`width="${Number(sheet.page[0].toFixed(3))}mm"`)
    expect(page).not.toMatch(/<bracket>|& /)
    expect(page).toContain('viewBox="0 0 21 21"')
  })
})
