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

/** The milliseconds of `n` runs of each of some things, in turns, after some that do not count: what slows the machine down slows all of them. */
export async function inTurns(n: number, warm: number, runs: readonly ((i: number) => unknown)[]): Promise<number[][]> {
  const times = runs.map((): number[] => [])
  for (let i = 0; i < warm + n; i++)
    for (const [of, run] of runs.entries()) {
      const began = performance.now()
      await run(i)
      if (i >= warm) times[of]!.push(performance.now() - began)
    }
  return times
}
