import { searchOrder, type SearchNode } from '@dialytica/core/search'
import { dice } from '@dialytica/core/test/dice.ts'
import { median, type Line } from './line.ts'

/** 300 holes under 60 nested covers: the exact order, against one of 30 holes. */
export async function findAmongHoles(): Promise<Line> {
  const instance = (holes: number, seed: number): SearchNode[] => {
    const d = dice(seed)
    const covers = Math.max(1, holes / 5)
    const under = (n: number) => (n === 0 || d.hit(0.2) ? [] : [`o${d.int(0, n - 1)}`])
    return [
      ...Array.from({ length: covers }, (_, i) => ({
        id: `o${i}`,
        likelihood: 0,
        minutes: d.int(1, 12),
        under: under(i),
      })),
      ...Array.from({ length: holes }, (_, i) => ({
        id: `h${i}`,
        likelihood: d() / holes,
        minutes: 0.2 + d(),
        under: under(covers),
      })),
    ]
  }
  const many = Array.from({ length: 9 }, (_, i) => instance(300, i))
  const few = Array.from({ length: 9 }, (_, i) => instance(30, i))
  const ms = await median(31, i => searchOrder(many[(i + 9) % 9]!))
  const small = await median(31, i => searchOrder(few[(i + 9) % 9]!))
  const exact = many.every(nodes => searchOrder(nodes).exact)
  return {
    name: 'find-among-holes',
    figure: ms,
    unit: 'ms',
    against: '30 holes',
    ratio: ms / small,
    target: 'under 20 ms, exact on forests',
    holds: ms < 20 && exact,
  }
}
