import { parseLine, type LineContext } from '@dialytica/core/quick-line'
import { spokenLines } from '../scripts/learn-lines/lines.ts'
import { measure } from '../scripts/learn-lines/measure.ts'
import { median, type Line } from './line.ts'

const context: LineContext = {
  family: 'front-loader',
  around: { posture: 'upright', isolated: [] },
  id: () => '00000000-0000-4000-8000-000000000001',
}

/** Milliseconds that each line takes, the middle of so many readings. */
async function times(lines: readonly string[]): Promise<number[]> {
  const all: number[] = []
  for (const line of lines) all.push(await median(5, () => parseLine(line, context)))
  return all.sort((a, b) => a - b)
}

/** One quick line read, at the 95th percentile of the lines that are held back, against writing and reading its moves as JSON; and how many items are right. */
export async function readQuickLine(): Promise<Line> {
  const lines = spokenLines().filter(l => l.held)
  // A line is read at every key that is typed: long before its end the reader has run some hundred times.
  for (let round = 0; round < 10; round++) lines.forEach(l => parseLine(l.text, context))
  const all = await times(lines.map(l => l.text))
  const ms = all[Math.floor(all.length * 0.95)]!
  const read = lines.map(l => parseLine(l.text, context).moves)
  const json = (await median(15, () => read.forEach(moves => JSON.parse(JSON.stringify(moves))))) / lines.length
  const { items, allRight } = measure(lines).all
  return {
    name: 'read-quick-line',
    figure: ms,
    unit: 'ms',
    against: `its moves as JSON; ${allRight} of ${items} items of ${lines.length} unseen lines all right`,
    ratio: ms / json,
    target: '95 in 100 lines under 1 ms',
    holds: ms < 1,
  }
}
