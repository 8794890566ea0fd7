/** Numbers from 0 to 1 that follow from a seed (mulberry32), with what is chosen by them. */
export interface Dice {
  (): number
  /** A whole number from `low` to `high`, both included. */
  int(low: number, high: number): number
  pick<T>(values: readonly T[]): T
  /** True with the given likelihood. */
  hit(share: number): boolean
}

export function dice(seed: number): Dice {
  let a = seed >>> 0
  const next = () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const int = (low: number, high: number) => low + Math.floor(next() * (high - low + 1))
  return Object.assign(next, {
    int,
    pick: <T>(values: readonly T[]): T => values[int(0, values.length - 1)]!,
    hit: (share: number) => next() < share,
  })
}
