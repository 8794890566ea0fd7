import { describe, expect, it } from 'vitest'
import { madeTruth, toldAnew, type ToldAnew } from '../test/told-anew.ts'
import { nothingLaid, without, withRecording, type Laid } from './columns.ts'

const laidOf = (told: readonly ToldAnew[]): Laid =>
  told.reduce((laid, { recording }) => withRecording(laid, recording), nothingLaid)

/** Of all pairs of acts of two recordings that are one act in truth: the share that stands in one column; and of all that stand so, the share that is none. */
function figures(told: readonly ToldAnew[]): { true: number; found: number; said: number; wrong: number } {
  const ids = new Map(told.map(t => [t.recording.job, t.ids]))
  const [said, sum] = [new Set<string>(), { true: 0, found: 0, said: 0, wrong: 0 }]
  const isOne = (a: readonly number[], b: readonly number[]) => a.some(id => b.includes(id))
  for (const { told: all } of laidOf(told).columns)
    for (const a of all)
      for (const b of all)
        if (a.job < b.job && !said.has(`${a.job} ${a.at} ${b.job} ${b.at}`)) {
          said.add(`${a.job} ${a.at} ${b.job} ${b.at}`)
          sum.said += 1
          if (!isOne(ids.get(a.job)![a.at]!, ids.get(b.job)![b.at]!)) sum.wrong += 1
        }
  for (const one of told)
    for (const other of told)
      if (one.recording.job < other.recording.job)
        for (const [x, a] of one.ids.entries())
          for (const [y, b] of other.ids.entries())
            if (isOne(a, b)) {
              sum.true += 1
              if (said.has(`${one.recording.job} ${x} ${other.recording.job} ${y}`)) sum.found += 1
            }
  return sum
}

describe('recordings laid side by side', () => {
  // Seeds on which nothing was tuned; much of each is told in haste, without place and size.
  it.each([
    [0.1, 0.97],
    [0.25, 0.9],
  ])(
    'with %f of the acts told otherwise, %f of the true pairs are found, and hardly one that is none',
    (noise, least) => {
      const all = Array.from({ length: 10 }, (_, m) => {
        const truth = madeTruth(9000 + m, 40 + m * 8)
        return figures(Array.from({ length: 5 }, (_, k) => toldAnew(truth, noise, 900_000 + m * 10 + k)))
      })
      const sum = (key: 'true' | 'found' | 'said' | 'wrong') => all.reduce((n, f) => n + f[key], 0)
      expect(sum('found') / sum('true')).toBeGreaterThan(least)
      expect(sum('wrong') / sum('said')).toBeLessThan(0.05)
    },
  )
  it('one that is told again takes the place of what it told before, and one that goes leaves nothing', () => {
    const truth = madeTruth(77, 60)
    const told = Array.from({ length: 4 }, (_, k) => toldAnew(truth, 0.2, 4400 + k))
    const laid = laidOf(told)
    const count = (l: Laid) => l.columns.reduce((n, c) => n + new Set(c.told.map(t => `${t.job} ${t.at}`)).size, 0)
    const again = withRecording(laid, told[1]!.recording)
    expect(again.recordings).toHaveLength(4)
    expect(count(again)).toBe(count(laid))
    const [last] = told.slice(-1)
    // Where as many speak for one order as for another, the order may stay as it was.
    const set = (l: Laid) => l.columns.map(c => JSON.stringify(c.told)).sort()
    expect(set(without(laid, last!.recording.job))).toEqual(set(laidOf(told.slice(0, -1))))
    expect(told.reduce((l, t) => without(l, t.recording.job), laid)).toEqual(nothingLaid)
  })
  it('every act of every recording stands in a column, in its own order where nobody tells another', () => {
    const truth = madeTruth(78, 60)
    const one = toldAnew(truth, 0, 1)
    expect(withRecording(nothingLaid, one.recording).columns.flatMap(c => c.told.map(t => t.at))).toEqual(
      one.recording.doings.map((_, i) => i),
    )
    const told = Array.from({ length: 3 }, (_, k) => toldAnew(truth, 0.3, 50 + k))
    const laid = laidOf(told)
    for (const { recording } of told)
      for (const at of recording.doings.keys())
        expect(laid.columns.some(c => c.told.some(t => t.job === recording.job && t.at === at))).toBe(true)
  })
})
