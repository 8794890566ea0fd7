/** A sheet of labels, or a tape that is cut label by label. Millimetres, from the top left. */
export interface Sheet {
  id: string
  name: string
  page: readonly [width: number, height: number]
  label: readonly [width: number, height: number]
  columns: number
  rows: number
  left: number
  top: number
  /** From the edge of one label to the edge of the next. */
  gap: readonly [across: number, down: number]
}

const inch = 25.4
const tape = (height: number, width: number): Sheet => ({
  id: `tape-${height}`,
  name: `Tape ${height} mm`,
  page: [width, height],
  label: [width, height],
  columns: 1,
  rows: 1,
  left: 0,
  top: 0,
  gap: [0, 0],
})

/** The sizes that people have: whole sheets of common layouts on A4 and Letter, and narrow tapes. */
export const sheets: readonly Sheet[] = [
  {
    id: 'a4-24',
    name: 'A4, 3 × 8',
    page: [210, 297],
    label: [70, 37],
    columns: 3,
    rows: 8,
    left: 0,
    top: 0.5,
    gap: [0, 0],
  },
  {
    id: 'a4-65',
    name: 'A4, 5 × 13',
    page: [210, 297],
    label: [38.1, 21.2],
    columns: 5,
    rows: 13,
    left: 4.75,
    top: 10.7,
    gap: [2.5, 0],
  },
  {
    id: 'letter-30',
    name: 'Letter, 3 × 10',
    page: [8.5 * inch, 11 * inch],
    label: [2.625 * inch, inch],
    columns: 3,
    rows: 10,
    left: 0.1875 * inch,
    top: 0.5 * inch,
    gap: [0.125 * inch, 0],
  },
  {
    id: 'letter-80',
    name: 'Letter, 4 × 20',
    page: [8.5 * inch, 11 * inch],
    label: [1.75 * inch, 0.5 * inch],
    columns: 4,
    rows: 20,
    left: 0.28 * inch,
    top: 0.5 * inch,
    gap: [0.3133 * inch, 0],
  },
  tape(12, 40),
  tape(18, 50),
  tape(24, 60),
]

/** Where each of `n` labels goes: its page from 0, and its upper left corner. The first `skip` places are already used. */
export function places(sheet: Sheet, n: number, skip = 0): { page: number; x: number; y: number }[] {
  const onPage = sheet.columns * sheet.rows
  return Array.from({ length: n }, (_, i) => {
    const at = i + skip
    const [column, row] = [at % sheet.columns, Math.floor((at % onPage) / sheet.columns)]
    return {
      page: Math.floor(at / onPage),
      x: sheet.left + column * (sheet.label[0] + sheet.gap[0]),
      y: sheet.top + row * (sheet.label[1] + sheet.gap[1]),
    }
  })
}

/** The square of a label on which its code is drawn, with the quiet zone of four modules that ISO/IEC 18004 asks for. */
export function codeSquare(sheet: Sheet): { x: number; y: number; side: number } {
  const [width, height] = sheet.label
  const room = Math.min(height, width / 2)
  // 21 modules and four at each side fill the room.
  const side = Math.min((room * 21) / 29, 20)
  const quiet = (side * 4) / 21
  return { x: width - side - quiet, y: (height - side) / 2, side }
}
