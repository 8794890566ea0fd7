import { mistakenReturn, quantile, searched, type Mistake } from '@dialytica/core/test/mistaken-return.ts'
import type { Line } from './line.ts'

/** 1,200 generated returns with one hidden mistake each: the rank of the true place and the minutes to it, against undoing in plain reverse. */
export async function findMistake(): Promise<Line> {
  const all: { mistake: Mistake; rank: number; minutes: number; plain: number }[] = []
  for (let seed = 1; all.length < 1200; seed++) {
    const story = mistakenReturn(seed)
    if (story) all.push({ mistake: story.mistake, ...searched(story, seed) })
  }
  console.log('  mistake               jobs  rank 50 % / 90 %  minutes 50 % / 90 %  plain reverse 50 % / 90 %')
  const row = (name: string, of: typeof all) => {
    const at = (key: 'rank' | 'minutes' | 'plain', digits: number) =>
      [0.5, 0.9]
        .map(share =>
          quantile(
            of.map(s => s[key]),
            share,
          ).toFixed(digits),
        )
        .join(' / ')
    console.log(
      `  ${name.padEnd(20)}  ${String(of.length).padStart(4)}  ${at('rank', 0).padStart(16)}  ${at('minutes', 1).padStart(19)}  ${at('plain', 1).padStart(25)}`,
    )
  }
  for (const kind of ['skipped', 'swapped', 'left on the old part'] as const)
    row(
      kind,
      all.filter(s => s.mistake === kind),
    )
  row('all', all)
  const [ours, plain] = [
    quantile(
      all.map(s => s.minutes),
      0.5,
    ),
    quantile(
      all.map(s => s.plain),
      0.5,
    ),
  ]
  return {
    name: 'find-mistake',
    figure: ours,
    unit: 'min',
    against: 'undoing in plain reverse',
    ratio: ours / plain,
    target: 'at most half the minutes',
    holds: ours <= plain / 2,
  }
}
