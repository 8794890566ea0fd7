import { sum } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line, curveBumpY } from 'd3-shape'
import { saidOnce, type Book, type BookStep } from '@dialytica/core/book'

/** A step on the picture of a book: where it stands, how wide its bar is by support, and what leans on it. */
export interface Node {
  index: number
  x: number
  y: number
  /** Half of the width of the spine here. */
  half: number
  /** True where less than half of the jobs have it: it stands beside the spine. */
  isVariant: boolean
  /** The way from the spine to a variant and back. */
  branch: string
  traps: number
}
/** A way in at the head: a strand that joins the spine, as wide as its jobs are many. */
export interface Strand {
  path: string
  width: number
  x: number
  covers: readonly string[]
  jobs: readonly string[]
}
/** The picture of a book, in pixels: a spine along the minutes of the descent, variants beside it, ways in at its head. */
export interface Spine {
  width: number
  height: number
  x: number
  nodes: readonly Node[]
  strands: readonly Strand[]
  outline: string
  ticks: readonly { y: number; minutes: number }[]
}

const width = 250
const middle = 112
const widest = 15
const head = 74
/** A step takes at least so much of the height. */
const least = 14

const supportOf = ({ acts }: BookStep): number => Math.max(...acts.map(a => a.jobs.length / a.of))
/** The minutes that a step takes of a job, as often as it is done. */
const minutesOf = ({ acts }: BookStep): number => sum(acts, a => ((a.minutes?.median ?? 0) * a.jobs.length) / a.of)

/** The geometry of the picture of a book: at most as high as it has to be for every step to be told apart. */
export function spineOf(book: Book): Spine {
  const all = book.steps.map(step => ({ step, minutes: minutesOf(step) }))
  const total = sum(all, s => s.minutes) || 1
  const room = Math.max(320, all.length * 18)
  let y = head
  let minutes = 0
  const ticks: { y: number; minutes: number }[] = [{ y, minutes: 0 }]
  const nodes = all.map(({ step, minutes: own }, index): Node => {
    const tall = Math.max(least, (own / total) * room)
    const at = y + tall / 2
    const before = y
    y += tall
    minutes += own
    if (Math.floor(minutes / 10) > Math.floor((minutes - own) / 10))
      ticks.push({ y, minutes: Math.floor(minutes / 10) * 10 })
    const support = supportOf(step)
    const isVariant = support < 0.5
    const x = isVariant ? middle + 58 : middle
    const branch = isVariant
      ? (line().curve(curveBumpY)([
          [middle, before - 6],
          [x, at],
          [middle, y + 6],
        ]) ?? '')
      : ''
    return {
      index,
      x,
      y: at,
      half: support * widest,
      isVariant,
      branch,
      traps: saidOnce(step.acts.flatMap(a => a.lessons)).length,
    }
  })
  const trunk = nodes.filter(n => !n.isVariant)
  const outline = trunk.length
    ? `M${middle - 3} ${head}${trunk.map(n => `L${middle - n.half} ${n.y}`).join('')}L${middle} ${y + 8}${trunk
        .toReversed()
        .map(n => `L${middle + n.half} ${n.y}`)
        .join('')}L${middle + 3} ${head}Z`
    : ''
  const jobs = Math.max(1, book.recordings.length)
  const at = scaleLinear([0, Math.max(1, book.ways.length - 1)], book.ways.length > 1 ? [40, 190] : [middle, middle])
  const strands = book.ways.map(({ covers, jobs: own }, i): Strand => {
    const x = at(i)
    const path = line().curve(curveBumpY)([
      [x, 22],
      [middle, head + 4],
    ])
    return { path: path ?? '', width: Math.max(2, (own.length / jobs) * widest * 2), x, covers, jobs: own }
  })
  return { width, height: y + 24, x: middle, nodes, strands, outline, ticks }
}
