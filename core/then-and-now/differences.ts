import type { Glyph } from '../items/kinds.ts'
import { evidenceOf, grid, middleOf, type Evidence } from './evidence.ts'
import type { Grey } from './grey.ts'
import { heapOf, heapsOf } from './heaps.ts'
import type { Spot } from './homography.ts'
import { headLikeness, isTurned } from './round.ts'

/** What is marked on the photo of then, in shares of it. */
export interface Marked extends Spot {
  glyph: Glyph
}

/** A place where two photos differ, in shares of the photo of then; the worse the farther its score is over 1. */
export interface Difference {
  x: number
  y: number
  width: number
  height: number
  score: number
}

/** Sizes in pixels of a picture 800 wide; learnt on trial photos (docs/then-and-now.md). */
const measure = {
  /** A heap at most so wide and high may be the head of a screw that came back at another angle. */
  small: 44,
  /** Evidence from which windows belong to one heap: for such a head, at a mark, anywhere. */
  heap: 0.15,
  atMark: 0.2,
  anywhere: 0.3,
  /** A mark is looked at so far about; the head of a marked screw is left out so far about. */
  about: 18,
  headReach: 20,
  /** Sum of evidence over its bound from which a heap without a mark is told; of a screw's head less is not looked into. */
  told: 11.7,
  turned: 3,
  /** Likeness of its rings from which a marked screw is there; with less, so much evidence is told by how unlike they are. */
  sameHead: 0.92,
  head: 1.5,
} as const

/**
 * Sum of evidence over its bound from which a mark is told. A clip or a tie is small, and shows little when it is missing; a plug that is
 * open shows much, and one that sits is full of edges that light plays on; a line lies a little otherwise each time.
 */
const fromMark: Partial<Record<Glyph, number>> = { connector: 6, line: 4.8 }
const fromAnyMark = 2.7

const { reach, stride } = grid

/** The windows whose middle is at most so many pixels from a place. */
function cellsAbout({ columns, rows }: Evidence, x: number, y: number, far: number): number[] {
  const [c0, c1] = [x - far, x + far].map(v => Math.round((v - reach) / stride))
  const [r0, r1] = [y - far, y + far].map(v => Math.round((v - reach) / stride))
  const cells: number[] = []
  for (let r = Math.max(0, r0!); r <= Math.min(rows - 1, r1!); r++)
    for (let c = Math.max(0, c0!); c <= Math.min(columns - 1, c1!); c++) {
      const i = r * columns + c
      const at = middleOf(i, columns)
      if (Math.hypot(at.x - x, at.y - y) <= far) cells.push(i)
    }
  return cells
}

/** How alike each marked screw is on both pictures; 0 of any other mark. */
const likenesses = (then: Grey, now: Grey, marks: readonly Marked[]): number[] =>
  marks.map(m => (m.glyph === 'fastener' ? headLikeness(then, now, m.x * then.width, m.y * then.height) : 0))

/** Leaves out what is only the head of a screw that came back at another angle: where one is marked, and where one is seen. */
function leaveTurned(evidence: Evidence, then: Grey, now: Grey, sameHeads: readonly Marked[]): void {
  const { at } = evidence
  for (const { x, y } of sameHeads)
    for (const i of cellsAbout(evidence, x * then.width, y * then.height, measure.headReach)) at[i] = 0
  for (const { cells, left, top, right, bottom } of heapsOf(evidence, measure.heap)) {
    if ((right - left) * stride > measure.small || (bottom - top) * stride > measure.small) continue
    // What would not be told anyway is not looked into.
    if (cells.reduce((sum, i) => sum + at[i]!, 0) < measure.turned) continue
    const [x, y] = [((left + right) / 2) * stride + reach, ((top + bottom) / 2) * stride + reach]
    if (isTurned(then, now, x, y)) for (const i of cells) at[i] = 0
  }
}

/** Windows that may be told as one place, and how far they are over what is told: by the sum of what each is over a bound. */
function candidate({ columns, at }: Evidence, cells: readonly number[], over: number, told: number) {
  const sum = cells.reduce((all, i) => all + at[i]! - over, 0)
  return { heap: heapOf(cells, columns), score: sum / told }
}

/**
 * Where two pictures 800 wide differ of which `now` lies over `then`, the worst first. What is marked is what the hand undid: there less is
 * enough to be told than elsewhere, where the light plays. Places that are part of a larger one are not told twice.
 */
export function differences(then: Grey, now: Grey, marks: readonly Marked[] = []): Difference[] {
  const evidence = evidenceOf(then, now)
  const alike = likenesses(then, now, marks)
  leaveTurned(
    evidence,
    then,
    now,
    marks.filter((_, i) => alike[i]! >= measure.sameHead),
  )
  const { at } = evidence
  const found = [
    ...heapsOf(evidence, measure.anywhere).map(({ cells }) =>
      candidate(evidence, cells, measure.anywhere, measure.told),
    ),
    ...marks.map((m, k) => {
      const about = cellsAbout(evidence, m.x * then.width, m.y * then.height, measure.about)
      return candidate(
        evidence,
        about.filter(i => at[i]! > measure.atMark),
        measure.atMark,
        m.glyph === 'fastener' ? measure.head / (1.001 - alike[k]!) : (fromMark[m.glyph] ?? fromAnyMark),
      )
    }),
  ]
    .filter(d => d.score >= 1)
    .sort((p, q) => q.score - p.score)
  const told: typeof found = []
  for (const d of found) if (!told.some(({ heap }) => heap.cells.some(i => d.heap.cells.includes(i)))) told.push(d)
  return told.map(({ heap: { left, top, right, bottom }, score }) => ({
    x: (left * stride) / then.width,
    y: (top * stride) / then.height,
    width: ((right - left) * stride + 2 * reach) / then.width,
    height: ((bottom - top) * stride + 2 * reach) / then.height,
    score,
  }))
}
