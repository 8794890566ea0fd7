import { parseLine, type LineContext } from '@dialytica/core/quick-line'
import { corpus, told } from '../core/test/corpus.ts'
import { median, type Line } from './line.ts'

const context: LineContext = {
  family: 'front-loader',
  around: { posture: 'upright', isolated: [] },
  id: () => '00000000-0000-4000-8000-000000000001',
}

/** One quick line read, over the whole corpus, against writing and reading its moves as JSON; and how many moves are right. */
export async function readQuickLine(): Promise<Line> {
  const lines = corpus()
  const read = lines.map(l => ({ ...l, got: parseLine(l.line, context).moves }))
  const moves = lines.reduce((n, l) => n + l.moves.length, 0)
  const right = read.reduce((n, { moves, got }) => n + moves.filter((m, i) => got[i] && told(got[i]) === m).length, 0)
  const ms = (await median(15, () => lines.forEach(l => parseLine(l.line, context)))) / lines.length
  const json = (await median(15, () => read.forEach(r => JSON.parse(JSON.stringify(r.got))))) / lines.length
  return {
    name: 'read-quick-line',
    figure: ms,
    unit: 'ms',
    against: `its moves as JSON; ${right} of ${moves} moves of ${lines.length} lines right`,
    ratio: ms / json,
    target: 'under 1 ms, 95 % right',
    holds: ms < 1 && right / moves >= 0.95,
  }
}
