import { nothingLaid, withRecording } from '@dialytica/core/book'
import { madeTruth, toldAnew } from '@dialytica/core/test/told-anew.ts'
import { median, type Line } from './line.ts'

/** Seeds on which nothing was tuned. */
const first = 50_000

/** 20 recordings of one model of 150 steps, a tenth of their acts told otherwise, laid side by side. */
export async function alignRecordings(): Promise<Line> {
  const truth = madeTruth(first, 150)
  // Told anew for each run: what is worked out of a recording once is not at hand.
  const told = (i: number) => Array.from({ length: 20 }, (_, k) => toldAnew(truth, 0.1, first + i * 100 + k).recording)
  const ms = await median(5, i => told(i + 1).reduce(withRecording, nothingLaid))
  return {
    name: 'align-recordings',
    figure: ms,
    unit: 'ms',
    against: 'a second of a worker',
    ratio: ms / 1000,
    target: 'under 1 s',
    holds: ms < 1000,
  }
}
