import type { Book, BookAct, BookStep } from '@dialytica/core/book'
import { describe, expect, it } from 'vitest'
import { spineOf } from './spine.ts'

const act = (jobs: number, of: number, minutes: number): BookAct => ({
  id: `${jobs} ${of} ${minutes}`,
  move: { id: 'm', way: 'down', kind: 'isolate', what: 'power' },
  zone: 'outside',
  jobs: Array.from({ length: jobs }, (_, i) => `job ${i}`),
  of,
  minutes: { median: minutes, low: minutes, high: minutes, of: jobs },
  photo: null,
  photos: [],
  standard: false,
  varies: [],
  lessons: [],
  bench: false,
  done: [],
  tools: [],
})
const bookOf = (...steps: BookStep[]): Book => ({
  recordings: Array.from({ length: 4 }, (_, i) => ({
    job: `job ${i}`,
    serial: `${i}`,
    made: undefined,
    at: '',
    by: '',
  })),
  steps,
  ways: [
    { covers: ['top panel'], jobs: ['job 0', 'job 1', 'job 2'] },
    { covers: ['front panel'], jobs: ['job 3'] },
  ],
  minutes: null,
  sister: null,
})

describe('the picture of a book', () => {
  const spine = spineOf(bookOf({ acts: [act(4, 4, 2)] }, { acts: [act(1, 4, 40)] }, { acts: [act(3, 4, 20)] }))
  it('what fewer than half did stands beside the spine, the rest on it, as wide as many jobs did it', () => {
    expect(spine.nodes.map(n => n.isVariant)).toEqual([false, true, false])
    expect(spine.nodes[0]!.half).toBeGreaterThan(spine.nodes[2]!.half)
    expect(spine.nodes[1]!.x).toBeGreaterThan(spine.x)
  })
  it('goes down in the order of the book, a rare step taking its share of the minutes only', () => {
    const [a, b, c] = spine.nodes.map(n => n.y)
    expect(a! < b! && b! < c!).toBe(true)
    expect(spine.ticks.map(t => t.minutes)).toEqual([0, 10, 20])
  })
  it('a way in is as wide as its jobs are many', () => {
    expect(spine.strands.map(s => s.jobs.length)).toEqual([3, 1])
    expect(spine.strands[0]!.width).toBeGreaterThan(spine.strands[1]!.width)
  })
  it('one of a single job has one strand, straight down', () => {
    expect(spineOf({ ...bookOf({ acts: [act(1, 1, 0)] }), ways: [] }).strands).toEqual([])
  })
})
