import { dice } from '@dialytica/core/test/dice.ts'
import { weigh, type Weighed } from '@dialytica/core/weighing'
import { median, type Line } from './line.ts'

/** A pocket scale and 40 cells of fasteners that were weighed in; one to four pieces of up to two groups are missing or too many. */
function tray(seed: number) {
  const d = dice(seed)
  const lots = Array.from({ length: 40 }, (_, i) => ({
    id: String(i),
    count: d.int(1, 8),
    piece: { grams: 0.8 + d.int(0, 2400) / 100, error: 0.02 },
  }))
  const should = lots.reduce((sum, l) => sum + l.count * l.piece.grams, 0)
  const astray = [d.int(0, 39), d.int(0, 39)].slice(0, d.int(1, 2))
  const off = astray.reduce((sum, i) => sum - Math.min(lots[i]!.count, d.int(1, 2)) * lots[i]!.piece.grams, 0)
  return { lots, should, on: should + off + 0.05 * (2 * d() - 1) }
}

/** What a tray of 40 cells holds by its mass, up to four pieces, against adding up its masses once. */
export async function weighTray(): Promise<Line> {
  const trays = Array.from({ length: 20 }, (_, i) => tray(i + 1))
  const found: Weighed[] = []
  const ms = await median(9, () => {
    found.length = 0
    for (const { lots, on, should } of trays) found.push(weigh(lots, on, 0.1, 4, should))
  })
  const plain = await median(9, () => {
    let sum = 0
    for (const { lots } of trays) for (const l of lots) sum += l.count * l.piece.grams
    return sum
  })
  const each = ms / trays.length
  const told = found.filter(f => f.verdict !== 'cannot tell').length
  return {
    name: 'weigh-tray',
    figure: each,
    unit: 'ms',
    ratio: ms / plain,
    against: 'adding up the masses once',
    target: `40 cells, up to 4 pieces, under 100 ms; ${told} of ${trays.length} trays can be told by a scale of 0.1 g`,
    holds: each < 100,
  }
}
