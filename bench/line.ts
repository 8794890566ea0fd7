/** One line of the bench: a figure, what it is held against in the same run, and whether the target holds. */
export interface Line {
  name: string
  figure: number
  unit: string
  /** What the ratio is taken against. */
  against: string
  ratio: number
  target: string
  holds: boolean
}
export type Measure = () => Promise<Line>

/** The time under which so large a share of some times lies. */
export const under = (share: number, times: readonly number[]): number =>
  times.toSorted((a, b) => a - b)[Math.floor(share * (times.length - 1))]!

/** Median of the milliseconds of `n` runs, after one that does not count. */
export async function median(n: number, run: (i: number) => unknown): Promise<number> {
  await run(-1)
  const times: number[] = []
  for (let i = 0; i < n; i++) {
    const began = performance.now()
    await run(i)
    times.push(performance.now() - began)
  }
  return times.sort((a, b) => a - b)[n >> 1]!
}
