import { describe, expect, it } from 'vitest'
import { readRecord } from '../record/record.ts'
import type { Photo } from '../log/step.ts'
import { uuid } from '../schema/atoms.ts'
import { stepsOfPhotos } from './photos-in.ts'
import { recordOfSteps } from './record-of-steps.ts'
import { guessed, readRows, readTable, stepsOfRows, type Table } from './table-in.ts'

let n = 0
const id = () => `00000000-0000-4000-8000-${(n += 1).toString(16).padStart(12, '0')}`
const table = (text: string): Table => {
  const read = readTable(text)
  if (!read.ok) throw new Error(read.problem)
  return read.table
}
/** Sheets as people keep them: other heads, other separators, words of the bench. */
const bench = `Step;Area;Action;Qty;Screw;Length;Tray;Remark
1;Top;lid screws;2;T20;12;A1;rear edge
2;Top;lid off;;;;;
3;Top;unplug door lock, white 3 way;;;;;press tab
4;Front;take off drawer;;;;;
5;Front;screws of console;3;PH2;16 mm;A2;
6;Base;pump screws;3;T20;18;B1;one longer
6;Base;pump out;;;;;
7;Rear;belt off;;;;;turn pulley by hand
8;Rear;mumble;;;;;`
const short = `"no","what","part"
"1","2x T20x12","top panel"
"2","take off top panel",""
`

describe('a table of somebody else', () => {
  it('is read by what its columns are called', () => {
    expect(guessed(table(bench))).toEqual({ step: 0, zone: 1, says: 2, count: 3, size: 4, length: 5, cell: 6, note: 7 })
    expect(guessed(table(short))).toEqual({ step: 0, says: 1, place: 2 })
    expect(guessed(table('a,b\n1,2'))).toEqual({})
    // Names that mislead: the values say what it is.
    expect(guessed(table('Pos;Where;Bolt;mm;Thing\n1;rear;T20;14;cover comes off\n2;base;8 mm;;pump out'))).toEqual({
      ...{ step: 0, zone: 1, size: 2, length: 3, says: 4 },
    })
  })
  it('becomes moves, row by row, as if it had been typed', () => {
    const rows = readRows(table(bench), guessed(table(bench)), 'front-loader', id)
    expect(rows.map(r => [r.zone, r.moves.map(m => m.kind).join()])).toEqual([
      ['top', 'remove-fasteners'],
      ['top', 'remove-part'],
      ['top', 'unplug'],
      ['front', 'remove-part'],
      ['front', 'remove-fasteners'],
      ['base', 'remove-fasteners'],
      ['base', 'remove-part'],
      ['rear', 'slip-belt'],
      ['rear', ''],
    ])
    expect(rows[0]!.moves[0]).toMatchObject({
      count: 2,
      cell: 'A1',
      note: 'rear edge',
      fastener: { size: 'T20', length: 12 },
    })
    expect(rows[0]!.moves[0]!.place).toContain('lid')
    expect(rows[8]!.problem).toBe('not understood: mumble')
  })
  it('keeps what is not understood as words, and puts rows of one number together', () => {
    const steps = stepsOfRows(readRows(table(bench), guessed(table(bench)), 'front-loader', id), id)
    expect(steps.map(s => s.moves.length)).toEqual([1, 1, 1, 1, 1, 2, 1, 0])
    expect(steps.at(-1)!.title).toBe('mumble')
  })
  it('that cannot be read says what to do', () => {
    for (const text of ['', 'only,a,head', 'a,b\n"open,1\n']) {
      const read = readTable(text)
      expect(read.ok ? '' : read.problem).toMatch(/first row names|not closed/)
    }
  })
  it('whatever is in it, is a record that is read again', () => {
    const hostile = table(
      `says,count,note\n"=cmd()",9999999,"${'x'.repeat(2000)}"\n"${'screw '.repeat(400)}",-1,\n<b>,x,é`,
    )
    const steps = stepsOfRows(readRows(hostile, guessed(hostile), 'top-loader', id), id)
    const record = recordOfSteps(steps, of)
    const read = readRecord(JSON.stringify(record))
    expect(read.ok ? [] : read.problems).toEqual([])
  })
})

const of = {
  machine: { code: 'FL-84', maker: 'Corrane', family: 'front-loader' as const, serial: '1' },
  person: { id: id(), name: 'Pia Sandel' },
  complaint: 'from a table',
  from: new Date('2026-01-05T08:00:00.000Z'),
  id,
  ends: false,
}
const photo = (seconds: number): Photo => ({
  hash: seconds.toString(16).padStart(64, '0'),
  width: 90,
  height: 60,
  takenAt: new Date(Date.UTC(2026, 0, 5, 8) + seconds * 1000).toISOString(),
})

describe('photos of a folder', () => {
  it('are steps in the order of their time, near ones together', () => {
    const steps = stepsOfPhotos([photo(300), photo(0), photo(8), photo(100), photo(15)], 10, id)
    expect(steps.map(s => s.photos.map(p => Date.parse(p.takenAt) % 1e6))).toEqual(
      [[photo(0), photo(8), photo(15)], [photo(100)], [photo(300)]].map(s => s.map(p => Date.parse(p.takenAt) % 1e6)),
    )
    const read = readRecord(JSON.stringify(recordOfSteps(steps, of)))
    if (!read.ok) throw new Error(read.problems[0]!.message)
    expect(read.value.state.order.size).toBe(3)
    expect(read.value.state.closing).toBeNull()
    const closed = readRecord(JSON.stringify(recordOfSteps(steps, { ...of, ends: true })))
    expect(closed.ok && closed.value.state.closing).toMatchObject({ clean: true })
    expect(read.value.record.log.every((e, i, all) => i === 0 || e.at > all[i - 1]!.at)).toBe(true)
    expect(uuid().isValidSync(read.value.record.job)).toBe(true)
  })
})
