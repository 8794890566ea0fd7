import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { planReturn } from '../plan/plan.ts'
import { arbitraryLog } from '../test/arbitrary-log.ts'
import { Bench } from '../test/acting.ts'
import { orderDot, orderGraphMl } from './order-graph.ts'
import { returnPage } from './return-page.ts'
import { photosOfReturn } from './return-steps.ts'
import { fastenersCsv, stepsCsv } from './tables.ts'

const read = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data
const screws = {
  kind: 'remove-fasteners',
  place: 'rear panel',
  count: 8,
  fastener: { drive: 'torx', size: 'T20', length: 12 },
}
/** A small job with words that would break a careless writer. */
function job(): Bench {
  const bench = new Bench()
  bench.record(1, 'outside', { ...screws, note: 'one is "long",\nunder the label; ü' })
  bench.record(2, 'outside', { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear'] } })
  bench.record(3, 'drive', { kind: 'remove-part', part: { name: '=SUM(A1) <b>&"belt' } })
  return bench
}

describe('tables', () => {
  it('have a line a move, whatever was typed, and say what was typed', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const { state } = foldAll(log)
        const all = read(stepsCsv(state, 'front-loader'))
        const moves = state.order.toArray().flatMap(id => state.steps.get(id)!.moves)
        expect(all).toHaveLength(moves.length)
        all.forEach((row, i) => {
          expect(row.kind).toBe(moves[i]!.kind)
          const place = moves[i]!.place ?? ''
          expect([place, `'${place}`]).toContain(row.place)
        })
      }),
    )
  })
  it('tell fasteners by what is known of them', () => {
    expect(read(fastenersCsv(job().state, 'front-loader'))).toMatchObject([
      {
        step: '1',
        zone: 'outside',
        place: 'rear panel',
        count: '8',
        drive: 'torx',
        size: 'T20',
        length: '12',
        thread: '',
      },
    ])
  })
  it('compute nothing where they are opened', () => {
    const bench = new Bench()
    bench.record(1, 'outside', { ...screws, place: '=HYPERLINK("x")' })
    expect(read(fastenersCsv(bench.state, 'front-loader'))[0]!.place).toBe('\'=HYPERLINK("x")')
  })
})

describe('the order of a return as a graph', () => {
  it('is GraphML with a node a step and a reason on every edge, and nothing typed becomes a tag', () => {
    const text = orderGraphMl(planReturn(job().state, 'front-loader'))
    expect(text.match(/<node /g)).toHaveLength(3)
    const edges = text.match(/<edge .*<\/edge>/g) ?? []
    expect(edges.length).toBeGreaterThan(0)
    for (const edge of edges) expect(edge).toMatch(/<data key="reason">[a-z ]+<\/data><data key="why">[^<]+<\/data>/)
    expect(text).not.toContain('<b>')
    expect(text).toContain('&#60;b&#62;&#38;&#34;belt')
  })
  it('is DOT in which nothing typed ends a name', () => {
    const text = orderDot(planReturn(job().state, 'front-loader'))
    expect(text).toContain('\\"belt')
    expect(text.match(/->/g)!.length).toBeGreaterThan(0)
  })
})

describe('the return as one page', () => {
  it('shows every step with its cells and photo, and nothing typed becomes a tag', () => {
    const { state } = job()
    const { steps } = planReturn(state, 'front-loader')
    const page = returnPage(state, 'front-loader', steps, 'FL <1>', new Map())
    expect(page.match(/type="checkbox"/g)).toHaveLength(3)
    expect(page).not.toContain('<b>&"belt')
    expect(page).not.toContain('<script')
    expect(photosOfReturn(state, steps)).toEqual([])
  })
})
